import { writeBackup } from '../../src/formats/backup';
import { PAGES } from '../../src/offline/places';
import { demoDataset } from '../../src/store/demo';
import type { Dataset } from '../../src/records';
import { bareDataset, datasetAtBounds } from '../support/at-bounds';
import { AppInBrowser } from '../browser/harness';

const app = AppInBrowser.ofFile('demo');

/** Every page; the one of a job last, for no other is reached from it by the row of pages. */
const PATHS = [...PAGES.filter((page) => page !== '/work'), '/work?job=job-winter-ring'];

/** Of every bike, each page until nothing on it moves any more: `npm run reliability`. */
const isFull = process.env.RELIABILITY === 'full';

/** What no page says to a person, whatever it is given. */
const NONSENSE = /NaN|Infinity|Invalid|undefined|\[object/;

/** Where something is divided by, counted or written that may be absent: wear, outcomes, timers, stock. */
const OF_ABSENT = ['/compatibility', '/jobs', '/log', '/parts', '/rides', '/work?job=job-winter-ring'];

/** The lowest in the long form alone, for all pages take as long again. */
const CASES: readonly [string, (demo: Dataset) => Dataset, readonly string[]][] = [
  ['every number of every record at its lowest', (demo) => datasetAtBounds(demo, -1), PATHS],
  ['every number of every record at its highest', (demo) => datasetAtBounds(demo, 1), PATHS],
  ['nothing that may be absent', bareDataset, isFull ? PATHS : OF_ABSENT],
];

test.each(isFull ? CASES : CASES.slice(1))(
  'every page stands with %s',
  async (name, of, paths) => {
    const dataset = of(demoDataset());
    await app.begin('/settings');
    await app.give('[data-testid=backup-file]', { 'bounds.json': writeBackup(dataset, '2026-11-28T00:00:00.000Z') });
    await app.clickText('button', 'Replace the 4 here');
    await app.gone('[aria-label="Import backup"]');
    const said: string[] = [];
    for (const { id } of isFull ? dataset.bikes : dataset.bikes.slice(0, 1)) {
      await app.driver.executeAsyncScript(
        `const [id, done] = arguments; const open = indexedDB.open('rontel');
         open.onsuccess = () => { const t = open.result.transaction('preferences', 'readwrite'); const s = t.objectStore('preferences');
           s.get('preferences').onsuccess = ({ target }) => s.put({ ...target.result, currentBikeId: id });
           t.oncomplete = () => { open.result.close(); done(); }; };`,
        id,
      );
      await app.open('/gears');
      for (const page of paths) {
        if (page.startsWith('/work')) await app.open(page);
        else await app.follow(page);
        await app.driver.wait(async () => new URL(await app.driver.getCurrentUrl()).pathname === page.split('?')[0]);
        await app.find('main h1, main [data-gear], main section, main form');
        if (isFull) await app.settled();
        const text = await app.text('body');
        const found = NONSENSE.exec(text);
        if (found) said.push(`${page} ${id}: …${text.slice(Math.max(0, found.index - 60), found.index + 40)}…`);
        if (/Something went wrong on this page/i.test(text)) said.push(`${page} ${id}: ${text.slice(0, 300)}`);
      }
    }
    for (const line of await app.complaints()) said.push(line);
    expect([name, said]).toEqual([name, []]);
  },
  400_000,
);
