import { By, Key } from 'selenium-webdriver';
import { difference, setupFigures } from '../../src/core/compare';
import { fillBrief } from '../../src/core/needs';
import { demoDataset } from '../../src/store/demo';
import { candidate } from '../support/compared';
import { ONE_RING, TOURER } from '../support/setups';
import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('demo');
afterEach(async () => expect(await app.complaints()).toEqual([]));

const row = (id: string) => `[data-row="${id}"]`;
const need = (id: string) => `[data-need="${id}"]`;
const chord = (...keys: string[]) => Key.chord(...keys);

describe('what is only looked at', () => {
  beforeAll(() => app.begin('/compare'));

  test('the figures shown are core’s', async () => {
    const { brief: said } = demoDataset().bikes[0]!;
    const brief = fillBrief(said);
    const figures = [TOURER, ONE_RING].map((setup) =>
      setupFigures(candidate(setup), brief, { closenessPercent: 5, crossedCogs: 2 }),
    );
    const rows = new Map(difference(figures[1]!, figures[0]!, brief).map((one) => [one.id, one]));
    await app.shows(row('topSpeed'), `${rows.get('topSpeed')!.own!.toFixed(1)} km/h`);
    await app.shows(row('lowestSteady'), `${rows.get('lowestSteady')!.own!.toFixed(1)} km/h`);
    await app.shows(row('gaps'), `${rows.get('gaps')!.own} `);
    await app.shows(row('largestStep.climbing'), `${(100 * rows.get('largestStep.climbing')!.own!).toFixed(1)}%`);
    await app.shows(row('loss'), `${(100 * rows.get('loss')!.own!).toFixed(1)}%`);
    await app.shows(need('climb'), `${figures[1]!.climbRpm.toFixed(1)} rpm`);
    const gaps = figures[1]!.coverage.gaps.map(({ fromKmh, toKmh }) => `${fromKmh.toFixed(1)}–${toKmh.toFixed(1)}`);
    const drawn = await app.driver.findElements(By.css('section[aria-label=Ladder] [data-setup=b] [data-gap]'));
    expect(await Promise.all(drawn.map((gap) => gap.getAttribute('data-gap')))).toEqual(gaps);
  });

  test('the needs are met or not by a figure, with what would change it; priorities disagree', async () => {
    await app.shows(need('climb'), 'would need a 42T ring or a 46T cog');
    await app.shows(need('frontShifting'), 'you said: front shifting');
    await app.shows(need('steps.fast'), 'would need a 12T cog in between');
    await app.shows(need('steps.fast'), 'assumed: step when fast 16%');
    await app.shows(need('limits'), 'within the published limits of the derailleurs');
    await app.shows('[aria-label=Priorities]', 'Priorities disagree; you decide');
    await app.shows('[data-testid=priorities]', /Simplicity first \(yours\)[\s\S]*chooses B/);
  });

  test('every figure of the comparison opens its working', async () => {
    const workings = await app.workings('[data-testid=differences] button[aria-expanded]');
    expect(workings.length).toBeGreaterThan(55);
    expect(workings.filter(({ lines }) => lines === 0)).toEqual([]);
  });

  test('the comparison and the gear card go to paper', async () => {
    const printed = async () => {
      await app.driver.executeScript(`window.paper = undefined;
      window.print = () => { window.paper = document.querySelector('.print-sheet').innerText; }`);
      await app.press('k');
      await app.driver.wait(
        () => app.driver.executeScript<boolean>('return window.paper !== undefined'),
        60_000,
        'print',
      );
      const pdf = await app.pdf();
      await app.driver.executeScript(`window.dispatchEvent(new Event('afterprint'))`);
      await app.gone('.print-sheet');
      // Letters and lines, with the structure that a screen reader follows: no picture made of dots.
      expect(pdf).toMatch(/\/StructTreeRoot/);
      expect(pdf).toMatch(/\/Type\s*\/Font/);
      expect(pdf).not.toMatch(/\/Subtype\s*\/Image/);
      expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
      return app.driver.executeScript<string>('return window.paper');
    };
    const comparison = await printed();
    expect(comparison).toContain('A: 48/32 x 11-36 · B: 44 x 10-44');
    expect(comparison).toContain('B does away with front shifting');
    expect(comparison).toContain('Development, m');
    await app.follow('/gears');
    await app.press('v', 'v');
    await app.find('[data-testid=shift-path]');
    const card = await printed();
    expect(card).toContain('Estuary tourer 48/32 x 11-36');
    expect(card).toContain('drop to the 32 ring');
  });
});

