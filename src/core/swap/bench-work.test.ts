import fc from 'fast-check';
import { SEEDED } from '../../../tests/support/arbitraries';
import { ONE_RING } from '../../../tests/support/setups';
import { cardTo } from '../../../tests/support/swap';
import { isBehind, nextStep, standsInTheWay, started, stopped, workSteps, workedMs, type Progress } from './progress';
import { judgeReading } from './readings';
import type { StepReading } from './steps';
import { SETTLED_AFTER_MS, compareWeighings, hasSettled, isWholeSteps } from './weighing';
import { kmPerDay, student80, wearForecast, wearLimitPercent, whenAtKm, type WearReading } from './wear';

const { steps } = cardTo({ setup: ONE_RING, rearDerailleur: { totalCapacityT: 36 } });
const reading = (id: string) => steps.find((step) => step.id === id)!.reading!;

test('readings: as worked out, plausible, doubtful, impossible, each with a reason', () => {
  const links = reading('chainLength');
  expect(judgeReading(links, 114)).toEqual({ kind: 'asExpected' });
  expect(judgeReading(links, 112)).toMatchObject({
    kind: 'doubtful',
    message: expect.stringContaining('2 fewer than worked out') as string,
  });
  expect(judgeReading(links, 116)).toMatchObject({
    kind: 'doubtful',
    message: expect.stringContaining('slack in small-small') as string,
  });
  expect(judgeReading(links, 113)).toMatchObject({
    kind: 'impossible',
    message: expect.stringContaining('odd count') as string,
  });
  expect(judgeReading(links, 500)).toMatchObject({
    kind: 'impossible',
    message: expect.stringContaining('60 to 180') as string,
  });
  expect(judgeReading(links, 112.5)).toMatchObject({ kind: 'impossible' });
  const torque = reading('cassetteOn');
  expect(judgeReading(torque, 42)).toEqual({ kind: 'asExpected' });
  expect(judgeReading(torque, 30)).toMatchObject({
    kind: 'doubtful',
    message: expect.stringContaining('the torque on the part wins') as string,
  });
  const gap = reading('bGap');
  expect(judgeReading(gap, 6)).toEqual({ kind: 'plausible' });
  expect(judgeReading(gap, 25)).toMatchObject({
    kind: 'doubtful',
    message: expect.stringContaining('4 to 16 mm is common') as string,
  });
  expect(judgeReading(reading('spacer'), 1.85)).toEqual({ kind: 'asExpected' });
  expect(judgeReading(reading('spacer'), 1)).toMatchObject({ kind: 'doubtful' });
  expect(judgeReading(gap, NaN)).toMatchObject({ kind: 'impossible' });
});

test('no reading throws, whatever is typed', () => {
  fc.assert(
    fc.property(
      fc.constantFrom<StepReading>(...steps.flatMap((step) => step.reading ?? [])),
      fc.double(),
      (rule, value) => {
        const judged = judgeReading(rule, value);
        if (judged.kind !== 'impossible') expect(value >= rule.min && value <= rule.max).toBe(true);
      },
    ),
    SEEDED,
  );
});

test('two weighings agree within what rounding explains, and not beyond', () => {
  const kitchen = (grams: number) => ({ grams, resolutionG: 5 });
  expect(compareWeighings([kitchen(355), kitchen(110)], [kitchen(470)])).toMatchObject({
    differenceG: -5,
    allowedG: 7.5,
    agrees: true,
  });
  expect(compareWeighings([kitchen(355), kitchen(110)], [kitchen(480)])).toMatchObject({ agrees: false });
  expect(compareWeighings([{ grams: 0.3, resolutionG: 0.1 }], [{ grams: 0.2, resolutionG: 0.1 }]).agrees).toBe(true);
});

