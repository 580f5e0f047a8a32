import { TOURER_BIKE } from '../../../tests/support/find';
import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { fillBrief, needsOf } from '../brief';
import { GENERIC_CASSETTES } from '../parts/cassettes';
import { findQuestion, type FindContext } from './question';
import { BOUGHT_SPEEDS, BRIEF_ASKS, aimsOfBrief, fillFind } from './settings';

const brief = fillBrief({ topSpeedKmh: 46, stepFastPercent: 11 }, 88);
const context: FindContext = {
  bike: TOURER_BIKE,
  rolloutMm: TOURER_ROLLOUT_MM,
  crossedCogs: 2,
  brief,
  briefNeeds: needsOf(brief),
  built: [],
  shelf: [],
};

test('an empty search is filled: the whole space, all that the brief asks, aims by the brief', () => {
  const filled = fillFind({}, ['simplicity', 'range']);
  expect(filled).toMatchObject({
    layouts: ['1x', '2x'],
    ringMinT: 24,
    ringMaxT: 54,
    speeds: BOUGHT_SPEEDS,
    asks: BRIEF_ASKS,
  });
  expect(filled.aims).toEqual(['frontShifts', 'easiest', 'largestStep', 'newParts']);
  expect(aimsOfBrief([])).toEqual(['largestStep', 'frontShifts', 'newParts']);
  expect(aimsOfBrief(['aero', 'simplicity', 'cadence'])).toEqual(['frontShifts', 'largestStep', 'newParts']);
  expect(fillFind({ prices: { chain: 12, ring: undefined } }, []).prices).toMatchObject({ chain: 12, ring: 45 });
});

test('a search asks the figures of the brief, and only what is asked for', () => {
  const all = findQuestion(fillFind({}, []), context);
  if (!all.ok) throw new Error('sound');
  expect(all.input.needs).toEqual({
    easiestDevelopmentMaxM: context.briefNeeds.easiestMaxM,
    topSpeedMinKmh: 46,
    zoneStepMax: { climbing: 0.17, between: 0.15, fast: 0.11 },
    costMax: undefined,
    massChangeMaxG: undefined,
  });
  const few = findQuestion(fillFind({ asks: ['step.fast'], costMax: 90 }, []), context);
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
  const asked = findQuestion(fillFind({ speeds: [12] }, []), { ...context, built });
  if (!asked.ok) throw new Error('sound');
  const { cassettes } = asked.input;
  const bought = GENERIC_CASSETTES.filter(({ cogs }) => cogs.length === 12);
  expect(cassettes).toHaveLength(bought.length + 1);
  expect(cassettes[0]!.cogs).toEqual(TOURER.cogs);
  expect(cassettes.at(-1)!.name).toBe('mine');
  const none = findQuestion(fillFind({ speeds: [] }, []), context);
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
  const asked = findQuestion(fillFind({}, []), {
    ...context,
    bike: { ...context.bike, present: { ...present, others } },
  });
  expect(asked.ok && asked.input.bike!.present.others).toEqual([known]);
});

test('what contradicts itself is told, not mended', () => {
  const wrong = findQuestion(fillFind({ layouts: [], aims: [], ringMinT: 50, ringMaxT: 40 }, []), context);
  expect(!wrong.ok && wrong.problems.map(({ field }) => field)).toEqual(['layouts', 'rings', 'aims']);
});