describe('what is changed on Compare', () => {
  beforeEach(() => app.begin('/compare'));

  test('an empty app, by the keyboard alone: from one line to the comparison of a 2x with a 1x', async () => {
    await app.follow('/settings');
    await app.clickText('button', 'Delete everything');
    await app.click('.ant-popconfirm .ant-btn-primary');
    await app.shows('[data-testid=kept]', 'No bikes.');
    await app.follow('/gears');
    await app.find('#first-setup:focus');
    await app.press('48/32 x 11-36', Key.ENTER);
    await app.shows('[data-testid=range]', '490.9%');
    await app.press('n');
    await app.find('[data-setup=b] #setup');
    await app.press('44 x 10-44', Key.ESCAPE, 'p');
    await app.shows('[data-testid=verdict-B]', 'B does away with front shifting');
    await app.shows('[data-testid=verdict-B]', 'easiest gear 12.5% harder');
    await app.shows(row('easiest'), '12.5% harder');
    await app.shows(row('frontShifts'), '1 fewer');
    await app.press('x');
    await app.shows('[data-testid=verdict-B]', 'easiest gear 11.1% easier');
    await app.press(chord(Key.CONTROL, 'z'));
    await app.shows('[data-testid=verdict-B]', 'easiest gear 12.5% harder');
  });

  test('setups are moved by key and by drag, copied, taken off, and undo reaches all of it', async () => {
    const order = () =>
      app.driver.executeScript<string>(
        "return [...document.querySelectorAll('[aria-label=Setups] input[placeholder^=\"48\"]')].map((field) => field.value).join(' | ')",
      );
    const becomes = (expected: string) => app.driver.wait(async () => (await order()) === expected, 60_000, expected);
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
    await app.clickText('li', 'Duplicate');
    await becomes('44 x 10-44 | 48/32 x 11-36 | 46/30 x 11-34 | 46/30 x 11-34');
    await app.click('[aria-label="More for B"]');
    await app.clickText('li', 'Remove setup B');
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
    await app.shows('[aria-label=Setups]', 'Hub gear trial, hub 1/0.7');
    await app.shows(row('mass'), '585 g lighter');
    await app.shows(row('easiest'), '0.700 · 1.53 m');
    await app.shows(row('frontShifts'), '1 fewer');
    await app.press('g');
    await app.shows('[data-cell="44/44@0.7"]', '0.700');
  });

  test('another wheelset for one setup changes its figures alone', async () => {
    await app.press('2');
    await app.reach('wheelset');
    await app.click('[aria-label="Rename, add or delete a wheelset"]');
    await app.clickText('li', 'Another wheelset for this setup');
    await app.shows('div[data-setup=b]', 'Wheels 2');
    await app.choose('rim', '584');
    await app.type('tyre', '54');
    await app.shows('[data-testid=rollout-used]', '2174.0 mm');
    await app.shows(row('easiest'), '1.000 · 2.17 m');
    await app.press(Key.ESCAPE, '1');
    await app.shows('[data-testid=rollout-used]', '2192.8 mm');
  });

  test('a setup that cannot be read keeps its column, greyed, with the reason and the last that could be read', async () => {
    await app.type('setup', '48/32 x 11-3');
    await app.shows('[data-testid=unreadable-A]', 'cog 3: cogs have 9 to 60 teeth');
    await app.find('section[aria-label=Verdict] [data-setup=a][data-last-readable]');
    const column = await app.find('svg g[data-setup=a][data-last-readable]');
    expect(Number(await column.getCssValue('opacity'))).toBeLessThan(0.5);
    await app.shows('svg[aria-label="Gear ladder"]', 'last valid setup');
    await app.holds('setup', '48/32 x 11-3');
    await app.shows(row('range'), '490.9%');
    expect(await app.driver.findElements(By.css('svg g[data-setup=b][data-last-readable]'))).toHaveLength(0);
    await app.type('setup', '48/32 x 11-34');
    await app.gone('[data-last-readable]');
    await app.gone('[data-testid=unreadable-A]');
  });
});

describe('what is changed on Needs', () => {
  beforeEach(() => app.begin('/needs'));

  test('a brief that contradicts itself is said, not repaired, and figures wait for it', async () => {
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
    await app.shows('[data-testid=climb-speed]', '7.5 km/h');
    await app.shows('main', '193 W on 8%, 14 minutes');
    await app.click('[data-testid=easiest-wanted]');
    await app.shows('[data-testid=slip]', 'development = speed on the steepest climb ÷ lowest accepted cadence');
    expect(await (await app.find('#spinOutRpm')).getAttribute('placeholder')).toBe('120 assumed');
    await app.type('powerW', '700');
    await app.leaveField();
    await app.shows('#powerW-problem', 'power for an hour 700: it runs from 20 to 600 W');
    await app.holds('powerW', '700');
    await app.shows('[data-testid=climb-speed]', '7.5 km/h');
    await app.type('powerW', '250');
    await app.shows('[data-testid=climb-speed]', '10.3 km/h');
    // A motor helps; what is too steep to ride is said.
    await app.type('assistFactor', '1');
    await app.shows('[data-testid=climb-speed]', '19.6 km/h');
    await app.type('steepestGradePercent', '40');
    await app.type('assistFactor', '0');
    await app.shows('[data-testid=walks]', 'You will have to walk here: nobody can balance below about 4.5 km/h.');
  });

  test('a bike has several roles: each is judged, the changes between them are jobs, one drive is looked for', async () => {
    const rows = () => app.driver.findElements(By.css('[data-testid=role]'));
    const there = (count: number) =>
      app.driver.wait(async () => (await rows()).length === count, 60_000, `${count} roles`);
    await app.clickText('button', 'Add role');
    await there(1);
    await app.clickText('button', 'Add role');
    await there(2);
    const second = '[data-testid=role]:nth-of-type(3)';
    const idOf = async (field: string) => (await app.find(`${second} [id^=role-${field}]`)).getAttribute('id');
    await app.type((await idOf('name'))!, 'Against time');
    await app.choose((await idOf('setup'))!, 'B ·');
    await app.choose((await idOf('use'))!, 'time trial');
    await app.shows('[data-testid=role-changes]', /Role 1 ↔ Against time: off: .+; on: .+44T.+ · Plan this job/);
    await app.shows('[data-testid=role-drive]', /Needed: \d+T capacity and a largest cog of 44T/);
    await app.type((await idOf('steepestGradePercent'))!, '30');
    await app.shows(second, /no: easiest gear/);
    // Out of bounds is refused with its bounds, and what counted before counts on.
    await app.type((await idOf('steepestGradePercent'))!, '300');
    await app.leaveField();
    await app.shows(second, /0.+40/);
    await app.click(`${second} button[aria-label^="Remove"]`);
    await there(1);
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await there(2);
  });
});