test('true weights, rounded by any scale, never disagree', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 1, max: 900, noNaN: true }), { minLength: 1, maxLength: 6 }),
      fc.constantFrom(0.1, 1, 2, 5, 10),
      fc.constantFrom(0.1, 1, 5),
      (grams, stepG, otherG) => {
        const shown = (value: number, resolutionG: number) => ({
          grams: Math.round(value / resolutionG) * resolutionG,
          resolutionG,
        });
        const total = grams.reduce((sum, one) => sum + one, 0);
        expect(
          compareWeighings(
            grams.map((one) => shown(one, stepG)),
            [shown(total, otherG)],
          ).agrees,
        ).toBe(true);
      },
    ),
    SEEDED,
  );
});

test('a scale shows whole steps of its own', () => {
  expect([isWholeSteps(0.3, 0.1), isWholeSteps(355, 1), isWholeSteps(355, 5), isWholeSteps(410.7, 0.1)]).toEqual([
    true,
    true,
    true,
    true,
  ]);
  expect([isWholeSteps(355.5, 1), isWholeSteps(352, 5), isWholeSteps(0.25, 0.1)]).toEqual([false, false, false]);
});

test('a scale has settled when it stood within a step for a while', () => {
  const at = (list: readonly number[]) => list.map((grams, i) => ({ atMs: i * 200, grams }));
  expect(hasSettled([], 1)).toBe(false);
  expect(hasSettled(at([100, 100]), 1)).toBe(false);
  const count = SETTLED_AFTER_MS / 200 + 1;
  expect(hasSettled(at([50, ...Array.from({ length: count }, () => 100)]), 1)).toBe(true);
  expect(hasSettled(at([...Array.from({ length: count }, (_, i) => 90 + 2 * i)]), 1)).toBe(false);
  expect(hasSettled(at([...Array.from({ length: count }, (_, i) => 0.1 * (i % 2))]), 0.1)).toBe(true);
});

test('wear: the gauge limit by speeds, and a line to it with its spread', () => {
  expect([wearLimitPercent(12), wearLimitPercent(11), wearLimitPercent(10), wearLimitPercent(8)]).toEqual([
    0.5, 0.5, 0.75, 0.75,
  ]);
  const read = (km: number, wearPercent: number): WearReading => ({ atMs: km, km, wearPercent });
  const exact = wearForecast([read(1000, 0.1), read(2000, 0.2), read(3000, 0.3)], 0.5);
  expect(exact).toMatchObject({
    kind: 'forecast',
    forecast: { ratePer1000Km: expect.closeTo(0.1, 9) as number, limitKm: expect.closeTo(5000, 6) as number },
  });
  if (exact.kind !== 'forecast') throw new Error('no forecast');
  expect(exact.forecast.spreadKm![1] - exact.forecast.spreadKm![0]).toBeLessThan(1e-6);
  const two = wearForecast([read(0, 0), read(1000, 0.2)], 0.5);
  expect(two).toMatchObject({ forecast: { limitKm: expect.closeTo(2500, 6) as number, spreadKm: undefined } });
  // By hand: slope 0.000175, intercept 0.05, residual² = (0.025² + 0.025² … )/2, t = 1.886.
  const four = wearForecast([read(0, 0.05), read(1000, 0.25), read(2000, 0.35), read(3000, 0.6)], 0.75);
  if (four.kind !== 'forecast') throw new Error('no forecast');
  expect(four.forecast.ratePer1000Km).toBeCloseTo(0.175, 9);
  expect(four.forecast.limitKm).toBeCloseTo(4000, 6);
  const residual = Math.sqrt((0 + 0.025 ** 2 + 0.05 ** 2 + 0.025 ** 2) / 2);
  const half = (1.886 * residual * Math.sqrt(1 + 1 / 4 + 2500 ** 2 / 5_000_000)) / 0.000175;
  expect(four.forecast.spreadKm![1] - 4000).toBeCloseTo(half, 6);
  expect(wearForecast([read(0, 0)], 0.5)).toEqual({ kind: 'tooFew' });
  expect(wearForecast([read(5, 0.1), read(5, 0.2)], 0.5)).toEqual({ kind: 'tooFew' });
  expect(wearForecast([read(0, 0.2), read(900, 0.1)], 0.5)).toEqual({ kind: 'notWearing' });
  expect(wearForecast([read(0, 0.1), read(900, 0.55)], 0.5)).toMatchObject({ kind: 'reached' });
  expect(wearForecast([read(0, 0.6)], 0.5)).toMatchObject({ kind: 'reached' });
});

