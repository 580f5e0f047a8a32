import ts from 'typescript';import fs from 'fs';import path from 'path';
import {parse as icuParse} from '@formatjs/icu-messageformat-parser';
const NS={bench:'bench',chart:'chart',explain:'explain',fields:'fields',finding:'finding',glossary:'terms',keeping:'backup',shell:'frame',shop:'shop',verdict:'verdict',ladder:'ladder',brief:'needs',compare:'compare',data:'settings',find:'find',fit:'compatibility',gears:'gears',learn:'learn',log:'log',rides:'rides',schedule:'schedule',shelf:'parts',swap:'jobs',work:'workshop'};
const files=process.argv.slice(3); const write=process.argv[2]==='write';
const cfg=ts.getParsedCommandLineOfConfigFile('tsconfig.json',{},{...ts.sys,onUnRecoverableConfigFileDiagnostic(){}});
const program=ts.createProgram(cfg.fileNames,cfg.options); const checker=program.getTypeChecker();
const UNITS=/\b(km\/h|mph|km|mm|cm|kg|lb|oz|rpm|ft|in|min|Nm|ms|MB|KB|csv|CSV|GPX|TCX|FIT|J)\b/g;
const hasWord=s=>/\p{L}{2,}/u.test(s.replace(UNITS,''));
const cap=s=>s[0].toUpperCase()+s.slice(1);
const camel=s=>{const w=s.normalize('NFD').replace(/[^A-Za-z0-9]+/g,' ').trim().split(' ').filter(Boolean); return w.map((x,i)=>i===0?x[0].toLowerCase()+x.slice(1):cap(x)).join('');};
const constName=s=>/^[A-Z0-9_]+$/.test(s)?camel(s.toLowerCase()):s;
const report=[]; const cats=new Map();
const cat=part=>{if(!cats.has(part)){const p=`src/messages/en/${part}.json`;cats.set(part,fs.existsSync(p)?JSON.parse(fs.readFileSync(p,'utf8')):{});}return cats.get(part);};
const putKey=(part,key,text)=>{let x=cat(part);const ks=key.split('.');for(const k of ks.slice(0,-1)){if(typeof x[k]==='string')throw new Error('blocked');x=x[k]??={};}const l=ks.at(-1);if(x[l]!==undefined)return x[l]===text;x[l]=text;return true;};
const esc=s=>s.replace(/'(?=[{}])/g,"''").replace(/[{}]/g,c=>"'"+c+"'");
for(const f of files){
  const sf=program.getSourceFile(path.resolve(f)); const src=sf.text; const seg=f.split('/');
  let part,imp,section=camel(path.basename(f).replace(/\.tsx?$/,''));
  if(seg[1]==='messages'){part='jobCard';imp='./text';}
  else if(f==='src/kit/words.ts'){part='common';imp='./text';}
  else {part=NS[seg[2]]; imp=f.includes('/glossary/')?'./terms-text':'./text';}
  if(!part){report.push('no part '+f);continue;}
  let used=false;
  const q=n=>n.getText(sf);
  function nameOf(e){
    if(ts.isIdentifier(e))return e.text;
    if(ts.isNonNullExpression(e)||ts.isParenthesizedExpression(e)||ts.isAsExpression(e))return nameOf(e.expression);
    if(ts.isPropertyAccessExpression(e))return e.name.text==='length'?nameOf(e.expression)+'Count':e.name.text;
    if(ts.isElementAccessExpression(e)){const a=nameOf(e.argumentExpression);return ts.isIdentifier(e.argumentExpression)?a:constName(nameOf(e.expression));}
    if(ts.isCallExpression(e)){const c=e.expression; if(ts.isPropertyAccessExpression(c)&&['join','map','toFixed','toLowerCase','at','slice','toLocaleString'].includes(c.name.text))return nameOf(c.expression);
      const args=e.arguments.filter(a=>(ts.isIdentifier(a)&&!['units','unit','undefined'].includes(a.text))||ts.isPropertyAccessExpression(a)||ts.isNonNullExpression(a)||ts.isElementAccessExpression(a)||ts.isBinaryExpression(a)||ts.isCallExpression(a)||ts.isPrefixUnaryExpression(a)); if(args.length)return nameOf(args[0]); return nameOf(c).replace(/(Text|Of)$/,'');}
    if(ts.isBinaryExpression(e))return nameOf(e.left);
    if(ts.isPrefixUnaryExpression(e))return nameOf(e.operand);
    if(ts.isConditionalExpression(e))return nameOf(e.condition);
    if(ts.isTemplateExpression(e)&&e.templateSpans[0])return nameOf(e.templateSpans[0].expression);
    return 'value';}
  const isText=n=>ts.isStringLiteral(n)||ts.isNoSubstitutionTemplateLiteral(n);
  const strip=e=>{while(ts.isParenthesizedExpression(e))e=e.expression;return e;};
  const isConcat=e=>ts.isBinaryExpression(e)&&e.operatorToken.kind===ts.SyntaxKind.PlusToken&&(isText(strip(e.left))||isText(strip(e.right))||ts.isTemplateExpression(strip(e.left))||ts.isTemplateExpression(strip(e.right))||isConcat(strip(e.left)));
  const literalish=e=>{e=strip(e);return isText(e)||ts.isTemplateExpression(e)||isConcat(e)||(ts.isConditionalExpression(e)&&(literalish(e.whenTrue)||literalish(e.whenFalse)));};
  const textIn=e=>{e=strip(e); if(isText(e))return e.text; if(ts.isTemplateExpression(e))return [e.head.text,...e.templateSpans.flatMap(s=>[literalish(s.expression)?textIn(s.expression):'',s.literal.text])].join(' '); if(isConcat(e))return textIn(e.left)+' '+textIn(e.right); if(ts.isConditionalExpression(e))return textIn(e.whenTrue)+' '+textIn(e.whenFalse); return '';};
  // -> {icu, params:[[name,exprText]]}
  function build(e){
    const params=[]; 
    const add=(name,expr)=>{name=name.replace(/[^A-Za-z0-9]/g,'')||'value'; name=constName(name); if(/^[A-Z]/.test(name))name=name[0].toLowerCase()+name.slice(1); const same=params.find(p=>p[1]===expr); if(same)return same[0]; let n=name,i=2; while(params.some(p=>p[0]===n))n=name+i++; params.push([n,expr]); return n;};
    const go=(e,guard,plural)=>{ e=strip(e);
      if(isText(e))return esc(e.text);
      if(ts.isTemplateExpression(e)){let s=esc(e.head.text); for(const sp of e.templateSpans)s+=span(sp.expression,guard,plural)+esc(sp.literal.text); return s;}
      if(isConcat(e))return go2(e.left,guard,plural)+go2(e.right,guard,plural);
      return span(e,guard,plural);};
    const go2=(e,g,p)=>literalish(e)?go(e,g,p):span(e,g,p);
    const span=(e,guard,plural)=>{ e=strip(e);
      if(isText(e)||ts.isTemplateExpression(e)||isConcat(e))return go(e,guard,plural);
      if(plural!==undefined&&q(e)===plural)return '#';
      if(ts.isConditionalExpression(e)&&(literalish(e.whenTrue)||literalish(e.whenFalse))&&hasWord(textIn(e))){
        const c=strip(e.condition);
        if(ts.isBinaryExpression(c)&&c.operatorToken.kind===ts.SyntaxKind.EqualsEqualsEqualsToken&&q(c.right)==='1'){
          const type=checker.getTypeAtLocation(c.left); if(checker.typeToString(type)==='number'||type.flags&ts.TypeFlags.NumberLike){
          const n=add(nameOf(c.left),guard?guard(q(c.left),'0'):q(c.left)); return `{${n}, plural, =1 {${go2(e.whenTrue,guard,q(c.left))}} other {${go2(e.whenFalse,guard,q(c.left))}}}`;}}
        const test=q(c); const n=add(nameOf(c),(guard?guard(`${wrap(test)} ? 'yes' : 'no'`,"'no'"):`${wrap(test)} ? 'yes' : 'no'`));
        const gT=(x,d="''")=>{const y=`${wrap(test)} ? ${x} : ${d}`;return guard?guard(y,d):y;}; const gF=(x,d="''")=>{const y=`${wrap(test)} ? ${d} : ${x}`;return guard?guard(y,d):y;};
        return `{${n}, select, yes {${go2(e.whenTrue,gT,plural)}} other {${go2(e.whenFalse,gF,plural)}}}`;}
      const text=emitExpr(e); const n=add(nameOf(e),guard?guard(text):text); return `{${n}}`;};
    const wrap=t=>/\?\?|\|\||&&|\?/.test(t)?`(${t})`:t;
    const icu=literalish(e)?go(e):span(e);
    return {icu,params};}
  function keyFor(node,text){
    const segs=[]; let n=node;
    while(n.parent){const p=n.parent;
      if(ts.isPropertyAssignment(p)&&p.initializer===n){const k=p.name; segs.unshift(ts.isStringLiteral(k)||ts.isNumericLiteral(k)?camel(k.text):ts.isComputedPropertyName(k)?'x':k.text);}
      else if(ts.isCaseClause(p)&&p.statements.includes(n)&&isText(p.expression))segs.unshift(camel(p.expression.text)||'empty');
      else if(ts.isFunctionDeclaration(p)||ts.isMethodDeclaration(p)){ if(p.name)segs.unshift(p.name.getText(sf)); }
      else if(ts.isVariableDeclaration(p)&&ts.isIdentifier(p.name)&&(p.parent.parent.parent===sf||ts.isArrowFunction(p.initializer??p)))segs.unshift(constName(p.name.text));
      n=p;}
    let base=[section,...segs].filter((s,i,a)=>s&&s!==a[i-1]).join('.');
    return base;}
  function say(node){ // returns replacement text
    const {icu,params}=build(node);
    try{icuParse(icu,{ignoreTag:true});}catch(x){report.push('ICU '+f+': '+icu+' '+x);return undefined;}
    const base=keyFor(node,icu); const words=camel(icu.replace(/\{[^{}]*\}/g,' ').replace(/[{}#]/g,' ').replace(/\b(select|plural|other|yes)\b/g,' ').split(/\s+/).slice(0,8).join(' ')).split(/(?=[A-Z])/).slice(0,5).join('')||'text';
    let key=base; const inTable=/\./.test(base)&&(ts.isPropertyAssignment(node.parent)||(ts.isReturnStatement(node.parent)&&ts.isCaseClause(node.parent.parent)));
    const put=(k)=>{try{return putKey(part,k,icu);}catch{return 'blocked';}};
    if(!inTable||put(key)!==true){ let b=base; for(let i=1;i<60;i++){ key=b+'.'+words+(i>1?i:''); const r=put(key); if(r===true)break; if(r==='blocked')b=b.replace(/([^.]+)$/,'$1Words'); if(i===59)throw new Error('no key '+base+' '+icu);} }
    used=true;
    return params.length===0?`t('${key}')`:`t('${key}', { ${params.map(([n,x])=>n===x?n:`${n}: ${x}`).join(', ')} })`;}
  const isPlainString=n=>{const c=checker.getContextualType(n); if(!c)return undefined; const str=checker.typeToString(c); const parts=c.isUnion()?c.types:[c]; return parts.some(x=>x.flags&ts.TypeFlags.String||(x.flags&ts.TypeFlags.TypeParameter)||str==='ReactNode')&&!parts.some(x=>x.flags&ts.TypeFlags.StringLiteral);};
  function wanted(n){
    if(!(isText(n)||ts.isTemplateExpression(n)||(ts.isBinaryExpression(n)&&isConcat(n))))return false;
    const p=n.parent;
    if(ts.isImportDeclaration(p)||ts.isExportDeclaration(p)||ts.isLiteralTypeNode(p)||ts.isCaseClause(p)||ts.isElementAccessExpression(p)||(ts.isPropertyAssignment(p)&&p.name===n)||ts.isExpressionStatement(p)||ts.isTaggedTemplateExpression(p))return false;
    if(ts.isBinaryExpression(p)&&p.operatorToken.kind!==ts.SyntaxKind.PlusToken&&p.operatorToken.kind!==ts.SyntaxKind.QuestionQuestionToken&&p.operatorToken.kind!==ts.SyntaxKind.BarBarToken&&p.operatorToken.kind!==ts.SyntaxKind.AmpersandAmpersandToken)return false;
    const cal=(x=>{while(x&&!ts.isCallExpression(x)&&!ts.isBlock(x))x=x.parent;return x;})(p); if(ts.isCallExpression(p)&&p.expression.getText(sf)==='t')return false;
    if(!hasWord(textIn(n)))return false;
    const plain=isPlainString(n); if(plain===false)return false;
    if(plain===undefined&&isText(n)&&!/\s/.test(n.text.trim())){ const t=checker.getTypeAtLocation(p); if(!(ts.isConditionalExpression(p)||ts.isReturnStatement(p)||ts.isTemplateSpan(p)||ts.isArrowFunction(p)))return false; }
    return true;}
  // conditional whose both branches text & is inside nothing: handled by branches separately.
  function emitExpr(n){return emit(n).slice(n.getStart(sf)-n.getFullStart());}
  function emit(n){
    if(wanted(n)){const r=say(n); if(r!==undefined)return src.slice(n.getFullStart(),n.getStart(sf))+r;}
    let out='',pos=n.getFullStart();const kids=[];ts.forEachChild(n,c=>{kids.push(c)});kids.sort((a,b)=>a.getFullStart()-b.getFullStart());
    for(const c of kids){if(c.getFullStart()<pos)continue;out+=src.slice(pos,c.getFullStart())+emit(c);pos=c.getEnd();}
    return out+src.slice(pos,n.getEnd());}
  let out=emit(sf)+src.slice(sf.endOfFileToken.getEnd());
  if(used){ if(!new RegExp(`import \\{[^}]*\\bt\\b[^}]*\\} from '${imp}'`).test(out)){ const imports=[...out.matchAll(/^import [\s\S]*?;\n/gm)]; const last=imports.at(-1); const line=`import { t } from '${imp}';\n`; out=last?out.slice(0,last.index+last[0].length)+line+out.slice(last.index+last[0].length):line+'\n'+out; } }
  if(write)fs.writeFileSync(f,out); else {fs.mkdirSync('/tmp/cat/out',{recursive:true});fs.writeFileSync('/tmp/cat/out/'+f.replace(/\//g,'__'),out);}
}
if(write)for(const[p,d]of cats)fs.writeFileSync(`src/messages/en/${p}.json`,JSON.stringify(d,null,2)+'\n');
else for(const[p,d]of cats)fs.writeFileSync(`/tmp/cat/out/${p}.json`,JSON.stringify(d,null,2)+'\n');
console.log(report.join('\n'));
