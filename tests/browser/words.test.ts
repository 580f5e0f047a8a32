import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { rowsOf } from '../support/table';
import { AppInBrowser } from './harness';
import { NAMED_VIEWS, openView } from './views';

const app = AppInBrowser.ofFile('demo');
beforeAll(async () => {
  // Every message is written in letters that look like those of English and are others.
  await app.onEveryPage('globalThis.RONTEL_PSEUDO = true;');
  await app.begin('/settings');
});

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
const OPENED = rowsOf(`
shortcuts               | /gears               | [data-gear]               | ? |                                  | .ant-modal dl
glossary                | /gears               | [data-gear]               | m |                                  | [data-testid=glossary]
details of a setup      | /gears               | [data-gear]               | e |                                  | .ant-drawer, .ant-modal
working of a figure     | /gears               | [data-gear]               |   | main button[aria-expanded=false] | main button[aria-expanded=true]
a part                  | /parts               | [data-part=chain-worn]    |   | [data-part=chain-worn]           | #part-name
deletion of everything  | /settings            | [data-testid=kept]        |   | .ant-btn-dangerous               | .ant-popconfirm, .ant-modal
the gear card on paper  | /gears?view=shifting | [data-gear]               | k |                                  | [data-testid=print-sheet]
the comparison on paper | /compare             | [data-gear]               | k |                                  | [data-testid=print-sheet]
the log on paper        | /log                 | [data-testid=timeline] li | k |                                  | [data-testid=print-sheet]
a job card on paper     | /jobs                | [data-testid=card-steps]  | k |                                  | [data-testid=print-sheet]
`) as [name: string, path: string, shown: string, key: string, pressed: string, opens: string][];

test.each(OPENED)('so does all that %s says', async (_, path, shown, key, pressed, opens) => {
  await app.open(path);
  await app.find(shown);
  await app.driver.executeScript('window.print = () => {}');
  if (key) await app.press(key);
  if (pressed) await app.click(pressed);
  await app.find(opens);
  await app.settled();
  const data = namesIn(await app.stored());
  expect(foreign(await app.driver.executeScript<string[]>(TEXTS), data)).toEqual([]);
});
