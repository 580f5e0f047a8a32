import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { candidate } from '../../../tests/support/compared';
import { fillBrief, usedGears, type Brief } from '../needs';
import { setupFigures, type Candidate, type SetupFigures } from './figures';
import { forWhom, type SuitFact } from './for-whom';
import { frontDragW } from './drag';
import { lossBetween, lossGearsOf } from './loss-between';
import { needAnswers } from './advice';
import { priorityChoices } from './priorities';
import { sameJobs, type SameJob } from './same-job';
import { cases } from '../../../tests/support/fuzz';

const RULES = { closenessPercent: 5, crossedCogs: 2 };
const road = fillBrief({ use: 'road' });
const of = (chainrings: number[], cogs: number[], more: Partial<Candidate> = {}) =>
  setupFigures(candidate({ chainrings, cogs, hubStages: [1] }, more), road, RULES);
const TWO = of([50, 34], [11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30], { massG: 1900, cost: 0 });
const ONE = of([42], [10, 12, 14, 16, 18, 21, 24, 28, 32, 36, 42], { massG: 1600, cost: 310 });
const ids = (facts: readonly SuitFact[]) => facts.map(({ id }) => id);

test('a 1x suits who wants one hand and clearance, a 2x who wants small steps; each with the case against it', () => {
  const one = forWhom(ONE, [TWO], road);
  expect(ids(one.speaksFor)).toEqual(expect.arrayContaining(['oneHand', 'moreClearance', 'lighter']));
  expect(ids(one.against)).toEqual(expect.arrayContaining(['gaps', 'largerSteps', 'chainMayDrop', 'costs']));
  const two = forWhom(TWO, [ONE], road);
  expect(ids(two.speaksFor)).toEqual(expect.arrayContaining(['noGaps', 'smallerSteps', 'nothingToBuy']));
  expect(ids(two.against)).toEqual(expect.arrayContaining(['bothHands', 'lessClearance', 'heavier']));
});

test('no fact speaks for and against at once, whatever the setups', () => {
  fc.assert(
    fc.property(setupArbitrary(), setupArbitrary(), (a, b) => {
      const [own, other] = [a, b].map((setup) => setupFigures(candidate(setup), road, RULES));
      const { speaksFor, against } = forWhom(own!, [other!], road);
      expect(ids(speaksFor).filter((id) => ids(against).includes(id))).toEqual([]);
      const all = ids([...speaksFor, ...against]);
      expect(new Set(all).size).toBe(all.length);
    }),
    { ...SEEDED, numRuns: cases(15) },
  );
});

test('any two gears side by side: chain and air in watts, and no difference inside both spreads', () => {
  const conditions = { powerW: 200, speedKmh: 30, frontDragCm2: 20, anglePercentPerDeg: 0 };
  const gear = (chainring: number, cog: number, hasFront: boolean, hubStage = 1) => ({
    ...{ chainring, cog, hubStage },
    ...{ angleDeg: 0, hasFront },
  });
  const near = lossBetween(gear(50, 19, true), gear(42, 16, true), conditions);
  expect(near.withinSpreads).toBe(true);
  expect(near.left.chain.watts).toBeCloseTo(200 * 0.11 * 1.8 * ((2 * Math.PI) / 12.7) * (1 / 50 + 1 / 19), 9);
  const far = lossBetween(gear(60, 60, false), gear(20, 9, true), { ...conditions, powerW: 400 });
  expect(far.withinSpreads).toBe(false);
  expect(far.differenceW).toBeCloseTo(far.right.total.watts - far.left.total.watts, 12);
  expect(far.left.air.watts).toBe(0);
  expect(far.right.air.watts).toBeCloseTo(frontDragW(20, 30), 12);
  const same = lossBetween(gear(44, 20, false), gear(44, 20, false), conditions);
  expect(same.differenceW).toBe(0);
});

