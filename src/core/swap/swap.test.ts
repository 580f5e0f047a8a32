import fc from 'fast-check';
import { TOURER_FITTED } from '../../../tests/support/find';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER } from '../../../tests/support/setups';
import { swapDifference, swapKind, type SwapSide } from './difference';
import { STEP_IDS, minutesOf, swapSteps, type StepContext, type StepId } from './steps';

const side = (more: Partial<SwapSide> = {}): SwapSide => ({
  setup: TOURER,
  rearDerailleur: TOURER_FITTED.rearDerailleur,
  parts: { shifterSpeeds: 12, chainSpeeds: 12, cassetteLengthMm: 34.9 },
  freehub: { spline: 'wide', bodyLengthMm: 36.75 },
  chainLinks: 112,
  ...more,
});
const CLOSER = { ...TOURER, cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30, 34] };
const plain: StepContext = { extraChecks: [], against: [], unknown: [], weighs: false, usesQuickLink: true };
const stepsTo = (to: Partial<SwapSide>, context: Partial<StepContext> = {}) =>
  swapSteps(swapDifference(side(), side(to), 430), { ...plain, ...context });
const ids = (to: Partial<SwapSide>) => stepsTo(to).map(({ id }) => id);

const FIRST: StepId[] = ['decide', 'fit', 'gather'];
const LAST: StepId[] = ['bigBig', 'smallSmall', 'backPedal', 'torque', 'testRide', 'signOff', 'recheck'];
const REAR: StepId[] = ['bGap', 'limitScrews', 'indexing'];

test('nothing to do is no job', () => {
  const difference = swapDifference(side(), side(), 430);
  expect(swapKind(difference)).toBe('nothing');
  expect(swapSteps(difference, plain)).toEqual([]);
});

test('a cassette swap, step by step', () => {
  const difference = swapDifference(side(), side({ setup: CLOSER, chainLinks: undefined }), 430);
  expect(swapKind(difference)).toBe('cassette');
  expect(difference).toMatchObject({ bScrew: 'out', chain: { kind: 'keep', after: 112 }, front: { kind: 'stays' } });
  expect(difference.spacerMm).toBeCloseTo(1.85, 9);
  const steps = swapSteps(difference, plain);
  expect(steps.map(({ id }) => id)).toEqual([
    ...FIRST,
    'wheelOut',
    'cassetteOff',
    'spacer',
    'cassetteOn',
    'wheelIn',
    ...REAR,
    ...LAST,
  ]);
  const step = (id: StepId) => steps.find((one) => one.id === id)!;
  expect(step('spacer').text).toBe('Put 1.85 mm of spacers on the body first.');
  expect(step('cassetteOn').reading).toMatchObject({ unit: 'N·m', expected: 40 });
  expect(step('bGap').text).toContain('B-screw out, as close as clears');
  expect(step('cassetteOff').caution).toContain('Fingers');
});

test('a ring swap moves the front derailleur by 2.02 mm a tooth, and leaves the wheel in', () => {
  const difference = swapDifference(side(), side({ setup: { ...TOURER, chainrings: [46, 30] } }), 430);
  expect(swapKind(difference)).toBe('rings');
  expect(difference.ringsOff).toEqual([48, 32]);
  const steps = swapSteps(difference, plain);
  expect(steps.map(({ id }) => id)).toEqual([...FIRST, 'crank', 'frontHeight', ...LAST]);
  expect(steps.find(({ id }) => id === 'frontHeight')!.text).toBe('Move the front derailleur 4.0 mm down.');
});

