import { TOURER_BIKE } from '../../../tests/support/find';
import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { fillBrief, needsOf } from '../needs';
import { GENERIC_CASSETTES } from '../catalog/cassettes';
import { findQuestion, type FindContext } from './question';
import { BOUGHT_SPEEDS, BRIEF_ASKS, aimsOfBrief, fillFind } from './settings';

const brief = fillBrief({ preferredRpm: 88, topSpeedKmh: 46, stepFastPercent: 11 });
const context: FindContext = {
  bike: TOURER_BIKE,
  rolloutMm: TOURER_ROLLOUT_MM,
  crossedCogs: 2,
  brief,
  briefNeeds: needsOf(brief),
  built: [],
  stock: [],
};

test('an empty search is filled: the whole space, both ends that the brief asks for, aims by the brief', () => {
  const filled = fillFind({}, { aims: ['simplicity', 'range'] }, 12);
  expect(filled).toMatchObject({
    layouts: ['1x', '2x'],
    ringMinT: 22,
    ringMaxT: 56,
    speeds: BOUGHT_SPEEDS.filter((count) => count >= 8),
    // Steps rank: they exclude a setup only on request.
    asks: ['easiest', 'lowestRatio', 'topSpeed'],
  });
  expect(filled.aims).toEqual(['frontShifts', 'easiest', 'stepsOver', 'gaps']);
  expect(aimsOfBrief({ aims: [] })).toEqual(['stepsOver', 'gaps', 'newParts', 'frontShifts']);
  expect(aimsOfBrief({ aims: ['aero', 'simplicity', 'cadence'] })).toEqual([
    'frontShifts',
    'largestStep',
    'stepsOver',
    'gaps',
  ]);
  const ridden = { flatM: [], usualM: [5.5], shares: [] };
  expect(aimsOfBrief({ aims: [], ridden })).toEqual(['stepsOver', 'gaps', 'newParts', 'frontShifts', 'usualGears']);
  expect(aimsOfBrief({ aims: [], ridden: { ...ridden, usualM: [] } })).not.toContain('usualGears');
  expect(fillFind({ prices: { chain: 12, ring: undefined } }, { aims: [] }, 12).prices).toMatchObject({
    chain: 12,
    ring: 45,
  });
});

test('a search asks the figures of the brief, and only what is asked for', () => {
  const all = findQuestion(fillFind({ asks: BRIEF_ASKS }, { aims: [] }, 12), context);
  if (!all.ok) throw new Error('sound');
  expect(all.input.needs).toEqual({
    easiestDevelopmentMaxM: context.briefNeeds.easiestMaxM,
    topSpeedMinKmh: 46,
    zoneStepMax: { climbing: 0.2, between: 0.18, fast: 0.11 },
    costMax: undefined,
    massChangeMaxG: undefined,
    uncertainty: { easiest: Math.hypot(0.01, 0.05), topSpeed: 0.01 },
  });
  const few = findQuestion(fillFind({ asks: ['step.fast'], costMax: 90 }, { aims: [] }, 12), context);
  expect(few.ok && few.input.needs).toMatchObject({
    topSpeedMinKmh: undefined,
    zoneStepMax: { fast: 0.11 },
    costMax: 90,
  });
});

test('cassettes: the one on the bike, those bought with such cogs, those built; each once', () => {
  const built = [
    { name: 'mine', cogs: [11, 13, 16, 20, 25] },
    { name: 'the same', cogs: [...TOURER.cogs] },
  ];
  const asked = findQuestion(fillFind({ speeds: [12] }, { aims: [] }, 12), { ...context, built });
  if (!asked.ok) throw new Error('sound');
  const { cassettes } = asked.input;
  const bought = GENERIC_CASSETTES.filter(({ cogs }) => cogs.length === 12);
  expect(cassettes).toHaveLength(bought.length + 1);
  expect(cassettes[0]!.cogs).toEqual(TOURER.cogs);
  expect(cassettes.at(-1)!.name).toBe('mine');
  const none = findQuestion(fillFind({ speeds: [] }, { aims: [] }, 12), context);
  expect(none.ok && none.input.cassettes.map(({ cogs }) => cogs)).toEqual([TOURER.cogs]);
});

test('a derailleur that is there twice, or of which nothing is known, is no other one', () => {
  const { present } = context.bike;
  const known = { name: 'of B', rearDerailleur: { totalCapacityT: 36 } };
  const others = [
    { name: 'of C', rearDerailleur: { ...present.rearDerailleur, ringDifferenceMaxT: undefined } },
    known,
    { name: 'of D', rearDerailleur: { ...known.rearDerailleur, ringDifferenceMaxT: 14 } },
    { name: 'of E', rearDerailleur: { ringDifferenceMaxT: 14 } },
  ];
  const asked = findQuestion(fillFind({}, { aims: [] }, 12), {
    ...context,
    bike: { ...context.bike, present: { ...present, others } },
  });
  expect(asked.ok && asked.input.bike!.present.others).toEqual([known]);
});

test('contradictory settings are reported, not repaired', () => {
  const wrong = findQuestion(
    fillFind({ layouts: [], aims: [], ringMinT: 50, ringMaxT: 40 }, { aims: [] }, 12),
    context,
  );
  expect(!wrong.ok && wrong.problems.map(({ field }) => field)).toEqual(['layouts', 'rings', 'aims']);
});

test('a frame without room for a front derailleur is searched for one ring alone, and two alone is told', () => {
  const oneRing = { ...TOURER_BIKE, present: { ...TOURER_BIKE.present, setup: { ...TOURER, chainrings: [44] } } };
  const of = (takesFrontDerailleur: boolean | undefined, use: 'trail' | 'touring', layouts?: ['2x']) =>
    findQuestion(fillFind({ layouts }, { aims: [] }, 12), {
      ...context,
      bike: oneRing,
      brief: fillBrief({ use }),
      takesFrontDerailleur,
    });
  const layoutsOf = (question: ReturnType<typeof of>) => question.ok && [question.layouts, question.frontRoom];
  expect(layoutsOf(of(undefined, 'trail'))).toEqual([['1x'], { room: 'no', assumed: true }]);
  expect(layoutsOf(of(true, 'trail'))).toEqual([['1x', '2x'], { room: 'yes', assumed: false }]);
  expect(layoutsOf(of(undefined, 'touring'))).toEqual([['1x', '2x'], { room: 'notKnown', assumed: false }]);
  const wrong = of(false, 'touring', ['2x']);
  expect(!wrong.ok && wrong.problems[0]!.message.code).toBe('find.frameTakesNone');
});
