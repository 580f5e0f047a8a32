import { readFileSync } from 'node:fs';
import { By, Key } from 'selenium-webdriver';
import { AppInBrowser } from './harness';

let app: AppInBrowser;
beforeAll(async () => {
  app = await AppInBrowser.start('demo');
}, 60_000);
afterAll(() => app.stop());
beforeEach(async () => {
  await app.begin('/fit');
  await app.find('[data-end=any] [data-chain]');
});

/** Length of the drawn chain, in the drawing's own millimetres. */
const drawnMm = (end: string) =>
  app.driver.executeScript<number>(
    `return document.querySelector('[data-end="${end}"] [data-chain]').getTotalLength()`,
  );

test('the drawn chain is as long as its links, in both ends and in every gear between', async () => {
  for (const end of ['Big-big', 'Small-small', 'any'])
    expect(Math.abs((await drawnMm(end)) - 112 * 12.7)).toBeLessThan(1);
  await app.click('[data-end=any]');
  for (const key of [Key.ARROW_LEFT, Key.ARROW_LEFT, Key.ARROW_DOWN, Key.ARROW_RIGHT]) {
    await app.press(key);
    expect(Math.abs((await drawnMm('any')) - 112 * 12.7)).toBeLessThan(1);
  }
  await app.shows('[data-end=any]', 'Any gear, 32/21');
});

test('the drawing is true to scale: ring and chainstay stand as they do on the bike', async () => {
  const { ringMm, stayMm, perMm } = await app.driver.executeScript<Record<string, number>>(`
    const view = document.querySelector('[data-end="Big-big"] svg');
    const [cog, ring] = [...view.querySelectorAll('circle')].filter((c) => c.getAttribute('r') > 40)
      .sort((a, b) => a.getAttribute('cx') - b.getAttribute('cx'));
    const box = ring.getBoundingClientRect();
    return { ringMm: +ring.getAttribute('r'), perMm: box.width / 2 / ring.getAttribute('r'),
      stayMm: Math.hypot(ring.getAttribute('cx') - cog.getAttribute('cx'), ring.getAttribute('cy') - cog.getAttribute('cy')) };`);
  expect(ringMm).toBeCloseTo(12.7 / (2 * Math.sin(Math.PI / 48)), 3);
  expect(stayMm).toBeCloseTo(430, 3);
  expect(perMm).toBeGreaterThan(0.4);
});

test('the four schools, each with its working', async () => {
  await app.shows('[data-school=bigBigPlusTwo]', '112 links');
  await app.shows('[data-school=equation]', '112 links');
  await app.shows('[data-school=smallSmall]', '112 links');
  await app.shows('[data-school=pulleysUpright]', 'not for cogs above 28T');
  await app.click('[data-school=bigBigPlusTwo] button');
  await app.shows('[data-testid=slip]', 'straight round both: 109.864 pitches of 12.7 mm');
  await app.click('[data-school=equation] button');
  await app.shows('[data-testid=slip]', '= 55.858 in');
});

test('a chain too short is said and shown; one too long is slack; an odd one cannot be joined', async () => {
  await app.type('chain-links', '106');
  await app.shows('[data-testid=check-chainLength]', 'cannot work');
  await app.shows('[data-testid=check-chainLength]', 'can tear the derailleur off');
  await app.shows('[data-end=Big-big]', 'too short: 106 links do not reach');
  await app.shows('[data-testid=links-to-add]', '6 links are missing: a new chain');
  await app.type('chain-links', '118');
  await app.shows('[data-end=Small-small]', 'slack');
  await app.shows('[data-testid=check-chainLength]', 'To mend: 6 links fewer');
  await app.type('chain-links', '113');
  await app.shows('[data-testid=links-to-add]', '113 is odd');
});

test('capacity over the sheet names the nearest mends', async () => {
  await app.type('totalCapacityT', '39');
  await app.shows('[data-testid=check-totalCapacity]', '2T over the sheet. To mend: a 34T small ring');
});

test('a shorter cage hangs slack; without its length there is no drawing, and it says what to measure', async () => {
  await app.type('cageLengthMm', '56');
  await app.shows('[data-end=Small-small]', 'slack');
  await app.type('cageLengthMm', '');
  await app.shows('[aria-label="Side view"]', 'Type the cage length below');
  expect(await app.driver.findElements(By.css('[data-chain]'))).toHaveLength(0);
});

test.each([
  ['chainstayMm', '300', 'chainstay 300: it runs from 350 to 600 mm'],
  ['bbDropMm', '500', 'bottom bracket drop 500: it runs from -30 to 120 mm'],
  ['cageLengthMm', '300', 'cage length 300: it runs from 40 to 140 mm'],
  ['chain-links', '59', 'chain 59: it runs from 60 to 180 links'],
  ['largestCogMinT', '40', 'the first must not be above the second'],
])('%s %p is refused beside the field; the text stays, the drawing too', async (id, text, message) => {
  await app.type(id, text);
  await app.leaveField();
  await app.shows(`#${id}-problem`, message);
  expect(await app.value(id)).toBe(text);
  await app.shows('[data-end=Big-big]', '+66.9°');
});

test('the chain from above: angles, the straightest cog, and what moving the ring would do', async () => {
  await app.shows('[data-testid=angles]', /48 [\s\S]*▲ −3\.3°/);
  await app.shows('[data-testid=angles]', '= ');
  await app.shows('[data-testid=back-pedal]', 'Back-pedalling may drop the chain in 48/32, 48/36');
  const handle = await app.find('[aria-label="Ring offset tried, mm"]');
  await handle.sendKeys(...Array.from({ length: 6 }, () => Key.ARROW_LEFT));
  await app.shows('[aria-label="Top view"]', 'What if the ring stood 3.0 mm farther in');
  await app.shows('[data-testid=angles]', '−2.9°');
  await app.type('steep', '4');
  await app.shows('[data-testid=back-pedal]', 'No gear is likely to drop its chain');
  await app.type('cogPitchMm', '9');
  await app.leaveField();
  await app.shows('#cogPitchMm-problem', 'cog pitch 9: it runs from 3 to 6 mm');
});

test('the drawings are taken away as SVG, the angles as CSV', async () => {
  await app.click('[aria-label="Save the picture: Estuary tourer Big-big"]');
  await app.clickText('li', 'Save as SVG');
  const drawing = await app.download('.svg');
  expect(drawing).toMatch(/<path[^>]* d="M[^"]*A/);
  expect(drawing).not.toContain('var(--');
  await app.press('c');
  expect(await app.download('.csv')).toContain('chainring,cog,ring_offset_mm,cog_offset_mm,angle_deg\r\n48,11,49.75,');
});

test('nothing scrolls sideways', async () => {
  for (const width of [1280, 768, 390]) {
    await app.resize(width, 800);
    expect([width, await app.scrollsSideways()]).toEqual([width, false]);
  }
  await app.resize(1280, 800);
});

test.each(['light', 'dark'])('no accessibility fault is found, %s', async (scheme) => {
  await app.devTools('Emulation.setEmulatedMedia', { features: [{ name: 'prefers-color-scheme', value: scheme }] });
  expect(await app.faults(readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8'))).toEqual([]);
});

test('the page never complained', async () => {
  expect(await app.complaints()).toEqual([]);
});
