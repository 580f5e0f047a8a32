import { answerOf, problemOf } from '../../../../tests/support/json-body';
import { TOURER } from '../../../../tests/support/setups';
import { GENERIC_CASSETTES } from '../../../core/catalog/cassettes';
import { findResponseSchema } from '../../../records/exchange/find';
import { findOnThread, LARGE_AT_ONCE, LARGE_WAITING } from '../../../workers/find/on-thread';
import { POST } from './route';

const wheel = { rimDiameterMm: 622, tyreWidthMm: 38 };
const body = {
  wheel,
  cadence: { lowRpm: 80, highRpm: 95 },
  needs: { easiestDevelopmentMaxM: 2.4, topSpeedMinKmh: 40, largestStepMaxPercent: 20 },
  rings: { min: 30, max: 48 },
  layouts: ['1x', '2x'],
  cassettes: GENERIC_CASSETTES.filter(({ cogs }) => cogs.length === 12).map(({ cogs }) => ({
    name: cogs.join('-'),
    cogs,
  })),
};
const found = async (json: unknown) => findResponseSchema.parse(await answerOf(POST, json));

test('candidates meet the needs, and the smallest largest step comes first', async () => {
  const answer = await found({ ...body, rings: { min: 36, max: 48 }, limit: 1000 });
  expect(answer.searched).toBe((13 + 78) * body.cassettes.length);
  expect(answer.met).toBeGreaterThan(answer.candidates.length);
  const steps = answer.candidates.map(({ largestStepPercent }) => largestStepPercent);
  expect(steps).toEqual([...steps].sort((a, b) => a - b));
  expect(steps.at(-1)).toBeLessThanOrEqual(20);
  const { easiestDevelopmentMaxM, topSpeedMinKmh } = body.needs;
  expect(Math.max(...answer.candidates.map((one) => one.easiestDevelopmentM))).toBeLessThanOrEqual(
    easiestDevelopmentMaxM,
  );
  expect(Math.min(...answer.candidates.map(({ topSpeedKmh }) => topSpeedKmh))).toBeGreaterThanOrEqual(topSpeedMinKmh);
});

test('limit, ring difference, layout and derailleur are heard', async () => {
  const narrow = { ...body, layouts: ['2x'], ringDifferenceMaxT: 2, limit: 3 };
  const answer = await found(narrow);
  expect(answer.searched).toBe((18 + 17) * body.cassettes.length);
  expect(answer.candidates.length).toBeLessThanOrEqual(3);
  expect(answer.candidates.every(({ chainrings }) => chainrings[0]! - chainrings[1]! <= 2)).toBe(true);
  const verdictWith = async (rearDerailleur: object) => {
    const one = { ...body, needs: { easiestDevelopmentMaxM: 3, topSpeedMinKmh: 40 }, rearDerailleur };
    const tourer = { name: 'tourer', cogs: [...TOURER.cogs] };
    const { candidates } = await found({ ...one, rings: { min: 32, max: 48 }, layouts: ['2x'], cassettes: [tourer] });
    return candidates.map(({ capacityRequiredT, verdict }) => ({ capacityRequiredT, verdict }));
  };
  for (const { capacityRequiredT, verdict } of await verdictWith({ totalCapacityT: 30 })) {
    expect(verdict).toBe(capacityRequiredT < 30 ? 'inside' : capacityRequiredT === 30 ? 'at' : 'outside');
  }
  expect((await verdictWith({})).every(({ verdict }) => verdict === 'notKnown')).toBe(true);
  expect(
    (await verdictWith({ largestCogMaxT: 34, totalCapacityT: 60 })).every(({ verdict }) => verdict === 'outside'),
  ).toBe(true);
});

test('without cassettes all that are sold are searched, and only rings that are sold where that is asked', async () => {
  const { cassettes: _, ...rest } = body;
  const any = await found({ ...rest, rings: { min: 34, max: 52 }, layouts: ['1x', '2x'] });
  const sold = await found({ ...rest, rings: { min: 34, max: 52 }, layouts: ['1x', '2x'], anyTeeth: false });
  expect(any.searched % GENERIC_CASSETTES.length).toBe(0);
  // 34 to 52: ten even rings, and 35, 37, 39, 41, 43, 45, 47, 49 and 51; of pairs 52/36, 50/37, 50/34, 48/35 and 46/36.
  expect(sold.searched).toBe((10 + 9 + 5) * GENERIC_CASSETTES.length);
  expect(sold.met).toBeLessThan(any.met);
  expect(sold.candidates[0]!.cassette).toMatch(/^\d+(-\d+)+$/);
});

