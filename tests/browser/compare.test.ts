import { By, Key } from 'selenium-webdriver';
import { difference, setupFigures } from '../../src/core/compare';
import { fillBrief } from '../../src/core/brief';
import { demoDataset } from '../../src/store/demo';
import { candidate } from '../support/compared';
import { ONE_RING, TOURER } from '../support/setups';
import { AppInBrowser } from './harness';

let app: AppInBrowser;
beforeAll(async () => {
  app = await AppInBrowser.start('demo');
});
afterAll(() => app.stop());
beforeEach(() => app.begin('/compare'));

const row = (id: string) => `[data-row="${id}"]`;
const need = (id: string) => `[data-need="${id}"]`;
const chord = (...keys: string[]) => Key.chord(...keys);

test('an empty app, by the keyboard alone: from one line to the comparison of a 2x with a 1x', async () => {
  await app.open('/data');
  await app.clickText('button', 'Erase everything');
  await app.click('.ant-popconfirm .ant-btn-primary');
  await app.shows('[data-testid=kept]', 'No bikes.');
  await app.open('/gears');
  await app.press('48/32 x 11-36', Key.ENTER);
  await app.shows('[data-testid=range]', '490.9 %');
  await app.press('n');
  await app.find('[data-setup=b] #setup');
  await app.press('44 x 10-44', Key.ESCAPE, 'p');
  await app.shows('[data-testid=verdict-B]', 'B drops the front shift');
  await app.shows('[data-testid=verdict-B]', 'easiest gear 12.5 % harder');
  await app.shows(row('easiest'), '12.5 % harder');
  await app.shows(row('frontShifts'), '1 fewer');
  await app.press('x');
  await app.shows('[data-testid=verdict-B]', 'easiest gear 11.1 % easier');
  await app.press(chord(Key.CONTROL, 'z'));
  await app.shows('[data-testid=verdict-B]', 'easiest gear 12.5 % harder');
});

test('the figures shown are core’s', async () => {
  const { brief: said, cadenceRpm } = demoDataset().bikes[0]!;
  const brief = fillBrief(said, cadenceRpm);
  const figures = [TOURER, ONE_RING].map((setup) =>
    setupFigures(candidate(setup), brief, { closenessPercent: 5, crossedCogs: 2 }),
  );
  const rows = new Map(difference(figures[1]!, figures[0]!, brief).map((one) => [one.id, one]));
  await app.shows(row('topSpeed'), `${rows.get('topSpeed')!.own!.toFixed(1)} km/h`);
  await app.shows(row('lowestSteady'), `${rows.get('lowestSteady')!.own!.toFixed(1)} km/h`);
  await app.shows(row('holes'), `${rows.get('holes')!.own} `);
  await app.shows(row('largestStep.climbing'), `${(100 * rows.get('largestStep.climbing')!.own!).toFixed(1)} %`);
  await app.shows(row('loss'), `${(100 * rows.get('loss')!.own!).toFixed(1)} %`);
  await app.shows(need('climb'), `${figures[1]!.climbRpm.toFixed(1)} rpm`);
  const holes = figures[1]!.coverage.holes.map(({ fromKmh, toKmh }) => `${fromKmh.toFixed(1)}–${toKmh.toFixed(1)}`);
  const drawn = await app.driver.findElements(By.css('section[aria-label=Ladder] [data-setup=b] [data-hole]'));
  expect(await Promise.all(drawn.map((hole) => hole.getAttribute('data-hole')))).toEqual(holes);
});

test('the needs are met or not by a figure, with what would change it; the schools disagree', async () => {
  await app.shows(need('climb'), 'wants a 40T ring or a 49T cog');
  await app.shows(need('frontShifting'), 'bothers you today: front shifting');
  await app.shows(need('steps.climbing'), 'wants a 35T cog between');
  await app.shows('[aria-label=Schools]', 'The schools disagree; you choose');
  await app.shows('[data-testid=schools]', /Simplicity first \(yours\)[\s\S]*would take B/);
});

test('every figure of the comparison opens its working', async () => {
  const figures = await app.driver.findElements(By.css('[data-testid=differences] button[aria-expanded]'));
  expect(figures.length).toBeGreaterThan(55);
  // One column is enough: the three are made alike.
  for (const figure of figures.filter((_, i) => i % 3 === 1)) {
    await figure.click();
    expect((await (await app.find('[data-testid=slip]')).findElements(By.css('li'))).length).toBeGreaterThan(0);
    await figure.click();
  }
});

