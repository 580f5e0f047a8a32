import { Key } from 'selenium-webdriver';
import { writeBackup } from '../../src/formats/backup';
import type { BikeRecord } from '../../src/records';
import { demoDataset } from '../../src/store/demo';
import type { HistoryEntry } from '../../src/store/history-entry';
import { seededRandom } from '../support/rides';
import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('demo');

/** `npm run reliability` makes it 100. */
const KILLS = Number(process.env.RONTEL_KILLS ?? 2);
/** Confirmed writes before the tab is killed, at most. */
const CONFIRMED_MAX = 6;

interface Kept {
  readonly bikes: readonly BikeRecord[];
  readonly history: readonly HistoryEntry[];
}
const tourer = ({ bikes }: Kept) => bikes.find(({ id }) => id === 'estuary-tourer')!;
const tyreOf = (bike: BikeRecord | undefined) => Math.round(bike!.wheelsets[0]!.tyreWidthMm * 100);

/**
 * Types one tyre width after the other as fast as the page takes them, and remembers the last one that the page
 * has shown as kept; answers when `count` were. Each is two hundredths wider, or narrower: their rollouts are told apart.
 */
const TYPE_ON = `
  const [from, step, count, done] = arguments;
  const field = document.getElementById('tyre');
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const rollout = (hundredths) => (Math.PI * (622 + (2 * hundredths) / 100)).toFixed(1);
  const shown = () => document.querySelector('[data-testid=rollout-used]').textContent;
  let typed = from;
  const type = () => { typed += step; set.call(field, String(typed / 100)); field.dispatchEvent(new Event('input', { bubbles: true })); };
  let confirmed = from;
  let seen = 0;
  setInterval(() => {
    type();
    for (let width = typed; width !== confirmed; width -= step) {
      if (!shown().startsWith(rollout(width))) continue;
      confirmed = width; seen += 1; break;
    }
    if (seen >= count && done) done(confirmed);
  }, 15);`;

test(
  `a tab killed ${KILLS} times while it writes: nothing half-written, nothing confirmed lost`,
  async () => {
    const random = seededRandom(23);
    await app.begin('/gears');
    await app.reach('tyre');
    // A page of the same origin that runs nothing, to look at what is kept.
    await app.driver.get(`${app.url}/icon.svg`);
    const watch = await app.driver.getWindowHandle();
    let last = tyreOf(tourer(await app.stored<Kept>()));
    let written = 0;
    let step = 2;
    for (let kill = 0; kill < KILLS; kill += 1) {
      await app.driver.switchTo().newWindow('tab');
      const tab = await app.driver.getWindowHandle();
      await app.driver.get(`${app.url}/gears`);
      await app.reach('tyre');
      const count = 1 + Math.floor(random() * CONFIRMED_MAX);
      // To and fro, far from what a tyre cannot be: a machine that stands still types on.
      if (last > 5500) step = -2;
      if (last < 4500) step = 2;
      const confirmed = await app.driver.executeAsyncScript<number>(TYPE_ON, last, step, count).catch(async () => {
        const shows = [await app.value('tyre'), await app.text('[data-testid=rollout-used]')];
        throw new Error(`after ${kill} kills nothing more was confirmed from ${last} on; it shows ${shows.join(', ')}`);
      });
      await app.driver.switchTo().window(watch);
      // The process of the tab ends as if its machine had lost it: no page hears of it.
      await app.killTab(tab);
      const kept = await app.stored<Kept>();
      const width = tyreOf(tourer(kept));
      expect((width - confirmed) * step).toBeGreaterThanOrEqual(0);
      // A write is two records, the bike and the step of undo: both are there or neither.
      const steps = kept.history.filter(({ undone }) => undone === 0);
      const change = steps.at(-1)!.changes.find(({ id }) => id === 'estuary-tourer');
      expect(tyreOf(change!.after as BikeRecord)).toBe(width);
      written += Math.abs(width - last);
      last = width;
    }
    expect(written).toBeGreaterThan(KILLS);
    await app.open('/gears');
    await app.shows('[data-testid=rollout-used]', (Math.PI * (622 + (2 * last) / 100)).toFixed(1));
  },
  300_000 + KILLS * 60_000,
);

test('no room left on the disk: said, nothing half done; with room again it goes on', async () => {
  // Of the browser itself, below everything of the app's, and before it has asked how much there is.
  const full = await AppInBrowser.start('demo');
  try {
    const giveRoom = (quotaSize?: number) =>
      full.devTools('Storage.overrideQuotaForOrigin', { origin: full.url, ...(quotaSize && { quotaSize }) });
    await giveRoom(1_500_000);
    await full.open('/settings');
    const before = await full.stored();
    const demo = demoDataset();
    // Told apart in every letter, for the browser packs what it writes.
    const random = seededRandom(43);
    const letters = () =>
      Array.from({ length: 1500 }, () => String.fromCharCode(0x4e00 + Math.floor(random() * 20000)));
    const notes = Array.from({ length: 1000 }, (_, i) => ({
      ...demo.notes[0]!,
      id: `note-${i}`,
      text: letters().join(''),
    }));
    const file = writeBackup({ ...demo, notes }, '2026-11-28T00:00:00.000Z');
    await full.give('[data-testid=backup-file]', { 'notes.json': file });
    await full.clickText('button', 'Replace the 4 here');
    await full.shows('.ant-notification', 'out of storage');
    expect(await full.stored()).toEqual(before);
    await giveRoom();
    await full.clickText('button', 'Replace the 4 here');
    await full.gone('[aria-label="Import backup"]');
    expect((await full.stored()).notes).toHaveLength(1000);
  } finally {
    await full.stop();
  }
});

/** Each worker of a page falls over soon after its start, until `window.fall` is taken back. */
const FALLING = `const Real = Worker; window.fall = true; window.fallen = 0;
  window.Worker = class extends Real { constructor(...all) { super(...all);
    if (window.fall) setTimeout(() => {
      this.dispatchEvent(new ErrorEvent('error', { message: 'out of memory' })); window.fallen += 1; }, 20); } };`;

test('a worker that falls over is said, the page goes on, and the next search runs', async () => {
  const allow = await app.onEveryPage(FALLING);
  try {
    await app.begin('/find');
    await app.shows('main', 'The search failed');
    await app.shows('main', 'the worker could not start: try again, or reload the page');
    await app.holds('setup', '48/32 x 11-36');
    await app.driver.executeScript('window.fall = false');
    await app.clickText('button', 'Search again');
    await app.find('[data-testid=find-answer]');
  } finally {
    await allow();
  }
});

test('a clock that was set back neither loses an edit nor the order of undo', async () => {
  await app.begin('/gears');
  await app.type('tyre', '44');
  await app.shows('[data-testid=rollout-used]', (Math.PI * (622 + 88)).toFixed(1));
  await app.leaveField();
  const allow = await app.stopClock(Date.UTC(2020, 0, 1));
  try {
    await app.open('/gears');
    await app.type('tyre', '46');
    await app.shows('[data-testid=rollout-used]', (Math.PI * (622 + 92)).toFixed(1));
    await app.leaveField();
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('[data-testid=rollout-used]', (Math.PI * (622 + 88)).toFixed(1));
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('[data-testid=rollout-used]', (Math.PI * (622 + 76)).toFixed(1));
  } finally {
    await allow();
  }
});

test('the page never complained of anything else', async () => {
  for (const line of await app.complaints()) expect(line).toMatch(/out of memory|icon|QuotaExceeded/);
});
