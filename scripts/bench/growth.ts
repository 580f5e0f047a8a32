import type { AppInBrowser } from '../../tests/browser/harness';
import { median } from './figures';
import { OPEN } from './page-probe';

/** A list that grows over the years: what is copied, how often, and how it is opened. */
interface Growing {
  readonly name: string;
  /** Table of the database whose records are copied, of the bike on the bench where they belong to one. */
  readonly table: 'rides' | 'parts' | 'jobs';
  readonly few: number;
  readonly many: number;
  /** The link that leads to the list, and what is on screen when it is there. */
  readonly link: string;
  readonly shown: string;
  /** Where the link stands; left out, it is the first of its group. */
  readonly from?: '/jobs';
}

export const GROWING: readonly Growing[] = [
  { name: 'Rides', table: 'rides', few: 50, many: 5000, link: '/rides', shown: '[aria-label=Rides] li' },
  { name: 'Shelf', table: 'parts', few: 100, many: 5000, link: '/parts', shown: '[data-part]', from: '/jobs' },
  { name: 'Swap', table: 'jobs', few: 20, many: 2000, link: '/jobs', shown: '[aria-label="Jobs of this bike"] li' },
  {
    name: 'Schedule',
    table: 'jobs',
    few: 20,
    many: 2000,
    link: '/schedule',
    shown: '[data-testid=board]',
    from: '/jobs',
  },
  { name: 'Log', table: 'jobs', few: 20, many: 2000, link: '/log', shown: '[data-testid=timeline] li', from: '/jobs' },
];

/** Fills a table up to `count` with copies of what is in it, back through the years: a ride a day, jobs that are done. */
const FILL = `
  const [table, count, done] = arguments;
  const open = indexedDB.open('rontel');
  open.onsuccess = () => {
    const db = open.result;
    const work = db.transaction([table, 'preferences'], 'readwrite');
    const store = work.objectStore(table);
    const all = store.getAll();
    const DAY = 86_400_000;
    all.onsuccess = () => {
      const had = all.result;
      const from = table === 'jobs' ? had.filter(({ state }) => state === 'done') : had;
      for (let i = had.length; i < count; i += 1) {
        const copy = structuredClone(from[i % from.length]);
        const back = (i + 10) * DAY;
        copy.id += '-copy-' + i;
        if (table === 'rides') { copy.startedAtMs -= back; copy.digest = String(i).padStart(8, '0') + copy.digest.slice(8); }
        if (table === 'jobs') { copy.createdAtMs -= back; copy.finishedAtMs -= back; }
        if (table === 'parts') { copy.mounts = []; copy.name += ' ' + i; }
        store.put(copy);
      }
    };
    work.oncomplete = () => { db.close(); done(); };
  };`;

/** Pages that lists are opened from, and what is on screen there. */
const AWAY = { '/needs': '[data-testid=climb-speed]', '/jobs': '[data-testid=card-steps]' } as const;
const TRIES = 7;

/** Milliseconds to open a list with `count` entries: by its link, and with the page itself. */
async function openingMs(
  app: AppInBrowser,
  growing: Growing,
  count: number,
): Promise<{ readonly byLink: number; readonly withPage: number }> {
  const away = growing.from ?? '/needs';
  await app.begin(away);
  await app.driver.executeAsyncScript(FILL, growing.table, count);
  const [byLink, withPage]: [number[], number[]] = [[], []];
  await app.open(away);
  for (let i = 0; i < TRIES; i += 1) {
    byLink.push(await app.driver.executeAsyncScript<number>(OPEN, growing.link, growing.shown));
    await app.click(`nav a[href="${away}"]`);
    await app.find(AWAY[away]);
  }
  for (let i = 0; i < TRIES; i += 1) {
    await app.open(growing.link);
    await app.find(growing.shown);
    withPage.push(await app.driver.executeScript<number>('return performance.now()'));
  }
  // The first has to load the stage.
  return { byLink: median(byLink.slice(1)), withPage: median(withPage) };
}

interface Growth {
  readonly name: string;
  readonly byLinkMs: readonly [few: number, many: number];
  readonly withPageMs: readonly [few: number, many: number];
}

export async function growthOf(app: AppInBrowser, growing: Growing): Promise<Growth> {
  const few = await openingMs(app, growing, growing.few);
  const many = await openingMs(app, growing, growing.many);
  return {
    name: `${growing.name}, ${growing.few} → ${growing.many} ${growing.table}`,
    byLinkMs: [few.byLink, many.byLink],
    withPageMs: [few.withPage, many.withPage],
  };
}
