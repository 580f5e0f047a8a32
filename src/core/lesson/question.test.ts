import { CHAINLINE_DEFAULTS, typicalCogPitchMm } from '../fit';
import { drill } from './drills';
import { DRILL_KINDS, LESSON_IDS } from './kinds';
import { LEVELS } from './level';
import { prediction, type LessonBike } from './lessons';
import { grade, type DrillLine, type Question } from './question';

const SEEDS = Array.from({ length: 12 }, (_, i) => i * 7919 + 5);
const BIKE: LessonBike = {
  setups: [{ chainrings: [48, 32], cogs: [11, 13, 15, 17, 19, 22, 26, 30, 34], hubStages: [1] }],
  rolloutMm: 2180,
  chainline: ({ cogs }) => ({
    ...CHAINLINE_DEFAULTS,
    frontChainlineMm: 45,
    chainstayMm: 430,
    cogPitchMm: typicalCogPitchMm(cogs.length),
  }),
};
/** Questions of every kind. */
const questions = (): readonly Question[] =>
  SEEDS.flatMap((seed) => [
    ...DRILL_KINDS.flatMap((kind) => LEVELS.map((level) => drill(kind, seed, { level }))),
    ...LESSON_IDS.map((id) => prediction(id, BIKE, seed)),
  ]);

type Values = Readonly<Record<string, number>>;
const ofGear = (gear: unknown) => {
  const [ring, cog] = String(gear).split('/').map(Number);
  return { ring: ring!, cog: cog!, ratio: ring! / cog! };
};
const percent = (to: number, from: number) => (to / from - 1) * 100;

/** What a line of a working, or the reason of a mistake, says that comes to what, worked out from its other numbers. */
const SUMS: Readonly<Record<string, (values: Values) => readonly (readonly [said: number | undefined, is: number])[]>> =
  {
    division: ({ ring, cog, ratio }) => [[ratio, ring! / cog!]],
    'howMuch.proportional': ({ easierCog, harderCog, factor }) => [[factor, easierCog! / harderCog!]],
    'howMuch.teethForPercent': ({ teeth, cog, step }) => [[step, percent(cog!, cog! - teeth!)]],
    'wheelTurns.lowestTerms': ({ gear, wheel, crank }) => [[wheel! / crank!, ofGear(gear).ratio]],
    'wheelTurns.times': ({ turns, crank, times, wheel, wheelTurns }) => [
      [times, turns! / crank!],
      [wheelTurns, times! * wheel!],
    ],
    'duplicate.lowestTerms': ({ gear, a, b }) => [[a! / b!, ofGear(gear).ratio]],
    'duplicate.alike': ({ ring, duplicateCog, duplicateRing, cog, product }) => [
      [product, ring! * duplicateCog!],
      [product, duplicateRing! * cog!],
    ],
    'cadenceAfterShift.sameRing': ({ rpm, toCog, fromCog, after }) => [[after, (rpm! * toCog!) / fromCog!]],
    'cadenceAfterShift.bothChange': ({ rpm, fromRing, toCog, fromCog, toRing, after }) => [
      [after, (rpm! * fromRing! * toCog!) / (fromCog! * toRing!)],
    ],
    'gap.covered': ({ high, low, factor }) => [[factor, high! / low!]],
    'gap.widest': ({ easierCog, harderCog, factor }) => [[factor, easierCog! / harderCog!]],
    'capacity.rings': ({ big, small, difference }) => [[difference, big! - small!]],
    'capacity.cogs': ({ largest, smallest, difference }) => [[difference, largest! - smallest!]],
    'capacityWithout.most': ({ ring, cog, sum }) => [[sum, ring! + cog!]],
    'takes.needed': ({ big, small, largest, smallest, required }) => [[required, big! - small! + largest! - smallest!]],
    'takes.within': ({ published, required, spare }) => [[spare, published! - required!]],
    'takes.over': ({ published, required, spare }) => [[spare, published! - required!]],
    'links.plusTwo': ({ direct, sum }) => [[sum, direct! + 2]],
    'linksByEquation.stay': ({ chainstay, mmPerInch, inches }) => [[inches, (2 * chainstay!) / mmPerInch!]],
    'linksByEquation.sum': ({ whole, inches }) => [[whole, Math.ceil(inches!)]],
    'lesson.ratio.turns': ({ turns, ratio, wheelTurns }) => [[wheelTurns, turns! * ratio!]],
    'lesson.sameRatio.cog': ({ smallRing, bigCog, bigRing, cog }) => [[cog, (smallRing! * bigCog!) / bigRing!]],
    'lesson.development.metres': ({ ratio, rollout, development }) => [[development, ratio! * rollout!]],
    'lesson.speed.proportional': ({ before, to, from, after }) => [[after, (before! * to!) / from!]],
    'lesson.steps.step': ({ from, to, factor, step }) => [
      [factor, from! / to!],
      [step, percent(from!, to!)],
    ],
    'lesson.oneOrTwo.percent': ({ to, from, percent: said }) => [[said, percent(to!, from!)]],
  };