test('setups are moved by key and by drag, copied, taken off, and undo reaches all of it', async () => {
  const order = () =>
    app.driver.executeScript<string>(
      "return [...document.querySelectorAll('[aria-label=Bench] input[placeholder^=\"48\"]')].map((field) => field.value).join(' | ')",
    );
  const becomes = (expected: string) => app.driver.wait(async () => (await order()) === expected, 10_000, expected);
  await becomes('48/32 x 11-36 | 44 x 10-44 | 46/30 x 11-34');
  await app.press('3', '[');
  await becomes('48/32 x 11-36 | 46/30 x 11-34 | 44 x 10-44');
  await app.press(']');
  await becomes('48/32 x 11-36 | 44 x 10-44 | 46/30 x 11-34');
  const [from, to] = [await app.find('[aria-label="Move A"]'), await app.find('[aria-label="Move B"]')];
  // As a hand does it: a first pull, then across.
  await app.driver
    .actions()
    .move({ origin: from })
    .press()
    .move({ origin: from, x: 12, duration: 100 })
    .move({ origin: to, duration: 400 })
    .release()
    .perform();
  await becomes('44 x 10-44 | 48/32 x 11-36 | 46/30 x 11-34');
  await app.click('[aria-label="More for C"]');
  await app.clickText('li', 'Copy as a candidate');
  await becomes('44 x 10-44 | 48/32 x 11-36 | 46/30 x 11-34 | 46/30 x 11-34');
  await app.click('[aria-label="More for B"]');
  await app.clickText('li', 'Take B off the bench');
  await becomes('44 x 10-44 | 46/30 x 11-34 | 46/30 x 11-34');
  for (let i = 0; i < 5; i += 1) await app.click('[data-tool=undo]');
  await becomes('48/32 x 11-36 | 44 x 10-44 | 46/30 x 11-34');
});

test('a setup’s name, hub, weight and cost count at once', async () => {
  await app.press('2', 'e');
  await app.type('setup-name', 'Hub gear trial');
  await app.type('hub-stage', '0.7');
  await app.type('mass', '1400');
  await app.press(Key.ESCAPE, Key.ESCAPE);
  await app.gone('.ant-modal-wrap:not([style*="display: none"])');
  await app.shows('[aria-label=Bench]', 'Hub gear trial, hub 1/0.7');
  await app.shows(row('mass'), '585 g lighter');
  await app.shows(row('easiest'), '0.700 · 1.53 m');
  await app.shows(row('frontShifts'), '1 fewer');
  await app.press('g');
  await app.shows('[data-cell="44/44@0.7"]', '0.700');
});

test('another wheelset for one setup changes its figures alone', async () => {
  await app.press('2');
  await app.click('[aria-label="Add, rename or remove wheels"]');
  await app.clickText('li', 'Another wheelset for this setup');
  await app.shows('[data-setup=b]', 'Wheels 2');
  await app.choose('rim', '584');
  await app.type('tyre', '54');
  await app.shows('[data-testid=rollout-used]', '2174.0 mm');
  await app.shows(row('easiest'), '1.000 · 2.17 m');
  await app.press(Key.ESCAPE, '1');
  await app.shows('[data-testid=rollout-used]', '2192.8 mm');
});

test('a brief that contradicts itself is said, not mended, and figures wait for it', async () => {
  await app.press('b');
  await app.type('lowRpm', '120');
  await app.shows('[role=alert]', 'lowest comfortable cadence 120 rpm, highest 96 rpm');
  await app.holds('lowRpm', '120');
  await app.press(Key.ESCAPE, 'p');
  await app.shows('main [role=alert]', 'lowest comfortable cadence 120 rpm');
  expect(await app.driver.findElements(By.css('[data-testid=differences]'))).toHaveLength(0);
  await app.driver.navigate().refresh();
  await app.shows('main [role=alert]', 'lowest comfortable cadence 120 rpm');
  await app.press('b');
  await app.type('lowRpm', '80');
  await app.shows('[data-testid=easiest-wanted]', 'm');
});

test('the brief works out the needed gears, and what is left open is shown as assumed', async () => {
  await app.press('b');
  await app.shows('[data-testid=climb-speed]', '7.0 km/h');
  await app.click('[data-testid=easiest-wanted]');
  await app.shows('[data-testid=slip]', 'development = speed on the steepest climb ÷ lowest accepted cadence');
  expect(await (await app.find('#spinOutRpm')).getAttribute('placeholder')).toBe('120 assumed');
  await app.type('powerW', '700');
  await app.leaveField();
  await app.shows('#powerW-problem', 'sustained power 700: it runs from 20 to 600 W');
  await app.holds('powerW', '700');
  await app.shows('[data-testid=climb-speed]', '7.0 km/h');
  await app.type('powerW', '250');
  await app.shows('[data-testid=climb-speed]', '9.6 km/h');
});

