import { Key } from 'selenium-webdriver';
import { AppInBrowser } from './harness';

const app = AppInBrowser.ofFile('demo');
afterEach(async () => expect(await app.complaints()).toEqual([]));

/** Length of the drawn chain, in the drawing's own millimetres. */
const drawnMm = () =>
  app.driver.executeScript<number>(`return document.querySelector('[data-drawn] [data-chain]').getTotalLength()`);
const draw = async (what: string, gear: string) => {
  await app.clickText('label', what);
  await app.shows('[data-testid=gear-drawn]', gear);
};

const begin = async () => {
  await app.begin('/compatibility');
  await app.find('[data-drawn=bigBig] [data-chain]');
};

describe('what is only looked at', () => {
  beforeAll(begin);

  test('the drawing is true to scale: ring and chainstay stand as they do on the bike', async () => {
    const { ringMm, stayMm, perMm } = await app.driver.executeScript<Record<string, number>>(`
    const view = document.querySelector('[data-drawn="bigBig"] svg');
    const [cog, ring] = [...view.querySelectorAll('circle')].filter((c) => c.getAttribute('r') > 40)
      .sort((a, b) => a.getAttribute('cx') - b.getAttribute('cx'));
    const box = ring.getBoundingClientRect();
    return { ringMm: +ring.getAttribute('r'), perMm: box.width / 2 / ring.getAttribute('r'),
      stayMm: Math.hypot(ring.getAttribute('cx') - cog.getAttribute('cx'), ring.getAttribute('cy') - cog.getAttribute('cy')) };`);
    expect(ringMm).toBeCloseTo(12.7 / (2 * Math.sin(Math.PI / 48)), 3);
    expect(stayMm).toBeCloseTo(430, 3);
    expect(perMm).toBeGreaterThan(0.4);
  });

  test('the drawn chain is as long as its links, in both ends and in every gear between', async () => {
    const isWhole = async () => expect(Math.abs((await drawnMm()) - 112 * 12.7)).toBeLessThan(1);
    await isWhole();
    await draw('Small-small', '32/11: cage −56.5°');
    await isWhole();
    await draw('Any gear', '48/19: cage');
    const steps = [
      [Key.ARROW_DOWN, '48/21'],
      [Key.ARROW_DOWN, '48/24'],
      [Key.ARROW_LEFT, '32/24'],
      [Key.ARROW_UP, '32/21'],
      [Key.ARROW_RIGHT, '48/21'],
    ] as const;
    const group = await app.find('[aria-label^="Gear drawn: the arrow keys"]');
    for (const [key, gear] of steps) {
      await group.sendKeys(key);
      await app.shows('[data-testid=gear-drawn]', `${gear}: cage`);
      await isWhole();
    }
    await app.click('[aria-label^="32/36,"]');
    await app.shows('[data-testid=gear-drawn]', '32/36: cage +20.7');
    await app.find('[aria-label^="32/36,"][aria-pressed=true]');
  });
});

describe('capacity, one step after the other', () => {
  beforeAll(begin);

  test('capacity over the sheet names the nearest repairs', async () => {
    await app.type('totalCapacityT', '39');
    await app.shows('[data-testid=check-totalCapacity]', '2T over the published limit. To fix: a 34T small ring');
    await app.shows('[data-testid=check-totalCapacity]', 'the rear derailleur of C, Two rings, closer');
  });

  test('a repair is laid on the setup by a click, and taken back by undo', async () => {
    await app.type('totalCapacityT', '39');
    await app.leaveField();
    await app.shows('[data-testid=fit-answer]', 'Not compatible: capacity −2T');
    await app.clickText('button', 'a 34T small ring');
    await app.shows(
      '[data-testid=fit-answer]',
      /^Compatible, within published limits|^Not decided yet: \d+ of \d+ checks have data, and none/,
    );
    await app.holds('setup', '48/34 x 11-36');
    await app.press(Key.chord(Key.CONTROL, 'z'));
    await app.shows('[data-testid=fit-answer]', 'capacity −2T');
    await app.holds('setup', '48/32 x 11-36');
  });

  test('both schools on limits: outside stays outside, with a reason and an extra check', async () => {
    await app.type('totalCapacityT', '39');
    await app.leaveField();
    await app.clickText('label', 'workshop-proven');
    await app.shows('[data-testid=fit-answer]', 'Over a published limit, to be tested: capacity −2T');
    await app.shows(
      '[data-testid=check-totalCapacity]',
      /over limit[\s\S]*Worth testing: cage geometry: the chain is under tension/,
    );
    await app.shows('[data-testid=check-totalCapacity]', 'Extra check: Big-big by hand, slowly');
    await app.type('cageLengthMm', '60');
    await app.shows('[data-testid=check-totalCapacity]', 'Not worth testing');
    await app.shows('[data-testid=fit-answer]', 'Not compatible: capacity −2T');
  });
});