test('the sums of every working come out, each kind of them somewhere', () => {
  const seen = new Set<string>();
  const look = (said: DrillLine) => {
    if (typeof said === 'string') return;
    const values = (said.values ?? {}) as unknown as Values;
    for (const [shown, is] of SUMS[said.code]?.(values) ?? []) {
      seen.add(said.code);
      expect([said.code, shown]).toEqual([said.code, expect.closeTo(is, 9)]);
    }
  };
  for (const { working, mistakes } of questions())
    for (const said of [...working, ...mistakes.map(({ why }) => why)]) look(said);
  expect([...seen].sort()).toEqual(Object.keys(SUMS).sort());
});

test('what shifting the ring alone would come to is beside what clicks leave of it', () => {
  let seen = 0;
  for (const { kind, text, working } of questions()) {
    if (kind !== 'ringClicks' || typeof text === 'string' || typeof working[1] === 'string') continue;
    const { from, ring, to } = text.values as Record<string, unknown>;
    const before = ofGear(from);
    seen += 1;
    const { without, step } = working[1]!.values as Values;
    expect(without).toBeCloseTo(percent(Number(ring), before.ring), 9);
    if (to !== undefined) expect(step).toBeCloseTo(percent(ofGear(to).ratio, before.ratio), 9);
  }
  expect(seen).toBeGreaterThan(0);
});

test('the answer of each prediction has its unit, or is a choice', () => {
  const asked = LESSON_IDS.map((id) => {
    const { answer } = prediction(id, BIKE, 1);
    return [id, answer.kind === 'number' ? answer.unit : answer.kind];
  });
  expect(Object.fromEntries(asked)).toEqual({
    ratio: 'turns',
    sameRatio: 'T',
    development: 'm',
    speed: 'km/h',
    steps: '%',
    overlap: 'gears',
    crossChaining: 'choice',
    capacity: 'T',
    chainLength: 'links',
    gaps: 'choice',
    oneOrTwo: '%',
  });
});

describe('a grade', () => {
  const number = { ...drill('ratio', 1, { level: 1 }), mistakes: [] };
  const why = 'why';

  test('of a number is right within its tolerance', () => {
    const question: Question = {
      ...number,
      answer: { kind: 'number', value: 10, unit: 'T', tolerance: 0.5, decimals: 1 },
      mistakes: [],
    };
    expect([9.5, 10.5, 10].map((given) => grade(question, given).isRight)).toEqual([true, true, true]);
    expect([9.49, 10.51, NaN, Infinity].map((given) => grade(question, given).isRight)).toEqual([
      false,
      false,
      false,
      false,
    ]);
    expect(grade(question, [10]).isRight).toBe(false);
  });

  test('names, of two mistakes that lead nearly to the same, the nearer one', () => {
    const question: Question = {
      ...number,
      answer: { kind: 'number', value: 10, unit: 'T', tolerance: 1, decimals: 1 },
      mistakes: [
        { mistake: 'wrongBase', value: 20, why },
        { mistake: 'teethForPercent', value: 21.5, why },
      ],
    };
    const named = (given: number) => grade(question, given).mistake?.mistake;
    expect([19.2, 20.6, 20.9, 22.4].map(named)).toEqual([
      'wrongBase',
      'wrongBase',
      'teethForPercent',
      'teethForPercent',
    ]);
    expect([18.9, 22.6].map(named)).toEqual([undefined, undefined]);
  });

  test('of an order is right only where all of it is', () => {
    const question: Question = {
      ...number,
      answer: { kind: 'order', items: ['a', 'b', 'c'], right: [2, 0, 1] },
      mistakes: [],
    };
    const right = (given: readonly number[]) => grade(question, given).isRight;
    expect([[2, 0, 1], [2, 1, 0], [2, 0], [2, 0, 1, 3], []].map(right)).toEqual([true, false, false, false, false]);
    expect(grade(question, 2).isRight).toBe(false);
  });
});