test('needs that nothing meets are answered with none', async () => {
  const { met, candidates } = await found({ ...body, needs: { easiestDevelopmentMaxM: 0.5, topSpeedMinKmh: 90 } });
  expect([met, candidates]).toEqual([0, []]);
});

test.each<[object, string, string]>([
  [{ rings: { min: 40, max: 30 } }, 'rings', 'rings from 40 to 30T'],
  [{ rings: { min: 19, max: 30 } }, 'rings.min', '19'],
  [{ rings: { min: 30.5, max: 40 } }, 'rings.min', 'whole teeth'],
  [{ cadence: { lowRpm: 95, highRpm: 80 } }, 'cadence', 'from 95 to 80 rpm'],
  [{ layouts: [] }, 'layouts', 'no layout'],
  [{ layouts: ['3x'] }, 'layouts.0', ''],
  [{ layouts: ['1x', '1x'] }, 'layouts', 'twice'],
  [{ cassettes: [] }, 'cassettes', '0 cassettes: send 1 to'],
  [{ cassettes: [{ name: 'x', cogs: [12, 11] }] }, 'cassettes.0.cogs.1', 'cog 11 after 12'],
  [{ needs: { topSpeedMinKmh: 40 } }, 'needs.easiestDevelopmentMaxM', ''],
  [{ limit: 0 }, 'limit', '0'],
  [{ limit: 2.5 }, 'limit', 'a whole number'],
  [{ ringDifferenceMaxT: 0 }, 'ringDifferenceMaxT', '0'],
  [{ rearDerailleur: { totalCapacityT: 4 } }, 'rearDerailleur.totalCapacityT', '4'],
])('%j is refused', async (change, path, message) => {
  const { issues } = await problemOf(POST, { ...body, ...change });
  expect(issues!.map((issue) => issue.path)).toContain(path);
  expect(issues!.map((issue) => issue.message).join(' ')).toContain(message);
});

test('a space that is too large is refused with its size, and a search that takes too long is ended', async () => {
  const cassettes = Array.from({ length: 600 }, (_, i) => ({ name: `${i}`, cogs: [9, 10 + (i % 50)] }));
  const refused = await problemOf(POST, { ...body, rings: { min: 20, max: 70 }, cassettes });
  expect(refused.issues![0]!.message).toMatch(/600 cassettes are \d+ setups: at most 300000/);
  const input = {
    ringChoices: [[44]],
    cassettes: [{ cogs: [11, 12] }],
    aims: ['largestStep' as const],
    needs: {},
    riding: {
      rolloutMm: 2100,
      hubStages: [1],
      crossedCogs: 2,
      lowRpm: 80,
      highRpm: 95,
      preferredRpm: 88,
      zones: { climbingBelowKmh: 15, fastAboveKmh: 28 },
    },
  };
  // Large searches run on all cores but one, twice as many wait, and further ones are rejected; a small one does not wait behind them.
  const rings = Array.from({ length: 101 }, (_, i) => [30 + (i % 20)]);
  const sets = Array.from({ length: 199 }, (_, i) => ({ cogs: [11, 13, 15, 17, 19, 21, 24, 28, 32, 36 + (i % 60)] }));
  const large = { ...input, ringChoices: rings, cassettes: sets };
  // However slow the machine: none of them gives up of itself.
  const patient = { timeOutMs: 120_000, waitMs: 120_000 };
  expect(await findOnThread(large, { timeOutMs: 1 })).toEqual({ kind: 'late' });
  const control = new AbortController();
  const { signal } = control;
  const all = Array.from({ length: LARGE_AT_ONCE + LARGE_WAITING }, () => findOnThread(large, { ...patient, signal }));
  expect((await findOnThread(large, patient)).kind).toBe('busy');
  expect((await findOnThread(input, patient)).kind).toBe('found');
  // A disconnected client ends its search, and a request that has waited too long is rejected.
  control.abort();
  expect((await Promise.all(all)).map(({ kind }) => kind)).toEqual(all.map(() => 'left'));
  expect((await findOnThread(large, { signal })).kind).toBe('left');
  // The places of those that left are free.
  const again = Array.from({ length: LARGE_AT_ONCE }, () => findOnThread(large, patient));
  expect((await findOnThread(large, { waitMs: 1 })).kind).toBe('busy');
  expect((await Promise.all(again)).map(({ kind }) => kind)).toEqual(again.map(() => 'found'));
});