test('the points of Student’s t fall to the normal without a jump', () => {
  expect([1, 5, 10].map(student80)).toEqual([3.078, 1.476, 1.372]);
  // By table: 1.363, 1.341, 1.325, 1.282.
  for (const [freedom, point] of [
    [11, 1.363],
    [15, 1.341],
    [20, 1.325],
    [1e6, 1.2816],
  ] as const)
    expect(Math.abs(student80(freedom) - point)).toBeLessThan(0.005);
  for (let freedom = 1; freedom < 40; freedom += 1) expect(student80(freedom)).toBeGreaterThan(student80(freedom + 1));
});

test('when a distance is reached, by what was ridden lately', () => {
  const day = 86_400_000;
  const trips = [
    { atMs: 0, km: 900 },
    { atMs: 95 * day, km: 90 },
    { atMs: 99 * day, km: 90 },
  ];
  expect(kmPerDay(trips, 100 * day)).toBe(2);
  expect(kmPerDay(trips, 400 * day)).toBeUndefined();
  expect(whenAtKm(100, 150, 2, 0)).toBe(25 * day);
  expect(whenAtKm(200, 150, 2, 7)).toBe(7);
});

test('a job goes on at the first open step, and a trouble keeps its step open', () => {
  const done = (ids: readonly string[]): Progress => Object.fromEntries(ids.map((id) => [id, { doneAtMs: 1 }]));
  expect(nextStep(steps, {})!.id).toBe('decide');
  expect(nextStep(steps, { ...done(['decide', 'fit']), gather: { skipped: true } })!.id).toBe('wheelOut');
  expect(isBehind({ indexing: { doneAtMs: 1, trouble: 'noise' } }, 'indexing')).toBe(false);
  expect(nextStep(steps, done(workSteps(steps).map(({ id }) => id)))).toBeUndefined();
  expect(workSteps(steps).map(({ id }) => id)).not.toContain('recheck');
});

test('nobody rides before the checks, and they are never left out', () => {
  expect(standsInTheWay('bigBig', steps, {}, 'skipped')).toContain('never left out');
  expect(standsInTheWay('testRide', steps, { limitScrews: { doneAtMs: 1 } }, 'done')).toBe(
    'Never ride before these are done: Big-big by hand, Small-small.',
  );
  const safe = { limitScrews: { doneAtMs: 1 }, bigBig: { doneAtMs: 1 }, smallSmall: { doneAtMs: 1 } };
  expect(standsInTheWay('testRide', steps, safe, 'done')).toBeUndefined();
  expect(standsInTheWay('signOff', steps, { ...safe, bigBig: { doneAtMs: 1, trouble: 'lockedUp' } }, 'done')).toContain(
    'Big-big',
  );
  expect(standsInTheWay('torque', steps, {}, 'skipped')).toBeUndefined();
});

test('the clock of a job: stops, goes on, and is not fooled by a clock set back', () => {
  const runs = stopped(started([], 1000), 4000);
  expect(started(started(runs, 9000), 9500)).toEqual([{ fromMs: 1000, toMs: 4000 }, { fromMs: 9000 }]);
  expect(workedMs(started(runs, 9000), 10_000)).toBe(4000);
  expect(workedMs([{ fromMs: 9000 }], 5000)).toBe(0);
  expect(stopped([{ fromMs: 9000 }], 5000)).toEqual([{ fromMs: 9000, toMs: 9000 }]);
});
