import { STEP_IDS } from '../../src/core/job';
import { writeBackup } from '../../src/formats/backup';
import { demoDataset } from '../../src/store/demo';
import { writeTcx } from '../../src/formats/ride/tcx';
import { seededRandom, simulateRide } from '../support/rides';
import { TOURER } from '../support/setups';
import { AppInBrowser } from '../browser/harness';

const app = AppInBrowser.ofFile('demo');

/** Of each kind; `npm run reliability` makes it 50. Those of a tab that is typed in are in `browser/faults.test.ts`. */
const KILLS = Math.ceil(Number(process.env.RONTEL_KILLS ?? 8) / 2);

/** What is kept, for a look at it from a page of the same origin that runs nothing. */
type Stored = Record<string, readonly { readonly id: string }[]>;

/**
 * Begins something on a page in a tab of its own and kills the tab at a moment up to `withinMs` later.
 * @returns what the page said just before
 */
async function killedAt(path: string, begin: () => Promise<unknown>, withinMs: number): Promise<string> {
  const watch = await app.driver.getWindowHandle();
  await app.driver.switchTo().newWindow('tab');
  const tab = await app.driver.getWindowHandle();
  await app.open(path);
  await begin();
  const said = await app.driver.executeAsyncScript<string>(
    'const [after, done] = arguments; setTimeout(() => done(document.body.innerText), after);',
    withinMs,
  );
  await app.driver.switchTo().window(watch);
  await app.killTab(tab);
  return said;
}

const press = (find: string) => app.driver.executeScript(`(${find}).click()`);

/** Of a backup: of 5,000 notes, each known by its text. */
const NOTES = 5000;

test(
  `a tab killed ${KILLS} times while a backup is imported: all of it is there, or nothing of it`,
  async () => {
    const random = seededRandom(29);
    const demo = demoDataset();
    const texts = ['even', 'odd'];
    const files = texts.map((text) =>
      writeBackup(
        { ...demo, notes: Array.from({ length: NOTES }, (_, i) => ({ ...demo.notes[0]!, id: `note-${i}`, text })) },
        '2026-11-28T00:00:00.000Z',
      ),
    );
    await app.begin('/settings');
    await app.find('[data-testid=backup-file]');
    await app.driver.get(`${app.url}/icon.svg`);
    let last = 'demo';
    for (let kill = 0; kill < KILLS; kill += 1) {
      await killedAt(
        '/settings',
        async () => {
          await app.give('[data-testid=backup-file]', { 'notes.json': files[kill % 2]! });
          await app.find('[data-testid=differences]');
          await press(
            `[...document.querySelectorAll('button')].find((one) => one.textContent.startsWith('Replace the'))`,
          );
        },
        // Up to a moment by which it is sure to be over.
        Math.floor(random() * 1800),
      );
      const { notes } = await app.stored<{ notes: { text: string }[] }>();
      const now = notes.length === NOTES ? [...new Set(notes.map(({ text }) => text))].join() : 'demo';
      // Those of before or those of the file, whole: nothing is half there.
      expect([last, texts[kill % 2]]).toContain(now);
      if (now === 'demo') expect(notes).toHaveLength(demo.notes.length);
      last = now;
    }
    await app.open('/settings');
    await app.find('[data-testid=kept]');
  },
  300_000 + KILLS * 60_000,
);

