import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { candidate } from '../../../tests/support/compared';
import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { fillBrief, type Brief } from '../brief';
import { articulationLoss } from '../fit';
import {
  cogChanges,
  difference,
  needAnswers,
  sameJobs,
  schoolChoices,
  setupFigures,
  type Candidate,
  type RowId,
} from './index';

const RULES = { closenessPercent: 5, crossedCogs: 2 };
const compare = (brief: Brief, more: Partial<Candidate> = {}, moreOfBase: Partial<Candidate> = {}) => {
  const filled = fillBrief(brief, 88);
  const base = setupFigures(candidate(TOURER, moreOfBase), filled, RULES);
  const own = setupFigures(candidate(ONE_RING, more), filled, RULES);
  const rows = new Map(difference(own, base, filled).map((row) => [row.id, row]));
  return { filled, base, own, row: (id: RowId) => rows.get(id)! };
};
/** The worked example: 180 W, 105 kg on 8 %, in a band of 82–94 rpm. */
const BRIEF: Brief = { powerW: 180, lowRpm: 82, highRpm: 94, climbingRpm: 59 };

test('a wide 1x against the wide 2x: 12.5 % harder at the easy end, said as worse where the climb asks for it', () => {
  const { row } = compare(BRIEF);
  expect(row('easiest').change).toBeCloseTo(0.125, 12);
  expect(row('easiest').judgement).toBe('worse');
  expect(row('hardest').change).toBeCloseTo(4.4 / (48 / 11) - 1, 12);
  expect(row('hardest').judgement).toBe('enough');
  expect(row('holes')).toMatchObject({ own: 5, base: 1, judgement: 'worse' });
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
      const filled = fillBrief({}, 90);
      const figures = setupFigures(candidate(setup), filled, RULES);
      for (const { judgement } of difference(figures, figures, filled))
        expect(['same', 'notKnown']).toContain(judgement);
    }),
    { ...SEEDED, numRuns: 60 },
  );
});

test('better one way is worse the other way', () => {
  fc.assert(
    fc.property(setupArbitrary(), setupArbitrary(), (a, b) => {
      const filled = fillBrief({}, 90);
      const [first, second] = [a, b].map((setup) => setupFigures(candidate(setup), filled, RULES));
      const forth = difference(first!, second!, filled);
      const back = difference(second!, first!, filled);
      const turned = { better: 'worse', worse: 'better', same: 'same', enough: 'enough', notKnown: 'notKnown' };
      forth.forEach(({ judgement }, i) => expect(back[i]!.judgement).toBe(turned[judgement]));
    }),
    { ...SEEDED, numRuns: 60 },
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
  expect(one.get('climb')).toMatchObject({ met: false, remedy: { ringT: 39, cogT: 49 } });
  expect(of(base).get('climb')).toMatchObject({ met: true });
  expect(one.get('topSpeed')).toMatchObject({ met: true });
  expect(one.get('steps.climbing')).toMatchObject({ met: false, remedy: { cogT: 35 } });
  expect(one.get('holes')).toMatchObject({ met: false, count: 5 });
  expect(one.get('frontShifting')).toMatchObject({ met: true });
  expect(of(base).get('frontShifting')).toMatchObject({ met: false, frontShifts: 1 });
  expect(one.has('quiet')).toBe(true);
  expect(one.get('capacity')).toMatchObject({ met: false, known: false });
});

test('a need that the rider does not have is not asked', () => {
  const { own, filled } = compare({});
  expect(needAnswers(own, filled, own).map(({ id }) => id)).toEqual([
    'climb',
    'topSpeed',
    'steps.climbing',
    'steps.between',
    'steps.fast',
    'holes',
    'cruising',
    'capacity',
  ]);
});

test('weight is a need where it bothers, and is known once both are weighed', () => {
  const weight = (massG: number | undefined) => {
    const { own, base, filled } = compare({ bothers: ['weight'] }, { massG }, { massG: 1900 });
    return needAnswers(own, filled, base).find(({ id }) => id === 'weight');
  };
  expect(weight(1500)).toMatchObject({ met: true, changeG: -400 });
  expect(weight(1900)).toMatchObject({ met: false, changeG: 0 });
  expect(weight(undefined)).toMatchObject({ met: false, changeG: undefined });
});

test('what would change the climb does change it, and one tooth less would not', () => {
  fc.assert(
    fc.property(setupArbitrary(), fc.integer({ min: 60, max: 250 }), (setup, powerW) => {
      const filled = fillBrief({ powerW }, 85);
      const figures = setupFigures(candidate({ ...setup, chainrings: setup.chainrings.slice(0, 1) }), filled, RULES);
      const [answer] = needAnswers(figures, filled, figures);
      if (answer?.id !== 'climb' || answer.met || answer.remedy.ringT === undefined) return;
      const metres = (ring: number) => (ring / setup.cogs.at(-1)!) * (TOURER_ROLLOUT_MM / 1000);
      expect(metres(answer.remedy.ringT)).toBeLessThanOrEqual(figures.needs.easiestMaxM * (1 + 1e-12));
      expect(metres(answer.remedy.ringT + 1)).toBeGreaterThan(figures.needs.easiestMaxM);
    }),
    { ...SEEDED, numRuns: 100 },
  );
});

test('the schools disagree on one ring or two, and say when they cannot tell', () => {
  const { own, base, filled } = compare(BRIEF);
  const choice = (all: (typeof own)[]) =>
    Object.fromEntries(
      schoolChoices(all, filled).map(({ school, choices, notKnown }) => [school, notKnown || choices]),
    );
  expect(choice([base, own])).toEqual({ cadence: [0], simplicity: [1], range: [0], economy: true });
  expect(choice([own, own])).toMatchObject({ cadence: [0, 1], simplicity: [0, 1] });
});

test('economy goes by what the rider names: weight, cost or air', () => {
  const economy = (aims: Brief['aims']) => {
    const { own, base, filled } = compare({ ...BRIEF, aims }, { massG: 1500, cost: 300 }, { massG: 1900, cost: 0 });
    return schoolChoices([base, own], filled).find(({ school }) => school === 'economy')!.choices;
  };
  expect([economy(['weight']), economy(['cost']), economy(['aero'])]).toEqual([[1], [0], [1]]);
});

test('the same job: for each gear in use the nearest straight one on the other setup', () => {
  const { own, base } = compare(BRIEF);
  const jobs = sameJobs(base.report, own.report);
  expect(jobs).toHaveLength(17);
  expect(jobs[0]).toMatchObject({ gear: { key: '32/36' }, nearest: { key: '44/44' } });
  expect(jobs[0]!.change).toBeCloseTo(0.125, 12);
});

test('losses in the chain: 1.09 % in 48/11, 1.20 % in 44/10', () => {
  expect(articulationLoss(48, 11).fraction * 100).toBeCloseTo(1.09, 2);
  expect(articulationLoss(44, 10).fraction * 100).toBeCloseTo(1.2, 2);
  const { lowFraction, fraction, highFraction } = articulationLoss(44, 20);
  expect(lowFraction).toBeLessThan(fraction);
  expect(fraction).toBeLessThan(highFraction);
});
