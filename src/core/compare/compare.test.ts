import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { candidate } from '../../../tests/support/compared';
import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { fillBrief, type Brief } from '../needs';
import { speedKmh, type Setup } from '../gears';
import { type RearDerailleur } from '../fit';
import {
  cogChanges,
  difference,
  needAnswers,
  sameJobs,
  priorityChoices,
  setupFigures,
  speedsRidden,
  timeWeightedStep,
  type Candidate,
  type Priority,
  type RowId,
} from './index';
import { cases } from '../../../tests/support/fuzz';

const RULES = { closenessPercent: 5, crossedCogs: 2 };
const compare = (brief: Brief, more: Partial<Candidate> = {}, moreOfBase: Partial<Candidate> = {}) => {
  const filled = fillBrief({ preferredRpm: 88, ...brief });
  const base = setupFigures(candidate(TOURER, moreOfBase), filled, RULES);
  const own = setupFigures(candidate(ONE_RING, more), filled, RULES);
  const rows = new Map(difference(own, base, filled).map((row) => [row.id, row]));
  return { filled, base, own, row: (id: RowId) => rows.get(id)! };
};
/** The worked example: 180 W, 105 kg on 8%, in a band of 82–94 rpm. */
const BRIEF: Brief = {
  ...{ powerW: 180, lowRpm: 82, highRpm: 94, climbingRpm: 59, steepestLengthM: 2000 },
  ...{ stepClimbingPercent: 17, stepBetweenPercent: 15, stepFastPercent: 12 },
};

test('a wide 1x against the wide 2x: 12.5% harder at the easy end, said as worse where the climb asks for it', () => {
  const { row } = compare(BRIEF);
  expect(row('easiest').change).toBeCloseTo(0.125, 12);
  expect(row('easiest').judgement).toBe('worse');
  expect(row('hardest').change).toBeCloseTo(4.4 / (48 / 11) - 1, 12);
  expect(row('hardest').judgement).toBe('enough');
  expect(row('gaps')).toMatchObject({ own: 5, base: 1, judgement: 'worse' });
  expect(row('frontShifts')).toMatchObject({ own: 0, base: 1, judgement: 'better' });
  expect(row('largestStep.climbing').own).toBeCloseTo(38 / 32 - 1, 12);
  expect(row('largestStep.climbing').judgement).toBe('worse');
  expect(row('mass').judgement).toBe('notKnown');
});

test('a harder easiest gear is no loss where both are easy enough', () => {
  expect(compare({ ...BRIEF, powerW: 300 }).row('easiest').judgement).toBe('enough');
});

test('nothing differs from itself', () => {
  fc.assert(
    fc.property(setupArbitrary(), (setup) => {
      const filled = fillBrief({ preferredRpm: 90 });
      const figures = setupFigures(candidate(setup), filled, RULES);
      for (const { judgement } of difference(figures, figures, filled))
        expect(['same', 'notKnown']).toContain(judgement);
    }),
    { ...SEEDED, numRuns: cases(15) },
  );
});

test('better one way is worse the other way', () => {
  fc.assert(
    fc.property(setupArbitrary(), setupArbitrary(), (a, b) => {
      const filled = fillBrief({ preferredRpm: 90 });
      const [first, second] = [a, b].map((setup) => setupFigures(candidate(setup), filled, RULES));
      const forth = difference(first!, second!, filled);
      const back = difference(second!, first!, filled);
      const turned = {
        withinSpread: 'withinSpread',
        better: 'worse',
        worse: 'better',
        same: 'same',
        enough: 'enough',
        notKnown: 'notKnown',
      };
      forth.forEach(({ judgement }, i) => expect(back[i]!.judgement).toBe(turned[judgement]));
    }),
    { ...SEEDED, numRuns: cases(15) },
  );
});

test('weight and cost are compared as soon as both are known', () => {
  const { row } = compare(BRIEF, { massG: 1500, cost: 240 }, { massG: 1900, cost: 0 });
  expect(row('mass')).toMatchObject({ judgement: 'better' });
  expect(row('mass').change).toBeCloseTo(-4 / 19, 12);
  expect(row('cost')).toMatchObject({ judgement: 'worse', change: undefined });
});

test('cogs kept, gained and lost', () => {
  const { own, base } = compare(BRIEF);
  expect(cogChanges(own, base)).toEqual({
    kept: [11, 13, 15, 17, 19, 21, 24, 28, 32],
    gained: [10, 38, 44],
    lost: [12, 14, 36],
  });
});