test(
  `a tab killed ${KILLS} times at a sign-off: the job is over with all that it means, or nothing has changed`,
  async () => {
    const random = seededRandom(31);
    for (let kill = 0; kill < KILLS; kill += 1) {
      await app.begin('/settings');
      await app.find('[data-testid=kept]');
      await app.driver.get(`${app.url}/icon.svg`);
      const steps = Object.fromEntries(STEP_IDS.filter((id) => id !== 'signOff').map((id) => [id, { doneAtMs: 1 }]));
      await app.driver.executeAsyncScript(
        `const [progress, done] = arguments; const open = indexedDB.open('rontel');
         open.onsuccess = () => { const t = open.result.transaction('jobs', 'readwrite'); const jobs = t.objectStore('jobs');
           jobs.get('job-mountain').onsuccess = ({ target }) =>
             jobs.put({ ...target.result, state: 'inHand', at: 'signOff', progress });
           t.oncomplete = () => { open.result.close(); done(); }; };`,
        steps,
      );
      const before = await app.stored<Record<string, unknown>>();
      await killedAt(
        '/work?job=job-mountain',
        async () => {
          await app.clickText('button', 'works');
          await app.find('[data-testid=sign]:not([disabled])');
          await press(`document.querySelector('[data-testid=sign]')`);
        },
        Math.floor(random() * 250),
      );
      const after = await app.stored<Record<string, { id: string; state?: string; rank?: number }[]>>();
      const isOver = after.jobs!.find(({ id }) => id === 'job-mountain')!.state === 'done';
      const isSame = ['bikes', 'setups', 'parts', 'jobs', 'history'].map(
        (table) => JSON.stringify(after[table]) === JSON.stringify(before[table]),
      );
      // Signed off it is another setup that is on the bike, with its parts, a re-check is booked, and undo knows of it.
      expect(isSame).toEqual(isOver ? [true, false, false, false, false] : [true, true, true, true, true]);
      if (isOver) expect(after.jobs!.length).toBe((before.jobs as unknown[]).length + 1);
    }
  },
  300_000 + KILLS * 60_000,
);

test(
  `a tab killed ${KILLS} times while a ride comes in: ride, recording and step of undo, or none of them`,
  async () => {
    const random = seededRandom(37);
    await app.begin('/settings');
    await app.driver.get(`${app.url}/icon.svg`);
    for (let kill = 0; kill < KILLS; kill += 1) {
      const before = await app.stored<Stored>();
      const { recording } = simulateRide({ setup: TOURER, rolloutMm: 2192.8, seconds: 900, seed: kill });
      const file = writeTcx(`Ride ${kill}`, Date.UTC(2026, 8, 1) + kill * 86_400_000, recording);
      const said = await killedAt(
        '/rides',
        () => app.give('[data-testid=ride-files]', { 'ride.tcx': file }),
        Math.floor(random() * 1200),
      );
      const after = await app.stored<Stored>();
      const grew = ['rides', 'recordings', 'history'].map((table) => after[table]!.length - before[table]!.length);
      expect([
        [0, 0, 0],
        [1, 1, 1],
      ]).toContainEqual(grew);
      if (/saved as a ride/.test(said)) expect(grew).toEqual([1, 1, 1]);
    }
  },
  300_000 + KILLS * 60_000,
);

test(
  `a tab killed ${KILLS} times while a photo is taken: the whole photo is there, or none`,
  async () => {
    const random = seededRandom(41);
    await app.begin('/settings');
    const photo = Buffer.from(await app.drawn(1600), 'base64');
    await app.driver.get(`${app.url}/icon.svg`);
    for (let kill = 0; kill < KILLS; kill += 1) {
      const before = await app.stored<Stored>();
      const said = await killedAt(
        '/work?job=job-winter-ring',
        async () => {
          await app.give('[data-testid=photo-file]', { 'workspace.png': photo });
        },
        Math.floor(random() * 900),
      );
      const after = await app.stored<Stored>();
      const grew = ['photos', 'history'].map((table) => after[table]!.length - before[table]!.length);
      expect([
        [0, 0],
        [1, 1],
      ]).toContainEqual(grew);
      if (/Remove this photo/.test(said)) expect(grew).toEqual([1, 1]);
    }
    await app.open('/work?job=job-winter-ring');
    const kept = (await app.stored<Stored>()).photos!.length;
    const shown = () =>
      app.driver.executeScript<number>(
        `return [...document.querySelectorAll('[data-testid=step] figure img')].filter((one) => one.naturalWidth > 0).length`,
      );
    await app.driver.wait(async () => (await shown()) === kept, 60_000, 'a photo that is kept is not shown');
  },
  300_000 + KILLS * 60_000,
);