test('from two rings to one: the front derailleur goes, a longer chain comes', () => {
  const to = {
    setup: ONE_RING,
    freehub: { spline: 'short' },
    rearDerailleur: { totalCapacityT: 36 },
    chainLinks: undefined,
  };
  const difference = swapDifference(side(), side(to), 430);
  expect(swapKind(difference)).toBe('twoToOne');
  expect(difference.chain).toEqual({ before: 112, isCounted: true, after: 114, kind: 'replace', takenOut: 0 });
  const steps = swapSteps(difference, plain);
  expect(steps.map(({ id }) => id)).toEqual([
    ...FIRST,
    'wheelOut',
    'cassetteOff',
    'freehub',
    'spacer',
    'cassetteOn',
    'wheelIn',
    'crank',
    'frontOff',
    'rearDerailleur',
    'chainLength',
    ...REAR,
    ...LAST,
  ]);
  expect(steps.find(({ id }) => id === 'chainLength')!.text).toBe(
    'A new chain: cut to 113 and close with the quick link, 114 links in all.',
  );
  expect(steps.find(({ id }) => id === 'bGap')!.text).toContain('B-screw in (clockwise)');
  expect(steps.find(({ id }) => id === 'spacer')!.text).toContain('Measure body and cassette');
});

test('from one ring to two, a derailleur alone, a chain alone', () => {
  const one = side({ setup: { ...TOURER, chainrings: [44] } });
  const back = swapDifference(one, side(), 430);
  expect(swapKind(back)).toBe('oneToTwo');
  expect(swapSteps(back, plain).map(({ id }) => id)).toContain('frontOn');
  expect(ids({ rearDerailleur: { totalCapacityT: 45 } })).toEqual([...FIRST, 'rearDerailleur', ...REAR, ...LAST]);
  const shorter = swapDifference(side({ chainLinks: 116 }), side({ chainLinks: 112 }), 430);
  expect(swapKind(shorter)).toBe('chain');
  expect(shorter.chain).toMatchObject({ kind: 'shorten', takenOut: 4 });
  const [chain] = swapSteps(shorter, { ...plain, usesQuickLink: false }).filter(({ id }) => id === 'chainLength');
  expect(chain!.text).toBe('Take 4 links out: 116 become 112.');
  // The front derailleur's number stands in the same record, and is no other rear derailleur.
  const front = { ...TOURER_FITTED.rearDerailleur, ringDifferenceMaxT: 18 };
  expect(swapDifference(side(), side({ rearDerailleur: front }), 430).isSame).toBe(true);
});

test('a limit that is passed adds its check to the card, and weighing its step', () => {
  const steps = stepsTo({ setup: CLOSER }, { extraChecks: ['the cage still has travel'], weighs: true });
  expect(steps.find(({ id }) => id === 'fit')!.text).toContain('the cage still has travel');
  expect(steps.find(({ id }) => id === 'fit')!.caution).toContain('sheet wins');
  expect(steps.map(({ id }) => id)).toContain('weigh');
});

test('whatever is swapped: steps are in order, each with its why, and nobody rides before the big-big check', () => {
  fc.assert(
    fc.property(setupArbitrary(), setupArbitrary(), fc.boolean(), (from, to, weighs) => {
      const steps = swapSteps(swapDifference(side({ setup: from }), side({ setup: to, chainLinks: undefined }), 430), {
        ...plain,
        weighs,
      });
      const places = steps.map(({ id }) => STEP_IDS.indexOf(id));
      expect(places).toEqual([...places].sort((a, b) => a - b));
      for (const { text, why, reading } of steps) {
        expect(`${text} ${why}`).not.toMatch(/undefined|NaN/);
        if (reading?.expected !== undefined && reading.unit === 'N·m')
          expect(reading.expected).toBeLessThanOrEqual(reading.max);
      }
      if (steps.length === 0) return;
      const order = steps.map(({ id }) => id);
      expect(order.indexOf('bigBig')).toBeGreaterThan(0);
      expect(order.indexOf('bigBig')).toBeLessThan(order.indexOf('testRide'));
      expect(minutesOf(steps)).toBeGreaterThan(20);
    }),
    { ...SEEDED, numRuns: 300 },
  );
});