test('the rollout is measured in several tries', async () => {
  await app.click('[aria-label="Measure the rollout"]');
  const distance = (i: number) => app.find(`[aria-label="Distance, try ${i}"]`);
  await (await distance(1)).sendKeys('10850');
  await (await distance(2)).sendKeys('10900');
  await (await distance(3)).sendKeys('99');
  await app.shows('.ant-modal', 'is 20 mm a turn');
  await app.shows('[data-testid=rollout-result]', 'Mean 2175.0 mm, −0.8 %');
  await app.shows('[data-testid=rollout-result]', 'The tries lie 10.0 mm apart (0.5 %)');
  await app.clickText('button', 'Reckon with 2175.0 mm');
  await app.shows('[data-testid=rollout-used]', '2175.0 mm');
});

test('riding: one speed, a climb, and the holes in words', async () => {
  await app.open('/gears');
  await app.press('v', '2');
  await app.shows(
    '[data-testid=holes]',
    'No gear keeps you in 82–96 rpm between 14.6 and 14.8 km/h, from 44/38 to 44/32',
  );
  await app.type('at-speed', '12');
  await app.shows('[data-testid=at-speed-words]', 'At 12 km/h: 44/44 at 91 rpm; a step harder: 91 → 79 rpm');
  await app.type('at-rpm', '60');
  await app.shows('[data-testid=at-speed-table]', 'km/h at 60 rpm');
  await app.type('climb-gradePercent', '12');
  await app.shows('[data-testid=climb-words]', /4\.\d km\/h\s+in 44\/44/);
  await app.type('climb-gradePercent', '90');
  await app.leaveField();
  await app.shows('#climb-gradePercent-problem', 'grade 90: it runs from 0 to 40 %');
});

test('shifting: the crossover in words, and the cross-chain rule is the rider’s', async () => {
  await app.open('/gears');
  await app.press('v', 'v');
  await app.shows(
    '[data-testid=crossover]',
    'At the 19, drop to the 32 ring and go 4 clicks harder (2 pushes): −2.6 %',
  );
  await app.shows('[data-testid=big-change]', '11 clicks in 6 pushes of the lever (4 pushes back), one ring change');
  await app.type('lever-harder', '1');
  await app.shows('[data-testid=big-change]', '11 clicks in 11 pushes of the lever (4 pushes back)');
  await app.type('crossed', '4');
  await app.shows('[aria-label="Shift path"]', 'Shift path: 16 gears');
});

test('pictures as SVG and PNG, tables as CSV', async () => {
  const save = async (label: string, kind: string) => {
    await app.click(`[aria-label="Save the picture: ${label}"]`);
    await app.clickText('li', `Save as ${kind}`);
    return app.download(`.${kind.toLowerCase()}`);
  };
  const ladder = await save('Estuary tourer comparison', 'SVG');
  expect(ladder).toMatch(/^<svg/);
  expect(ladder).toContain('font/woff2;base64');
  expect(ladder).not.toContain('var(--');
  await app.driver.navigate().refresh();
  await app.find('section[aria-label="Steps, overlaid"] canvas');
  const chart = await save('Estuary tourer steps', 'SVG');
  expect(chart).toContain('<path');
  expect(chart).toContain('your limit');
  // One polyline a setup, in its own colour.
  for (const colour of ['#0b625f', '#a04a06', '#84266f'])
    expect(chart).toMatch(new RegExp(`<path[^>]*stroke="${colour}"`));
  await app.driver.navigate().refresh();
  expect((await save('Estuary tourer comparison', 'PNG')).slice(1, 4)).toBe('PNG');
  await app.press('c');
  const table = await app.download('.csv');
  expect(table).toContain('figure,A,B,B against A,C,C against A\r\n');
  expect(table).toContain('12.5 % harder');
});

test('the comparison and the gear card go to paper', async () => {
  const printed = async () => {
    await app.driver.executeScript(`window.paper = undefined;
      window.print = () => { window.paper = document.querySelector('.print-sheet').innerText;
        window.dispatchEvent(new Event('afterprint')); }`);
    await app.press('k');
    await app.driver.wait(
      () => app.driver.executeScript<boolean>('return window.paper !== undefined'),
      10_000,
      'print',
    );
    await app.gone('.print-sheet');
    return app.driver.executeScript<string>('return window.paper');
  };
  const comparison = await printed();
  expect(comparison).toContain('A: 48/32 x 11-36 · B: 44 x 10-44');
  expect(comparison).toContain('B drops the front shift');
  expect(comparison).toContain('Development, m');
  await app.open('/gears');
  await app.press('v', 'v');
  await app.find('[data-testid=shift-path]');
  const card = await printed();
  expect(card).toContain('Estuary tourer 48/32 x 11-36');
  expect(card).toContain('drop to the 32 ring');
});

test('the page never complained', async () => {
  expect(await app.complaints()).toEqual([]);
});
