import { By, Key } from 'selenium-webdriver';
import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('demo');
afterEach(async () => expect(await app.complaints()).toEqual([]));

const cell = (key: string) => `[data-cell="${key}"]`;

describe('what is only looked at', () => {
  beforeAll(async () => {
    await app.begin('/');
    await app.find('[data-gear]');
  });

  test('the demo opens on the tourer, with its figures', async () => {
    await app.shows('[data-testid=range]', '490.9%');
    await app.shows('[data-testid=easiest]', '0.889');
    await app.shows('[data-testid=hardest]', '4.364');
    await app.shows('[data-testid=distinct]', '18');
    await app.shows('[data-testid=overlap]', '49.0%');
    await app.shows('[data-testid=capacity]', '41T needed, 41T published: at the limit');
    expect(await app.driver.findElements(By.css('[data-gear]'))).toHaveLength(24);
  });

  test('duplicates and crossed chains are marked by sign and word', async () => {
    const table = await app.text('[data-testid=gear-table]');
    for (const duplicate of ['=48/36', '=32/24', '=48/21', '=32/14']) expect(table).toContain(duplicate);
    expect(await app.driver.findElements(By.css('[data-testid=gear-table] [aria-label="cross-chained"]'))).toHaveLength(
      4,
    );
  });

  test('the ladder is true to scale on screen', async () => {
    const middles = await app.driver.executeScript<Record<string, number>>(
      `return Object.fromEntries([...document.querySelectorAll('[data-gear]')].map((rung) => {
      const box = rung.querySelectorAll('rect')[1].getBoundingClientRect();
      return [rung.dataset.gear, box.top + box.height / 2];
    }))`,
    );
    const perLog = (a: string, b: string, quotient: number) => (middles[b]! - middles[a]!) / Math.log(quotient);
    const whole = perLog('32/36', '48/11', (48 * 36) / (11 * 32));
    expect(perLog('32/36', '32/32', 36 / 32)).toBeCloseTo(whole, 0);
    expect(middles['48/21']).toBeCloseTo(middles['32/14']!, 1);
  });

  test('the ladder is walked with the arrow keys', async () => {
    await app.click('[data-gear="32/24"] text');
    await app.shows('[data-testid=readout]', '32/24 = 4:3');
    await app.press(Key.ARROW_UP);
    await app.shows('[data-testid=readout]', '32/21');
    await app.press(Key.ARROW_DOWN, Key.ARROW_RIGHT);
    await app.shows('[data-testid=readout]', '48/36 = 4:3');
    await app.shows('[data-testid=readout]', 'duplicate of 32/24');
  });

  test('every figure opens its working, which follows the workspace and closes with Escape', async () => {
    await app.click('[data-testid=range]');
    await app.shows('[data-testid=slip]', '(48 ÷ 11) ÷ (32 ÷ 36) = 4.909 = 490.9%');
    await app.click('[data-testid=overlap]');
    await app.shows('[data-testid=slip]', 'ln(2.909 ÷ 1.333) ÷ ln(4.909) = 49.0%');
    await app.click(cell('48/36'));
    await app.shows('[data-testid=slip]', '48 ÷ 36 = 4 ÷ 3 = 1.333');
    await app.shows('[data-testid=slip]', 'the same as 32/24');
    await app.click('[data-testid=distinct]');
    await app.shows('[data-testid=slip]', '18 distinct gears of 24 at 5%');
    await app.type('closeness', '10');
    await app.shows('[data-testid=slip]', '13 distinct gears of 24 at 10%');
    await app.type('closeness', '5');
    await app.leaveField();
    await app.press(Key.ESCAPE);
    await app.gone('[data-testid=slip]');
  });
});

/** Frames and what waits for them are held back, so that the drawing stays behind what is typed. */
const HOLD_BACK = `
  const own = { requestAnimationFrame, setTimeout };
  const held = [];
  window.requestAnimationFrame = (work) => held.push(work);
  // Where no frame comes, one waits no longer for it than this.
  window.setTimeout = (work, ms, ...rest) => (ms === 100 ? 0 : own.setTimeout.call(window, work, ms, ...rest));
  window.letGo = () => {
    Object.assign(window, own);
    for (const work of held) requestAnimationFrame(work);
  };`;

