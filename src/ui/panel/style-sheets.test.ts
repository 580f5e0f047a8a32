import { readFileSync, readdirSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';

const SOURCE = join(__dirname, '..', '..');
const files = readdirSync(SOURCE, { recursive: true, encoding: 'utf8' }).map((name) => join(SOURCE, name));
const read = (path: string) => readFileSync(path, 'utf8');
const withoutComments = (text: string) => text.replace(/\/\*[\s\S]*?\*\//g, '');
const sheets = files
  .filter((path) => path.endsWith('.css'))
  .map((path) => [path, withoutComments(read(path))] as const);

/** Each declaration of a property, as "path: value". */
const valuesOf = (property: RegExp) =>
  sheets.flatMap(([path, text]) =>
    [...text.matchAll(/([a-z-]+): ([^;{}]+);/g)]
      .filter(([, name]) => property.test(name!))
      .map(([, , value]) => `${path.slice(SOURCE.length)}: ${value}`),
  );

test('letters have one of six sizes, wherever they stand', () => {
  const sizes = valuesOf(/^font-size$/);
  expect(sizes.length).toBeGreaterThan(50);
  expect(sizes.filter((one) => !/: (var\(--text-[1-6]\)|inherit)( !important)?$/.test(one))).toEqual([]);
  const tokens = new Set(read(join(SOURCE, 'app/global.css')).match(/--text-\d/g));
  expect([...tokens].sort()).toEqual([1, 2, 3, 4, 5, 6].map((n) => `--text-${n}`));
});

test('the component library takes its letters from the same sizes', () => {
  const px = [...read(join(SOURCE, 'app/global.css')).matchAll(/--text-\d: (\d+)px/g)].map(([, size]) => size);
  const theme = [...read(join(SOURCE, 'ui/theme/component-theme.ts')).matchAll(/fontSize\w*: (\d+)/g)];
  expect(theme.length).toBeGreaterThan(3);
  expect(theme.filter(([, size]) => !px.includes(size))).toEqual([]);
});

test('distances come from one scale; a line’s width and a measure of a layout are not distances', () => {
  const distances = valuesOf(/^((row-|column-)?gap|(padding|margin)(-[a-z-]+)?)$/);
  expect(distances.length).toBeGreaterThan(300);
  const isOfItsOwn = (value: string) =>
    [...value.matchAll(/(?<![\w.-])([\d.]+)px/g)].some(([, px]) => Number(px) > 1 && Number(px) <= 24);
  expect(distances.filter(isOfItsOwn)).toEqual([]);
});

test('every class of a style sheet is used, and every class that is used is there', () => {
  const wrong: string[] = [];
  const used = new Map<string, Set<string>>();
  for (const path of files.filter((name) => /\.tsx?$/.test(name) && !name.endsWith('.test.ts'))) {
    const text = read(path);
    for (const [, name, from] of text.matchAll(/import (\w+) from '([^']+\.module\.css)'/g)) {
      const sheet = normalize(join(dirname(path), from!));
      const own = used.get(sheet) ?? new Set<string>();
      used.set(sheet, own);
      for (const [, one] of text.matchAll(new RegExp(`\\b${name}\\.(\\w+)`, 'g'))) if (one !== 'module') own.add(one!);
      if (new RegExp(`\\b${name}\\[`).test(text)) own.add('any');
    }
  }
  for (const [path, text] of sheets) {
    for (const [, names, from] of text.matchAll(/composes: ([\w ]+) from '([^']+)'/g))
      names!.split(' ').forEach((name) => used.get(normalize(join(dirname(path), from!)))?.add(name));
  }
  for (const [path, text] of sheets.filter(([name]) => name.endsWith('.module.css'))) {
    const selectors = text.replace(/\{[^{}]*\}/g, '{}').replace(/:global\([^)]*\)/g, '');
    const defined = new Set([...selectors.matchAll(/\.([A-Za-z]\w*)/g)].map(([, name]) => name!));
    const own = used.get(path) ?? new Set<string>();
    if (!own.has('any')) wrong.push(...[...defined].filter((name) => !own.has(name)).map((name) => `${path} .${name}`));
    wrong.push(...[...own].filter((name) => name !== 'any' && !defined.has(name)).map((name) => `${path} no ${name}`));
  }
  expect(wrong).toEqual([]);
});