describe('what a rider uses now', () => {
  const used = (said: Brief) => usedGears(TWO.candidate.setup, said, [])!;
  const factsOf = (own: SetupFigures, said: Brief) => {
    const { speaksFor, against } = forWhom(own, [TWO], road, sameJobs(TWO.report, own.report, used(said)));
    return { speaksFor: ids(speaksFor), against: ids(against) };
  };
  const gear = (chainring: number, cog: number) => ({ chainring, cog });

  test('giving up gears that are rarely used speaks for a setup, and nothing is said of others', () => {
    // 50/11 is 4.545 and 42/10 4.2: the one gear beyond, but for 50/12 (4.167) which 42/10 covers.
    expect(factsOf(ONE, { rareCogs: [11] }).speaksFor).toContain('losesRare');
    expect(factsOf(ONE, { rareCogs: [30] }).speaksFor).not.toContain('losesRare');
  });

  test('a gear is given up where nothing at that end is within a fortieth of it', () => {
    const [easiestM, hardestM] = [ONE.report.gears[0]!.developmentM, ONE.report.gears.at(-1)!.developmentM];
    const lost = (developmentM: number, use: SameJob['use'] = 'rare') => {
      const gear = { ...TWO.report.gears[0]!, developmentM };
      const job: SameJob = { gear, nearest: gear, change: 0, use };
      return forWhom(ONE, [TWO], road, [job]).speaksFor.find(({ id }) => id === 'losesRare');
    };
    expect(lost(hardestM * 1.026)).toMatchObject({ gears: [{ developmentM: hardestM * 1.026 }] });
    expect(lost(hardestM * 1.024)).toBeUndefined();
    expect(lost(easiestM / 1.026)).toMatchObject({ gears: [{ developmentM: easiestM / 1.026 }] });
    expect(lost(easiestM / 1.024)).toBeUndefined();
    expect(lost(hardestM * 1.1, 'known')).toBeUndefined();
  });

  test('a usual gear that has its like is kept; the one that changes most is named', () => {
    expect(factsOf(ONE, { usualGears: [gear(50, 12)] }).speaksFor).toContain('keepsUsual');
    const jobs = sameJobs(TWO.report, ONE.report, used({ usualGears: [gear(50, 12), gear(50, 13)] }));
    const [changed] = forWhom(ONE, [TWO], road, jobs).against.filter(({ id }) => id === 'changesUsual');
    expect(changed).toMatchObject({ job: { gear: { chainring: 50, cog: 13 }, nearest: { chainring: 42, cog: 10 } } });
  });
});

describe('shifting as it is used', () => {
  const automatic = of([50, 34], [11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30], { frontControl: 'automatic' });
  const byHand = of([50, 34], [11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30]);

  test('where the system shifts the front no shift needs both hands, and one hand does it all', () => {
    expect(byHand.byHand).toEqual({ front: 1, double: 1 });
    expect(automatic.byHand).toEqual({ front: 0, double: 0 });
    expect(ids(forWhom(automatic, [ONE], road).speaksFor)).toContain('systemShifts');
    expect(ids(forWhom(automatic, [ONE], road).against)).not.toContain('bothHands');
    expect(ids(forWhom(byHand, [ONE], road).against)).toContain('bothHands');
    const bothered = { ...road, bothers: ['frontShifting' as const] };
    const answer = (figures: SetupFigures) =>
      needAnswers(figures, bothered, figures).find(({ id }) => id === 'frontShifting');
    expect(answer(automatic)).toMatchObject({ met: true, frontShifts: 1, doubleShifts: 0, control: 'automatic' });
    expect(answer(byHand)).toMatchObject({ met: false, frontShifts: 1, doubleShifts: 1, control: 'lever' });
  });

  test('simplicity first takes one ring before a front that shifts itself, and that before a lever', () => {
    const choice = (all: readonly SetupFigures[]) =>
      priorityChoices(all, road).find(({ priority }) => priority === 'simplicity')!.choices;
    expect(choice([byHand, automatic])).toEqual([1]);
    expect(choice([automatic, ONE, byHand])).toEqual([1]);
  });
});

describe('a two-speed hub', () => {
  const hub = { chainrings: [44], cogs: [11, 13, 15, 17, 19, 21, 24, 28], hubStages: [1, 0.7] };

  test('takes its share in the geared stage, with its spread, and nothing straight through', () => {
    const conditions = { powerW: 200, speedKmh: 30, frontDragCm2: 20, anglePercentPerDeg: 0 };
    const gears = lossGearsOf(candidate(hub));
    expect(gears).toHaveLength(16);
    const [straight, geared] = gears;
    const { left, right, differenceW } = lossBetween(straight!, geared!, conditions);
    expect(left.hub).toEqual({ watts: 0, lowWatts: 0, highWatts: 0 });
    expect(right.hub).toEqual({ watts: 6, lowWatts: 3, highWatts: 10 });
    expect(right.chain).toEqual(left.chain);
    expect(differenceW).toBeCloseTo(6, 10);
  });

  test('counts in the gear for the usual speed only where that gear is geared', () => {
    const at = (cruisingSpeedKmh: number) =>
      setupFigures(candidate(hub), fillBrief({ use: 'road', cruisingSpeedKmh }), RULES);
    const [slow, fast] = [at(14), at(40)];
    expect(slow.cruising.gear.hubStage).toBe(0.7);
    expect(slow.loss.fraction - slow.chainLoss.fraction).toBeCloseTo(0.03, 12);
    expect(fast.cruising.gear.hubStage).toBe(1);
    expect(fast.loss).toEqual(fast.chainLoss);
  });
});