describe('chain length, one step after the other', () => {
  beforeAll(begin);

  test('a chain too short is said and shown; one too long is slack; an odd one cannot be joined', async () => {
    await app.type('chain-links', '106');
    await app.shows('[data-testid=check-chainLength]', 'cannot work');
    await app.shows('[data-testid=check-chainLength]', 'can tear off the derailleur');
    await app.shows('[data-end=bigBig]', 'too short: 106 links do not reach');
    await app.shows('[data-testid=links-to-add]', '106 links: 6 links too short. Fit a new chain');
    await app.type('chain-links', '118');
    await app.shows('[data-end=smallSmall]', 'slack');
    await app.shows('[data-testid=check-chainLength]', 'To fix: 6 links fewer');
    await app.type('chain-links', '113');
    await app.shows('[data-testid=chain-ends]', '113 is an odd number');
    await app.type('chain-links', '112');
    await app.shows(
      '[data-testid=chain-ends]',
      '112 links including the quick link: cut to 111, with inner links at both ends',
    );
  });

  test('what hangs slack is left out at once', async () => {
    await app.type('chain-links', '114');
    await app.leaveField();
    await app.shows('[data-testid=check-chainLength]', 'slack');
    await app.clickText('button', 'Exclude slack gears');
    await app.shows('[data-testid=check-chainLength]', 'slack in gears that you excluded');
    await app.shows(
      '[data-testid=fit-answer]',
      /^Compatible, within published limits|^Not decided yet: \d+ of \d+ checks have data, and none/,
    );
  });
});

describe('checks, each on a part of its own', () => {
  beforeAll(begin);

  test('the freehub spacer is worked out from lengths; a body is taken from the typical ones', async () => {
    await app.type('spacerMm', '0');
    await app.leaveField();
    await app.shows('[data-testid=check-freehubLength]', '1.85 mm short; the cassette will have play');
    await app.clickText('button', '1.85 mm of spacers');
    await app.shows('[data-testid=check-freehubLength]', 'OK');
    await app.choose('freehub-typical', 'short splines and a thread');
    await app.shows('[data-testid=check-freehub]', 'cannot work');
    await app.shows('[data-testid=check-freehubLength]', 'no data: the length of the freehub body');
    await app.type('freehubSpline', 'nine wide splines');
    await app.shows('[data-testid=check-freehub]', 'OK');
  });

  test('a missing datum is named, and a click leads to its field', async () => {
    await app.type('chainSpeeds', '');
    await app.leaveField();
    await app.shows('[data-testid=check-chainSpeeds]', 'no data: the chain speed');
    await app.click('[data-testid=check-chainSpeeds] [title="Go to the field"]');
    expect(await app.driver.executeScript('return document.activeElement.id')).toBe('chainSpeeds');
    await app.press('1', '1');
    await app.shows('[data-testid=check-chainSpeeds]', 'too wide');
  });
});

describe('what is changed', () => {
  beforeEach(begin);

  test('gears that are never used are left out, and the wrap follows; big-big cannot be', async () => {
    expect(await (await app.find('#gear-used')).isEnabled()).toBe(false);
    await app.shows('[data-testid=wrap]', 'Big-big cannot be excluded: shifting into it by accident');
    for (const cog of [11, 12, 13]) {
      await app.click(`[aria-label^="32/${cog},"]`);
      await app.clickText('label', `I use 32/${cog}`);
    }
    await app.shows('[data-testid=wrap]', '38T in the gears you use, 41T in all gears: 3 excluded');
    await app.shows(
      '[data-testid=check-totalCapacity]',
      '38T needed with gears excluded from this combination (41T in all gears)',
    );
    await app.clickText('button', 'Include all');
    await app.shows('[data-testid=check-totalCapacity]', '41T needed, 41T published');
  });

  test('what cannot be is refused beside its field; the text stays, the drawing too', async () => {
    const refused = [
      ['chainstayMm', '300', 'chainstay 300: it runs from 350 to 600 mm'],
      ['bbDropMm', '500', 'bottom bracket drop 500: it runs from −30 to 120 mm'],
      ['cageLengthMm', '300', 'cage length 300: it runs from 40 to 140 mm'],
      ['chain-links', '59', 'chain 59: it runs from 60 to 180 links'],
      ['largestCogMinT', '40', 'the minimum is above the maximum'],
      ['frontBigRingMinT', '60', 'the minimum is above the maximum'],
      ['cablePullMm', '9', 'cable pull per click 9: it runs from 1 to 6 mm'],
      ['bodyLengthMm', '99', 'freehub body 99: it runs from 10 to 60 mm'],
    ] as const;
    for (const [id, text, message] of refused) {
      await app.type(id, text);
      await app.leaveField();
      await app.shows(`#${id}-problem`, message);
      await app.holds(id, text);
      await app.shows('[data-end=bigBig]', '+66.9°');
    }
  });
});
