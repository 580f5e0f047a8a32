import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { AppInBrowser } from './harness';
import { NAMED_VIEWS, openView, type View } from './views';

const PAPER = '[data-testid=print-sheet]';

let app: AppInBrowser;
beforeAll(async () => {
  app = await AppInBrowser.start('demo');
  // Every message is written in letters that look like those of English and are others.
  await app.onEveryPage('globalThis.RONTEL_PSEUDO = true;');
  await app.begin('/settings');
});
afterAll(() => app.stop());

/** What needs no translation: units, file types, the app's name, gears and keys. */
const SYMBOLS =
  /^(km|mm|cm|kg|lb|oz|in|ft|min|rpm|Nm|ms|mph|MB|KB|Rontel|CSV|PNG|SVG|GPX|TCX|FIT|Ctrl|Shift|Esc|Alt|Enter|Home|End|Page|Up|Down|EUR|speeds|links|turns|gears|clicks)$/;

/** What parts of the component library say of themselves to a screen reader. */
const OF_THE_LIBRARY = [
  'segmented control',
  'Increase Value',
  'Decrease Value',
  'Expand row',
  'Select all',
  'Select row',
];

/** Months, days of the week and currencies, which the browser writes. */
const OF_THE_BROWSER = /^(Euro|Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec|Mon|Tue|Wed|Thu|Fri|Sat|Sun)$/;

/** Names that records hold: kinds of parts, and the demo workshop. */
const NAMES = ['src/core/catalog/freehubs.ts', 'src/core/catalog/shift-families.ts', ...demoSources()];

function demoSources(): string[] {
  return readdirSync('src/store')
    .filter((file) => /^demo.*(?<!\.test)\.ts$/.test(file))
    .map((file) => join('src/store', file));
}

/** What is written in these sources, a line each. */
function writtenIn(files: readonly string[]): string {
  const found: string[] = [];
  for (const file of files) {
    const look = (node: ts.Node) => {
      if (ts.isStringLiteralLike(node) || ts.isTemplateLiteralToken(node)) found.push(node.text);
      ts.forEachChild(node, look);
    };
    look(ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true));
  }
  return found.join('\n').toLowerCase();
}

const allowed = writtenIn(NAMES);

/** Every text on the page, and every one that is said for what is on it. */
// Scripts change what is on the page; what is there without them nobody sees then.
const TEXTS = `
  const texts = [];
  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_ELEMENT | NodeFilter.SHOW_TEXT);
  while (walk.nextNode()) {
    const node = walk.currentNode;
    if (node.nodeType === Node.TEXT_NODE) {
      if (!node.parentElement.closest('script, style, noscript')) texts.push(node.data);
    } else if (!node.closest('.anticon')) {
      for (const name of ['aria-label', 'title', 'placeholder', 'alt']) {
        if (node.hasAttribute(name)) texts.push(node.getAttribute(name));
      }
    }
  }
  return texts;`;

/** The number of a build, which may have letters anywhere. */
const FINGERPRINT = /\b[0-9a-f]{8}\b/g;

/** Every word, and every stretch of words, that records hold as a value. */
function namesIn(stored: unknown): ReadonlySet<string> {
  const names = new Set<string>();
  JSON.stringify(stored, (_, value: unknown) => {
    if (typeof value === 'string')
      for (const words of phrasesOf(value)) for (const word of [words, ...words.split(/[ ,’-]+/)]) names.add(word);
    return value;
  });
  return names;
}

const phrasesOf = (text: string) => text.match(/[A-Za-z][a-z]+(?:[ ,’-]+[A-Za-z][a-z]+)*/g) ?? [];

/** Stretches of plain letters that no source of a name or a unit has. */
function foreign(texts: readonly string[], data: ReadonlySet<string>): string[] {
  const phrases = texts.flatMap((text) => phrasesOf(text.replace(FINGERPRINT, '')));
  const isKnown = (words: string) =>
    OF_THE_LIBRARY.includes(words) ||
    OF_THE_BROWSER.test(words) ||
    allowed.includes(words.toLowerCase()) ||
    data.has(words);
  return [...new Set(phrases)].filter(
    (phrase) => !isKnown(phrase) && !phrase.split(/[ ,’-]+/).every((word) => SYMBOLS.test(word) || isKnown(word)),
  );
}

test.each(NAMED_VIEWS)(
  'all that %s says comes from the catalogue, and nothing keeps anybody from reading it',
  async (_, view) => {
    await openView(app, view);
    const data = namesIn(await app.stored());
    expect(foreign(await app.driver.executeScript<string[]>(TEXTS), data)).toEqual([]);
    expect(await app.faults()).toEqual([]);
  },
);

/** What opens over a view, or goes to paper from it; by keys, or by what is pressed. */
const OPENED: readonly (View & {
  readonly name: string;
  readonly press?: readonly string[];
  readonly opens: string;
})[] = [
  { name: 'shortcuts', path: '/gears', shown: '[data-gear]', keys: ['?'], opens: '.ant-modal dl' },
  { name: 'glossary', path: '/gears', shown: '[data-gear]', keys: ['m'], opens: '[data-testid=glossary]' },
  { name: 'details of a setup', path: '/gears', shown: '[data-gear]', keys: ['e'], opens: '.ant-drawer, .ant-modal' },
  {
    name: 'working of a figure',
    path: '/gears',
    shown: '[data-gear]',
    press: ['main button[aria-expanded=false]'],
    opens: 'main button[aria-expanded=true]',
  },
  {
    name: 'a part',
    path: '/parts',
    shown: '[data-part=chain-worn]',
    press: ['[data-part=chain-worn]'],
    opens: '#part-name',
  },
  {
    name: 'deletion of everything',
    path: '/settings',
    shown: '[data-testid=kept]',
    press: ['.ant-btn-dangerous'],
    opens: '.ant-popconfirm, .ant-modal',
  },
  { name: 'the gear card on paper', path: '/gears?view=shifting', shown: '[data-gear]', keys: ['k'], opens: PAPER },
  { name: 'the comparison on paper', path: '/compare', shown: '[data-gear]', keys: ['k'], opens: PAPER },
  { name: 'the log on paper', path: '/log', shown: '[data-testid=timeline] li', keys: ['k'], opens: PAPER },
  { name: 'a job card on paper', path: '/jobs', shown: '[data-testid=card-steps]', keys: ['k'], opens: PAPER },
];

test.each(OPENED.map((one) => [one.name, one] as const))('so does all that %s says', async (_, one) => {
  await app.open(one.path);
  await app.find(one.shown);
  await app.driver.executeScript('window.print = () => {}');
  for (const key of one.keys ?? []) await app.press(key);
  for (const css of one.press ?? []) await app.click(css);
  await app.find(one.opens);
  await app.settled();
  const data = namesIn(await app.stored());
  expect(foreign(await app.driver.executeScript<string[]>(TEXTS), data)).toEqual([]);
});
