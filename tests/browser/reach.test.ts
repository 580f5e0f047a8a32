import { Key } from 'selenium-webdriver';
import { writeBackup } from '../../src/formats/backup';
import { demoDataset } from '../../src/store/demo';
import type { Dataset } from '../../src/records';
import { AppInBrowser } from './harness';
import { VIEWS } from './views';

let app: AppInBrowser;
beforeAll(async () => {
  app = await AppInBrowser.start('demo');
  // Somebody who writes 37,5.
  const userAgent = await app.driver.executeScript<string>('return navigator.userAgent');
  await app.devTools('Emulation.setUserAgentOverride', { userAgent, acceptLanguage: 'de-DE' });
  await app.devTools('Emulation.setLocaleOverride', { locale: 'de-DE' });
  await app.begin('/data');
});
afterAll(() => app.stop());

const DESK = { width: 1280, height: 800 };
/** A desk's window at 200 %: half of it each way. */
const ENLARGED = { width: 640, height: 400 };
const TABLET = { width: 768, height: 1024 };
const PHONE = { width: 390, height: 844 };

async function look(media: 'screen' | 'print', scheme: 'light' | 'dark'): Promise<void> {
  await app.devTools('Emulation.setEmulatedMedia', {
    media,
    features: [
      { name: 'prefers-color-scheme', value: scheme },
      { name: 'prefers-reduced-motion', value: 'reduce' },
    ],
  });
}

afterEach(async () => {
  await look('screen', 'light');
  await app.resize(DESK.width, DESK.height);
});

const NAMED = VIEWS.map((view) => [[view.path, ...(view.keys ?? [])].join(' '), view] as const);

/** Numbers that are parted by a point, but in dates (26.11.2026) and in names that a person gave. */
async function pointed(): Promise<readonly string[]> {
  const text = (await app.text('body')).replaceAll('Spacer 1.85 mm', '');
  return [...text.matchAll(/.{0,20}(?<![\d.])\d+\.\d+(?![\d.]).{0,20}/g)].map(([found]) => found);
}

test('who writes a comma reads it and types it; a point is as good to type', async () => {
  await app.open('/gears');
  await app.shows('[data-testid=range]', '490,9 %');
  await app.type('tyre', '37,5');
  await app.shows('[data-testid=rollout-used]', (Math.PI * (622 + 75)).toFixed(1).replace('.', ','));
  await app.leaveField();
  await app.driver.navigate().refresh();
  await app.shows('[data-testid=rollout-used]', (Math.PI * (622 + 75)).toFixed(1).replace('.', ','));
  await app.holds('tyre', '37,5');
  await app.type('tyre', '38.0');
  await app.leaveField();
  await app.shows('[data-testid=rollout-used]', '2192,8');
});

test.each(NAMED)('%s: no fault in light, dark and print; fits enlarged twice and on a phone', async (_, view) => {
  await app.open(view.path);
  await app.find(view.shown);
  await app.press(...(view.keys ?? []));
  await app.settled();
  expect(await pointed()).toEqual([]);
  expect(await app.faults()).toEqual([]);
  await look('screen', 'dark');
  // The component library's colours follow a moment after the page's own.
  await app.settled();
  expect(await app.faults()).toEqual([]);
  await look('print', 'light');
  await app.settled();
  expect(await app.faults()).toEqual([]);
  await look('screen', 'light');
  for (const { width, height } of [TABLET, ENLARGED, PHONE]) {
    await app.resize(width, height);
    await app.fits();
  }
  expect(await app.faults()).toEqual([]);
});

test.each([
  ['/compare', 'Ladder of gears', 'A 32/36'],
  ['/fit', 'Side view, Big-big', 'cage +66,9°'],
  ['/fit', 'Guide pulley beside each cog', '+0,'],
  ['/rides', 'Profile, speed, cadence and gear', 'km'],
  ['/find', 'Built and nearest bought', '11'],
])('on %s the drawing “%s” is there in numbers, reached by key', async (path, name, text) => {
  await app.open(path);
  const summary = await app.find(`summary[aria-label="The same in numbers: ${name}"]`);
  await summary.sendKeys(Key.ENTER);
  await app.shows(`[role=group][aria-label="${name}"] table`, text);
  expect(await app.faults()).toEqual([]);
});

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
  await app.open('/data');
  const file = writeBackup(hostileWorkshop(), '2026-11-25T09:00:00.000Z');
  await app.give('[data-testid=backup-file]', { 'hostile.json': file });
  await app.clickText('button', 'Replace the 4 here');
  await app.gone('[data-testid=differences]');
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

test('a name of 10,000 characters is refused with its length, and stays in its field to be cut', async () => {
  await app.open('/shelf');
  const long = 'x'.repeat(10_000);
  await app.click('[data-part=chain-worn]');
  const field = await app.find('#part-name');
  // As a paste does it: ten thousand key strokes are another test.
  await app.driver.executeScript(
    `const [field, text] = arguments;
     Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(field, text);
     field.dispatchEvent(new Event('input', { bubbles: true }));`,
    field,
    long,
  );
  await app.shows('#part-name-problem', 'a name of 10000 characters: at most 80');
  expect((await app.value('part-name')).length).toBe(10_000);
});
