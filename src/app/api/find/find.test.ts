import { JSON_BODY } from '../../../../tests/support/json-body';
import { TOURER } from '../../../../tests/support/setups';
import { GENERIC_CASSETTES } from '../../../core/catalog/cassettes';
import { gearReport, rolloutMm, coverage } from '../../../core/gears';
import { findResponseSchema, type FindResponse } from '../../../records/exchange/find';
import type { Problem } from '../../../records/exchange/http';
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
const post = (json: unknown) =>
  POST(new Request('http://localhost/api/find', { method: 'POST', headers: JSON_BODY, body: JSON.stringify(json) }));
const found = async (json: unknown) => {
  const response = await post(json);
  expect(response.status).toBe(200);
  return findResponseSchema.parse(await response.json());
};
const problem = async (json: unknown) => {
  const response = await post(json);
  expect(response.headers.get('content-type')).toBe('application/problem+json');
  return (await response.json()) as Problem;
};

/** The same by the report of every single setup, and every one against every other. */
function byHand({ needs, rings, cassettes }: typeof body, ringDifferenceMaxT: number): FindResponse {
  const choices: number[][] = [];
  for (let big = rings.min; big <= rings.max; big += 1) {
    choices.push([big]);
    for (let small = rings.min; small < big; small += 1)
      if (big - small <= ringDifferenceMaxT) choices.push([big, small]);
  }
  const riding = { rolloutMm: rolloutMm(wheel), cadenceRpm: 95, crankLengthMm: undefined, closenessPercent: 5 };
  const all = choices.flatMap((chainrings) =>
    cassettes.map(({ name, cogs }) => {
      const { gears, path } = gearReport({ chainrings, cogs, hubStages: [1] }, riding);
      return {
        chainrings,
        cassette: name,
        easiestDevelopmentM: gears[0]!.developmentM,
        topSpeedKmh: coverage(gears, { lowRpm: 80, highRpm: 95 }).topKmh,
        largestStepPercent: path.largestStep * 100,
        meanStepPercent: ((gears.at(-1)!.ratio / gears[0]!.ratio) ** (1 / (path.gears.length - 1)) - 1) * 100,
        frontShifts: path.frontShifts,
        capacityRequiredT: chainrings[0]! - chainrings.at(-1)! + cogs.at(-1)! - cogs[0]!,
        verdict: 'notKnown' as const,
      };
    }),
  );
  const met = all.filter(
    (one) =>
      one.easiestDevelopmentM <= needs.easiestDevelopmentMaxM &&
      one.topSpeedKmh >= needs.topSpeedMinKmh &&
      one.largestStepPercent <= needs.largestStepMaxPercent + 1e-9,
  );
  const values = (one: (typeof all)[number]) => [
    one.largestStepPercent,
    one.meanStepPercent,
    one.frontShifts,
    one.capacityRequiredT,
  ];
  const less = (a: number, b: number) => a < b - 1e-9;
  const candidates = met.filter(
    (one) =>
      !met.some((other) => {
        const [ours, theirs] = [values(other), values(one)];
        return ours.every((value, i) => !less(theirs[i]!, value)) && ours.some((value, i) => less(value, theirs[i]!));
      }),
  );
  return { searched: all.length, met: met.length, candidates };
}

test('counts and candidates are those of the report of every single setup', async () => {
  const fewer = { ...body, rings: { min: 36, max: 48 } };
  const answer = await found({ ...fewer, limit: 1000 });
  const expected = byHand(fewer, 16);
  expect(answer.searched).toBe(expected.searched);
  expect(answer.met).toBe(expected.met);
  expect(answer.met).toBeGreaterThan(50);
  const name = ({ chainrings, cassette }: FindResponse['candidates'][number]) =>
    `${chainrings.join('/')} x ${cassette}`;
  expect(answer.candidates.map(name).sort()).toEqual(expected.candidates.map(name).sort());
  const known = new Map(expected.candidates.map((one) => [name(one), one]));
  for (const one of answer.candidates) {
    const other = known.get(name(one))!;
    expect(one.largestStepPercent).toBeCloseTo(other.largestStepPercent, 9);
    expect(one.meanStepPercent).toBeCloseTo(other.meanStepPercent, 9);
    expect(one.topSpeedKmh).toBeCloseTo(other.topSpeedKmh, 9);
    expect(one.easiestDevelopmentM).toBeCloseTo(other.easiestDevelopmentM, 9);
  }
  const steps = answer.candidates.map(({ largestStepPercent }) => largestStepPercent);
  expect(steps).toEqual([...steps].sort((a, b) => a - b));
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
  const answer = await found({ ...body, needs: { easiestDevelopmentMaxM: 0.5, topSpeedMinKmh: 90 } });
  expect(answer).toEqual({ searched: expect.any(Number) as number, met: 0, candidates: [] });
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
  const { status, issues } = await problem({ ...body, ...change });
  expect(status).toBe(400);
  expect(issues!.map((issue) => issue.path)).toContain(path);
  expect(issues!.map((issue) => issue.message).join(' ')).toContain(message);
});

test('a space that is too large is refused with its size, and a search that takes too long is ended', async () => {
  const cassettes = Array.from({ length: 600 }, (_, i) => ({ name: `${i}`, cogs: [9, 10 + (i % 50)] }));
  const refused = await problem({ ...body, rings: { min: 20, max: 70 }, cassettes });
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
