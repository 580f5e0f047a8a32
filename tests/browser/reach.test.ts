import { Key } from 'selenium-webdriver';
import { AppInBrowser } from './harness';
import { VIEWS } from './views';

let app: AppInBrowser;
beforeAll(async () => {
  app = await AppInBrowser.start('demo');
  // Somebody who writes 37,5.
  const userAgent = await app.driver.executeScript<string>('return navigator.userAgent');
  await app.devTools('Emulation.setUserAgentOverride', { userAgent, acceptLanguage: 'de-DE' });
  await app.devTools('Emulation.setLocaleOverride', { locale: 'de-DE' });
  await app.begin('/settings');
});
afterAll(() => app.stop());

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

const NAMED = VIEWS.map((view) => [[view.path, ...(view.keys ?? [])].join(' '), view] as const);

/** Numbers with a point before their decimals; one before three digits parts thousands in German (2.500). */
async function pointed(): Promise<readonly string[]> {
  const text = (await app.text('body')).replaceAll('Spacer 1.85 mm', '');
  return [...text.matchAll(/.{0,20}(?<![\d.])\d+\.(?!\d{3}(?!\d))\d+(?![\d.]).{0,20}/g)].map(([found]) => found);
}

test('where the system sets the colours, what is chosen is outlined and drawings take the colour of text', async () => {
  await app.open('/gears');
  await app.find('svg [data-gear]');
  await app.devTools('Emulation.setEmulatedMedia', { features: [{ name: 'forced-colors', value: 'active' }] });
  const styleOf = (css: string, name: string) =>
    app.driver.executeScript<string>(
      'return getComputedStyle(document.querySelector(arguments[0])).getPropertyValue(arguments[1])',
      css,
      name,
    );
  expect(await styleOf('nav [aria-current]', 'outline-style')).toBe('solid');
  expect(await styleOf('.ant-segmented-item-selected', 'outline-style')).toBe('solid');
  expect(await styleOf('svg [data-gear][aria-pressed=false] text', 'fill')).toBe(await styleOf('h2', 'color'));
});

test('who writes a comma reads it and types it; a point is as good to type', async () => {
  await app.open('/gears');
  await app.shows('[data-testid=range]', '490,9%');
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

test('files have a point before decimals, whoever saves them', async () => {
  await app.open('/compare');
  await app.find('[data-gear]');
  await app.press('c');
  const comparison = (await app.download('.csv')).split('\r\n').map((line) => line.split(','));
  expect(comparison[0]).toEqual([
    'figure',
    'unit',
    'A',
    'B',
    'B_change',
    'B_judgement',
    'C',
    'C_change',
    'C_judgement',
  ]);
  const easiest = comparison.find(([figure]) => figure === 'easiest')!;
  expect(easiest.slice(1, 3)).toEqual(['m', expect.stringMatching(/^1\.9\d+$/)]);
  expect(Number(easiest[4])).toBeCloseTo(0.125, 9);
  await app.click('section:has([data-need]) button:has(.anticon-download)');
  const needs = (await app.download('.csv')).split('\r\n').map((line) => line.split(','));
  expect(needs[0]!.slice(0, 5)).toEqual(['need', 'unit', 'A_met', 'A_value', 'A_limit']);
  expect(needs.find(([need]) => need === 'climb')!.slice(1, 4)).toEqual([
    'm',
    'yes',
    expect.stringMatching(/^1\.9\d+$/),
  ]);
});

test.each(NAMED)('%s: no fault in light, dark and print; fits enlarged twice and on a phone', async (_, view) => {
  await app.open(view.path);
  await app.find(view.shown);
  await app.press(...(view.keys ?? []));
  await app.settled();
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