test('each need is met or not, with the teeth that would change it', () => {
  const { own, base, filled } = compare({ ...BRIEF, topSpeedKmh: 54, bothers: ['frontShifting', 'noise'] });
  const of = (figures: typeof own) =>
    new Map(needAnswers(figures, filled, figures).map((answer) => [answer.id, answer]));
  const one = of(own);
  expect(one.get('climb')).toMatchObject({ met: false, remedy: { ringT: 40, cogT: 50 } });
  expect(of(base).get('climb')).toMatchObject({ met: true });
  expect(one.get('topSpeed')).toMatchObject({ met: true });
  expect(one.get('steps.climbing')).toMatchObject({ met: false, remedy: { cogT: 35 } });
  expect(one.get('gaps')).toMatchObject({ met: false, count: 5 });
  expect(one.get('frontShifting')).toMatchObject({ met: true });
  expect(of(base).get('frontShifting')).toMatchObject({ met: false, frontShifts: 1 });
  expect(one.has('quiet')).toBe(true);
  expect(one.get('limits')).toMatchObject({ met: false, known: false });
});

test('a need that the rider does not have is not asked', () => {
  const { own, filled } = compare({});
  expect(needAnswers(own, filled, own).map(({ id }) => id)).toEqual([
    'climb',
    'topSpeed',
    'steps.climbing',
    'steps.between',
    'steps.fast',
    'gaps',
    'cruising',
    'limits',
  ]);
});

test('what would change the climb does change it, and the next larger ring would not', () => {
  fc.assert(
    fc.property(setupArbitrary(), fc.integer({ min: 60, max: 250 }), (setup, powerW) => {
      const filled = fillBrief({ preferredRpm: 85, powerW });
      const figures = setupFigures(candidate({ ...setup, chainrings: setup.chainrings.slice(0, 1) }), filled, RULES);
      const [answer] = needAnswers(figures, filled, figures);
      if (answer?.id !== 'climb' || answer.met || answer.remedy.ringT === undefined) return;
      const metres = (ring: number) => (ring / setup.cogs.at(-1)!) * (TOURER_ROLLOUT_MM / 1000);
      expect(metres(answer.remedy.ringT)).toBeLessThanOrEqual(figures.needs.easiestMaxM * (1 + 1e-12));
      // The next common ring is two teeth larger.
      if (answer.remedy.ringT < 56) {
        expect(metres(answer.remedy.ringT + 2)).toBeGreaterThan(figures.needs.easiestMaxM);
      }
    }),
    { ...SEEDED, numRuns: cases(25) },
  );
});

test('priorities disagree on 1x or 2x, and say which setups they cannot judge', () => {
  const { own, base, filled } = compare(BRIEF);
  const choice = (all: (typeof own)[]) =>
    Object.fromEntries(priorityChoices(all, filled).map(({ priority, choices }) => [priority, choices]));
  expect(choice([base, own])).toMatchObject({ cadence: [0], simplicity: [1], range: [0], weight: [], cost: [] });
  expect(choice([own, own])).toMatchObject({ cadence: [0, 1], simplicity: [0, 1], aero: [0, 1] });
  const known = compare(BRIEF, { massG: 1500, cost: 300 }, { massG: 1900, cost: 0 });
  const three = priorityChoices([known.base, known.own, own], filled);
  const of = (priority: Priority) => three.find((one) => one.priority === priority)!;
  expect(of('weight')).toMatchObject({ choices: [1], notKnown: [2] });
  expect(of('cost')).toMatchObject({ choices: [0], notKnown: [2] });
});

test('simplicity does not reward fewer cogs', () => {
  const { filled } = compare(BRIEF);
  const of = (cogs: number[]) => setupFigures(candidate({ chainrings: [42], cogs, hubStages: [1] }), filled, RULES);
  const few = of([11, 13, 15, 18, 21, 24, 28, 32]);
  const many = of([11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32]);
  const simple = priorityChoices([few, many], filled).find(({ priority }) => priority === 'simplicity')!;
  expect(simple.choices).toEqual([0, 1]);
});

test('cadence first tells cassettes apart that both begin 11-13, by the steps at the speeds that are ridden', () => {
  const filled = fillBrief({ use: 'touring' });
  const of = (cogs: number[]) => setupFigures(candidate({ chainrings: [42], cogs, hubStages: [1] }), filled, RULES);
  // The largest step of both is 13/11; the second has its small steps where a tourer rides.
  const wide = of([11, 13, 15, 17, 20, 23, 26, 30, 34]);
  const close = of([11, 13, 14, 15, 16, 17, 18, 19, 21, 23]);
  expect(close.riddenStep!).toBeLessThan(wide.riddenStep!);
  const choices = priorityChoices([wide, close], filled).find(({ priority }) => priority === 'cadence')!.choices;
  expect(choices).toEqual([1]);
});

