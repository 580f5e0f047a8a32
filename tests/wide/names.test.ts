import { writeBackup } from '../../src/formats/backup';
import type { Dataset } from '../../src/records';
import { demoDataset } from '../../src/store/demo';
import { AppInBrowser } from '../browser/harness';
import { VIEWS } from '../browser/views';

const app = AppInBrowser.ofFile('demo');
beforeAll(() => app.begin('/settings'));

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

afterEach(() => app.resize(DESK.width, DESK.height));

/** Whatever a person, a file or a stranger's link may put in a name. */
const HOSTILE_NAMES = [
  '<img src=x onerror="window.hurt = true"><script>window.hurt = true</script>',
  '\u202Eneddih\u202C 🚲👩‍🔧🏔️ مرحبا بالعالم',
  'W'.repeat(80),
  '=HYPERLINK("https://example.org","{{constructor}}")',
  '__proto__',
] as const;

/** The demo workshop under such names. */
function hostileWorkshop(): Dataset {
  const demo = demoDataset();
  let count = 0;
  const renamed = <T extends { readonly name?: string | undefined }>(record: T): T => ({
    ...record,
    name: HOSTILE_NAMES[(count += 1) % HOSTILE_NAMES.length],
  });
  return {
    ...demo,
    bikes: demo.bikes.map((bike) => ({ ...renamed(bike), wheelsets: bike.wheelsets.map(renamed) })),
    setups: demo.setups.map(renamed),
    rides: demo.rides.map(renamed),
    routes: demo.routes.map(renamed),
    parts: demo.parts.map(renamed),
    jobs: demo.jobs.map(renamed),
    notes: demo.notes.map((note, i) => ({ ...note, text: HOSTILE_NAMES[i % HOSTILE_NAMES.length]! })),
    learners: demo.learners.map(renamed),
  };
}

test('names with markup, turned writing, 80 wide letters or formulas do nothing and push nothing aside', async () => {
  await app.open('/settings');
  const file = writeBackup(hostileWorkshop(), '2026-11-25T09:00:00.000Z');
  await app.give('[data-testid=backup-file]', { 'hostile.json': file });
  await app.clickText('button', 'Replace the 4 here');
  await app.gone(`[aria-label="Import backup"]`);
  // Other ways to look at a stage show the same names, lessons none.
  const named = VIEWS.filter(({ path, keys }) => !keys && !path.includes('view='));
  for (const { path, shown } of named) {
    await app.open(path);
    await app.find(shown);
    for (const { width, height } of [DESK, PHONE]) {
      await app.resize(width, height);
      await app.fits();
    }
    expect(await app.faults()).toEqual([]);
    expect(await app.driver.executeScript('return window.hurt ?? null')).toBeNull();
  }
  expect(await app.complaints()).toEqual([]);
});
