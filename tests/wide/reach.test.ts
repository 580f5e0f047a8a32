import { Key } from 'selenium-webdriver';
import { AppInBrowser } from '../browser/harness';
import { NAMED_VIEWS, openView } from '../browser/views';

const app = AppInBrowser.ofFile('demo');
beforeAll(async () => {
  await app.speakGerman();
  await app.begin('/settings');
});

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
/** Of phones, of a desk's window at 200% (half of it each way), and of a tablet. */
const WIDTHS = [320, 360, 390, 414, 640, 768];

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

/** Numbers with a point before their decimals; one before three digits parts thousands in German (2.500). */
async function pointed(): Promise<readonly string[]> {
  const text = (await app.text('body')).replaceAll('Spacer 1.85 mm', '');
  return [...text.matchAll(/.{0,20}(?<![\d.])\d+\.(?!\d{3}(?!\d))\d+(?![\d.]).{0,20}/g)].map(([found]) => found);
}

test.each(NAMED_VIEWS)('%s: no fault in light, dark and print; fits enlarged twice and on a phone', async (_, view) => {
  await openView(app, view);
  expect(await pointed()).toEqual([]);
  expect(await app.faults()).toEqual([]);
  await look('screen', 'dark');
  // The component library's colours follow a moment after the page's own. Names and roles are those of before.
  await app.settled();
  expect(await app.faults(['color-contrast'])).toEqual([]);
  await look('print', 'light');
  await app.settled();
  expect(await app.faults()).toEqual([]);
  await look('screen', 'light');
  // On a page that does not grow wider with what is on it.
  for (const width of WIDTHS) {
    await app.resize(width, PHONE.height, false);
    await app.fits();
  }
  await app.resize(PHONE.width, PHONE.height);
  expect(await app.faults()).toEqual([]);
});

test.each([
  ['/compare', 'Gear ladder', 'A 32/36'],
  ['/compatibility', 'Side view, Big-big', 'cage +66,9°'],
  ['/compatibility', 'Guide pulley offset at each cog', '+0,'],
  ['/rides', 'Profile, speed, cadence and gear', 'km'],
  ['/find', 'Custom cassette and nearest stock cassette', '11'],
])('on %s the drawing “%s” is there in numbers, reached by key', async (path, name, text) => {
  await app.open(path);
  const summary = await app.find(`summary[aria-label="Show as a table: ${name}"]`);
  await summary.sendKeys(Key.ENTER);
  await app.shows(`[role=group][aria-label="${name}"] table`, text);
  expect(await app.faults()).toEqual([]);
});

test('nothing scrolls sideways where a field is in error', async () => {
  await app.open('/gears?view=table');
  for (const width of [1280, 768, 390]) {
    await app.resize(width, 800);
    for (const capacity of ['39', '999']) {
      await app.type('totalCapacityT', capacity);
      await app.type('largestCogMinT', capacity);
      await app.leaveField();
      await app.fits();
    }
  }
});