test('the step at the speeds that are ridden lies between the least and the largest, and follows the time', () => {
  const filled = fillBrief({ use: 'road' });
  const figures = setupFigures(candidate(TOURER), filled, RULES);
  const speeds = speedsRidden(filled, figures.needs);
  expect(speeds.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12);
  const steps = figures.report.path.steps.map(({ speedStep }) => speedStep);
  expect(figures.riddenStep!).toBeGreaterThan(Math.min(...steps));
  expect(figures.riddenStep!).toBeLessThan(Math.max(...steps));
  // All the time at one speed: the step there alone.
  const [easier, harder] = figures.report.pathGears.slice(6, 8);
  const kmh = speedKmh(Math.sqrt(easier!.developmentM * harder!.developmentM), filled.preferredRpm);
  const there = [{ share: 1, centreKmh: kmh, spread: 0.001 }];
  expect(timeWeightedStep(figures.report.pathGears, filled.preferredRpm, there)).toBeCloseTo(steps[6]!, 9);
  expect(timeWeightedStep(figures.report.pathGears.slice(0, 1), filled.preferredRpm, there)).toBeUndefined();
});

test('the same job: for each gear in use the nearest straight one on the other setup', () => {
  const { own, base } = compare(BRIEF);
  const jobs = sameJobs(base.report, own.report);
  expect(jobs).toHaveLength(17);
  expect(jobs[0]).toMatchObject({ gear: { key: '32/36' }, nearest: { key: '44/44' } });
  expect(jobs[0]!.change).toBeCloseTo(0.125, 12);
});

test('the usual speed is judged in the gear that people ride there, not in a cross-chained one', () => {
  const setup: Setup = { chainrings: [50, 34], cogs: [11, 13, 15, 17, 19, 21, 23, 25, 27, 30, 34], hubStages: [1] };
  const rollout = Math.PI * (622 + 2 * 28);
  const road = fillBrief({ use: 'road' });
  const figures = setupFigures({ ...candidate(setup), rolloutMm: rollout }, road, {
    closenessPercent: 5,
    crossedCogs: 2,
  });
  expect(figures.cruising.gear).toMatchObject({ chainring: 50, cog: 19, crossChained: false });
  expect(figures.loss.fraction * 100).toBeCloseTo(0.71, 2);
  fc.assert(
    fc.property(setupArbitrary(), (any) => {
      const own = setupFigures(candidate(any), road, { closenessPercent: 5, crossedCogs: 2 });
      const straight = own.report.pathGears.some(({ crossChained }) => !crossChained);
      expect(own.cruising.gear.crossChained && straight).toBe(false);
    }),
    { ...SEEDED, numRuns: cases(25) },
  );
});

test('teeth that would change an answer are ones that can be bought', () => {
  fc.assert(
    fc.property(
      setupArbitrary(),
      fc.integer({ min: 10, max: 90 }),
      fc.integer({ min: 0, max: 40 }),
      (any, top, grade) => {
        const filled = fillBrief({ topSpeedKmh: top, steepestGradePercent: grade });
        const own = setupFigures(candidate(any), filled, { closenessPercent: 5, crossedCogs: 2 });
        for (const answer of needAnswers(own, filled, own)) {
          if (answer.id !== 'climb' && answer.id !== 'topSpeed') continue;
          const { ringT = 40, cogT = 20 } = answer.remedy;
          expect(ringT).toBeGreaterThanOrEqual(22);
          expect(ringT).toBeLessThanOrEqual(56);
          expect(cogT).toBeGreaterThanOrEqual(9);
          expect(cogT).toBeLessThanOrEqual(52);
        }
      },
    ),
    { ...SEEDED, numRuns: cases(50) },
  );
});

test('the limits of the derailleurs are more than the capacity, and unknown is not yes', () => {
  const limitsOf = (setup: Setup, rearDerailleur: RearDerailleur) => {
    const filled = fillBrief({});
    const own = setupFigures({ ...candidate(setup), rearDerailleur }, filled, RULES);
    return needAnswers(own, filled, own).find(({ id }) => id === 'limits')!;
  };
  const sheet = {
    totalCapacityT: 45,
    largestCogMaxT: 36,
    largestCogMinT: 28,
    smallestCogMinT: 11,
    ringDifferenceMaxT: 16,
  };
  expect(limitsOf(TOURER, sheet)).toMatchObject({ met: true, known: true });
  expect(limitsOf(TOURER, { ...sheet, largestCogMaxT: 34 })).toMatchObject({
    met: false,
    known: true,
    message: { values: { what: { code: 'fit.largestCog.what', values: { teeth: 36 } } } },
  });
  expect(limitsOf(TOURER, { ...sheet, ringDifferenceMaxT: 14 })).toMatchObject({ met: false, known: true });
  expect(limitsOf(TOURER, { totalCapacityT: 45 })).toMatchObject({ met: false, known: false });
  // One that is passed decides, whatever else is not known.
  expect(limitsOf(TOURER, { totalCapacityT: 39 })).toMatchObject({ met: false, known: true });
});