// Each begins on the demo workshop as it came, so that one failure is one failure.
describe('what is changed', () => {
  beforeEach(() => app.begin('/gears'));

  test('another setup in one line redraws everything, and names the cassettes of its range', async () => {
    await app.type('setup', '46-30 × 11-34 11s');
    await app.shows('[data-testid=cogs]', '11-13-15-17-19-21-23-25-27-30-34');
    await app.shows('[data-testid=range]', '473.9%');
    await app.shows('[data-testid=capacity]', '39T needed, 41T published: 2T to spare');
    expect(await app.driver.findElements(By.css('[data-gear]'))).toHaveLength(22);
    await app.choose('cassette', '9-speed');
    await app.shows('[data-testid=cogs]', '11-13-15-17-20-23-26-30-34');
    await app.holds('setup', '46/30 x 11-34 9s');
  });

  test('a tooth typed is on the ladder in the frame of its key, ahead of the database and of the rest of the page', async () => {
    const rungs = () => app.driver.findElements(By.css('[data-gear]')).then(({ length }) => length);
    const axes = () =>
      app.driver.executeScript<string>(
        "return [...document.querySelectorAll('[data-axis]')].map((axis) => axis.innerHTML).join()",
      );
    const before = await axes();
    await app.driver.executeScript(HOLD_BACK);
    // Eleven cogs instead of twelve, on the same axis.
    await app.type('setup', '48/32 x 11-34');
    expect(await rungs()).toBe(22);
    expect(await axes()).toBe(before);
    expect(await app.text('[data-testid=range]')).toBe('490.9%');
    // A cassette that needs another axis.
    await app.type('setup', '48/32 x 11-51');
    expect(await axes()).not.toBe(before);
    expect(await app.text('[data-testid=range]')).toBe('490.9%');
    await app.driver.executeScript('letGo()');
    await app.shows('[data-testid=readout]', '32/51');
  });

  test('undo and redo, by key and by button, with what they act on said', async () => {
    await app.type('setup', '46/30 x 11-34');
    await app.shows('[data-testid=range]', '473.9%');
    await app.choose('cassette', '9-speed');
    await app.shows('[data-testid=cogs]', '11-13-15-17-20-23-26-30-34');
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('[data-testid=cogs]', '11-13-15-17-19-21-23-25-27-30-34');
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('[data-testid=range]', '490.9%');
    await app.holds('setup', '48/32 x 11-36');
    await app.press(Key.chord(Key.CONTROL, Key.SHIFT, 'z'));
    await app.shows('[data-testid=range]', '473.9%');
    expect(await (await app.find('[data-tool=undo]')).getAttribute('aria-label')).toBe(
      'Undo: setup A of Estuary tourer',
    );
    await app.click('[data-tool=undo]');
    await app.shows('[data-testid=range]', '490.9%');
    await app.click('[data-tool=redo]');
    await app.shows('[data-testid=range]', '473.9%');
  });

  test('wheel, cadence and crank turn teeth into metres and speeds', async () => {
    await app.shows('[data-testid=rollout-used]', '2192.8 mm');
    await app.type('rollout', '2150');
    await app.shows('[data-testid=rollout-used]', '2150.0 mm');
    await app.type('cadence', '100');
    await app.shows('[data-testid=readout]', '11.5 km/h at 100 rpm');
    await app.type('rollout', '');
    await app.shows('[data-testid=rollout-used]', '2192.8 mm');
    await app.type('cadence', '90');
    await app.leaveField();
    await app.shows('[data-testid=readout]', '10.5 km/h at 90 rpm');
  });

  test('what cannot be is refused beside its field; the text stays and nothing is touched', async () => {
    const refused = [
      ['setup', '44/32/22 x 11-36', 'triples are not supported: enter two of the three rings'],
      ['setup', '48/32 x 11-61', 'cog 61: cogs have 9 to 60 teeth'],
      ['setup', '72 x 11-36', 'chainring 72: chainrings have 20 to 70 teeth'],
      ['setup', '44 x 11-13-13', 'cog 13 is there twice: name each cog once'],
      ['setup', '', 'enter chainrings x cassette, e.g. 48/32 x 11-36'],
      ['setup', 'my old bike', 'put an x between chainrings and cassette'],
      ['tyre', '500', 'tyre width 500: it runs from 15 to 130 mm'],
      ['rollout', '3000', 'measured rollout 3000: it runs from 800 to 2600 mm'],
      ['rollout', '79', 'measured rollout 79: it runs from 800 to 2600 mm'],
      ['cadence', 'fast', 'cadence “fast” is no number: type 20 to 200 rpm'],
      ['totalCapacityT', '41.5', 'total capacity 41.5: whole numbers, 8 to 70T'],
      ['largestCogMinT', '40', 'largest cog at least 40T but at most 36T: the minimum is above the maximum'],
    ] as const;
    const before = {
      rollout: await app.text('[data-testid=rollout-used]'),
      capacity: await app.text('[data-testid=capacity]'),
    };
    const isUntouched = async () => {
      await app.shows('[data-testid=range]', '490.9%');
      await app.shows('[data-testid=rollout-used]', before.rollout);
      await app.shows('[data-testid=capacity]', before.capacity);
    };
    for (const [id, text, message] of refused) {
      await app.type(id, text);
      await app.leaveField();
      await app.shows(`#${id}-problem`, message);
      await app.holds(id, text);
      await isUntouched();
    }
    await app.driver.navigate().refresh();
    await isUntouched();
  });

  test('the first undo after text that cannot be read drops just that text', async () => {
    await app.type('cadence', '95');
    await app.leaveField();
    await app.type('setup', 'nonsense');
    await app.shows('#setup-problem', 'put an x between');
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.gone('#setup-problem');
    await app.holds('setup', '48/32 x 11-36');
    await app.holds('cadence', '95');
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('[data-testid=readout]', 'at 90 rpm');
  });

  test('Escape drops what was typed before that is even drawn, and the field is left with a second one', async () => {
    const field = await app.find('#setup');
    await field.sendKeys(Key.END, '9', Key.ESCAPE);
    await app.holds('setup', '48/32 x 11-36');
    expect(await app.driver.findElements(By.css('#setup-problem'))).toHaveLength(0);
    await app.shows('[data-testid=range]', '490.9%');
    await field.sendKeys(Key.ESCAPE);
    expect(await app.driver.executeScript('return document.activeElement === document.body')).toBe(true);
  });
});
