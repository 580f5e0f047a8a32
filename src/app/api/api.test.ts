import { answerOf, problemOf } from '../../../tests/support/json-body';
import { TOURER } from '../../../tests/support/setups';
import { fitResponseSchema } from '../../records/exchange/fit';
import type { GearsResponse } from '../../records/exchange/gears';
import { BODY_BYTES_MAX } from './_http/body';
import type { JobCardRequest, JobCardResponse } from '../../records/exchange/job-card';
import { jobCardResponseSchema } from '../../records/exchange/job-card';
import { POST as postFit } from './fit/route';
import { POST as postJobCard } from './job-card/route';
import { POST } from './gears/route';
import { GET as health } from './health/route';
import { GET as schema } from './schema/route';

const wheel = { rimDiameterMm: 622, tyreWidthMm: 38 };
const teeth = { chainrings: [...TOURER.chainrings], cogs: [...TOURER.cogs] };
const gearsOf = async (body: object) => ((await answerOf(POST, { wheel, ...body })) as GearsResponse).setups;

test('the tourer, in full', async () => {
  const [tourer, other] = await gearsOf({
    setups: [
      { name: 'As ridden', ...teeth },
      { chainrings: [44], cogs: [10, 44] },
    ],
  });
  expect(tourer).toMatchObject({ name: 'As ridden', distinctGears: 18 });
  expect(tourer!.rangePercent).toBeCloseTo(490.9, 1);
  expect(tourer!.ringOverlapPercent).toBeCloseTo(49.0, 1);
  expect(tourer!.gears).toHaveLength(24);
  expect(tourer!.steps).toHaveLength(23);
  expect(tourer!.gears[0]).toMatchObject({ chainring: 32, cog: 36, hubStage: 1, ratio: 32 / 36, gainRatio: null });
  expect(tourer!.exactDuplicates).toEqual([
    [
      { chainring: 32, cog: 24 },
      { chainring: 48, cog: 36 },
    ],
    [
      { chainring: 32, cog: 14 },
      { chainring: 48, cog: 21 },
    ],
  ]);
  expect(other).toMatchObject({ name: '44 x 10,44', ringOverlapPercent: null });
  expect(tourer!.gears[0]!.speedKmh).toBeCloseTo(10.5, 1);
});

test('crank length, cadence, closeness and hub stages are heard', async () => {
  const [setup] = await gearsOf({
    wheel: { rolloutMm: 2000 },
    crankLengthMm: 170,
    cadenceRpm: 60,
    closenessPercent: 10,
    setups: [{ ...teeth, hubStages: [1, 0.7] }],
  });
  expect(setup!.gears).toHaveLength(48);
  expect(setup!.exactDuplicates).toHaveLength(2);
  expect(setup!.gears.at(-1)!.speedKmh).toBeCloseTo((48 / 11) * 2 * 3.6, 9);
  expect(setup!.gears[0]!.gainRatio).toBeGreaterThan(0);
});

const one = (chainrings: unknown[], cogs: number[]) => ({ setups: [{ chainrings, cogs }] });
test.each<[string, object, string, string]>([
  ['a cog out of range', one([44], [11, 99]), 'setups.0.cogs.1', 'cog 99: cogs have 9 to 60 teeth'],
  ['rings turned round', one([32, 48], [11, 12]), 'setups.0.chainrings.1', 'write 48/32'],
  ['falling cogs', one([44], [12, 11]), 'setups.0.cogs.1', 'list cogs from smallest to largest'],
  ['text for teeth', one(['44'], [11]), 'setups.0.chainrings.0', '"44": give a number from 20 to 70'],
  ['a fractional tooth', one([44], [11.5]), 'setups.0.cogs.0', 'teeth are whole numbers'],
  ['no setups', { setups: [] }, 'setups', '0 setups: send 1 to 8'],
  ['nine setups', { setups: Array.from({ length: 9 }, () => teeth) }, 'setups', '9 setups: send 1 to 8'],
  ['a rollout out of range', { wheel: { rolloutMm: 3000 } }, 'wheel.rolloutMm', 'from 800 to 2600 mm'],
  ['no wheel', { wheel: undefined }, 'wheel', 'a wheel is'],
  ['an absurd cadence', { cadenceRpm: 900 }, 'cadenceRpm', 'cadence 900: it runs from 20 to 200 rpm'],
])('%s is a problem with its place', async (_, change, path, message) => {
  const { issues } = await problemOf(POST, { wheel, setups: [teeth], ...change });
  expect(issues![0]!.path).toBe(path);
  expect(issues![0]!.message).toContain(message);
});

test.each(['', 'nonsense', '{"wheel":', 'null', '[]'])('the body %p is a problem', async (body) => {
  expect((await problemOf(POST, body)).status).toBe(400);
});

test('a body over the limit is refused, with or without an honest length', async () => {
  const big = ' '.repeat(BODY_BYTES_MAX + 1);
  await problemOf(POST, big, 413);
  const stream = new Blob([big]).stream();
  const request = new Request('http://localhost/api/gears', {
    method: 'POST',
    body: stream,
    duplex: 'half',
  } as RequestInit);
  expect((await POST(request)).status).toBe(413);
});

test('health and schema', async () => {
  expect(await (await health(new Request('http://localhost/api/health'))).json()).toMatchObject({
    status: 'ok',
    version: expect.stringMatching(/^\d+\.\d+\.\d+$/) as string,
  });
  const document = (await (await schema(new Request('http://localhost/api/schema'))).json()) as {
    $schema: string;
    $defs: Record<string, { properties: Record<string, unknown> }>;
  };
  expect(document.$schema).toContain('2020-12');
  expect(Object.keys(document.$defs)).toEqual(
    expect.arrayContaining([
      ...['Gears', 'Fit', 'Needs', 'Compare', 'Find', 'JobCard'].flatMap((call) => [
        `${call}Request`,
        `${call}Response`,
      ]),
      ...['HealthResponse', 'Problem'],
    ]),
  );
  expect(JSON.stringify(document.$defs.GearsRequest)).toContain('"minimum":20,"maximum":70');
});

describe('fit', () => {
  const fit = async (body: object) => fitResponseSchema.parse(await answerOf(postFit, body));
  const tourer = { setup: teeth, chainstayMm: 430, rearDerailleur: { totalCapacityT: 39, cageLengthMm: 93 } };

  test('the tourer: capacity two over, 112 links, the cage in every gear', async () => {
    const body = await fit(tourer);
    expect(body.checks.find(({ id }) => id === 'totalCapacity')).toMatchObject({
      verdict: 'outside',
      required: 41,
      limit: 39,
      margin: -2,
      unit: 'T',
    });
    expect(body.checks.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['totalCapacity', 'largestCog', 'smallestCog', 'ringDifference', 'chainLength']),
    );
    expect(body.chain.directPitches).toBeCloseTo(109.864, 3);
    expect(body.chain.links).toMatchObject({ bigBigPlusTwo: 112, equation: 112, pulleysUpright: null });
    expect(body.cage).toHaveLength(24);
    const angle = (ring: number, cog: number) => body.cage.find((row) => row.chainring === ring && row.cog === cog)!;
    expect(angle(48, 36).angleDeg).toBeCloseTo(66.9, 1);
    expect(angle(32, 11)).toMatchObject({ state: 'ok' });
  });

  test('a chain too short in a gear has no angle there; without a cage length there is no cage to tell of', async () => {
    const short = await fit({ ...tourer, chainLinks: 106 });
    const bigBig = { chainring: 48, cog: 36, angleDeg: null, state: 'tooShort' };
    expect(short.cage.find(({ chainring, cog }) => chainring === 48 && cog === 36)).toEqual(bigBig);
    const bare = await fit({ ...tourer, rearDerailleur: {} });
    expect([bare.cage, bare.chain.links.smallSmall]).toEqual([[], null]);
  });

  test('parts, freehub and suspension answer the other checks; without them those are not known', async () => {
    const verdictOf = async (more: object, id: string) =>
      (await fit({ ...tourer, ...more })).checks.find((check) => check.id === id);
    expect(await verdictOf({}, 'freehubLength')).toMatchObject({ verdict: 'notKnown', unit: 'mm' });
    const known = {
      parts: { cassetteLengthMm: 34.9, spacerMm: 0, cablePullMm: 2.41, shifterSpeeds: 12, chainSpeeds: 11 },
      freehub: { bodyLengthMm: 36.75 },
      rearDerailleur: { ...tourer.rearDerailleur, pullRatio: 1.49 },
    };
    expect((await verdictOf(known, 'freehubLength'))!.margin).toBeCloseTo(-1.85, 9);
    expect(await verdictOf(known, 'indexing')).toMatchObject({ verdict: 'inside' });
    expect(await verdictOf(known, 'shifterSpeeds')).toMatchObject({ verdict: 'inside', margin: 0 });
    expect(await verdictOf(known, 'chainSpeeds')).toMatchObject({ verdict: 'outside', unit: 'speeds' });
    expect((await fit({ ...tourer, suspensionGrowthMm: 20 })).chain.links.bigBigPlusTwo).toBe(116);
    expect((await problemOf(postFit, { ...tourer, parts: { cablePullMm: 20 } })).issues?.[0]).toMatchObject({
      path: 'parts.cablePullMm',
      code: 'datum.problem.any',
      values: { term: { code: 'datum.term.cablePullMm' }, value: 20, unit: 'mm', min: 1, max: 6 },
    });
  });

  test.each([
    [{ chainstayMm: 300 }, 'chainstayMm', 'chainstay 300: it runs from 350 to 600 mm'],
    [{ chainLinks: 59 }, 'chainLinks', 'chain 59: it runs from 60 to 180 links'],
    [{ chainLinks: 111.5 }, 'chainLinks', 'chain links 111.5: a whole number'],
    [{ bbDropMm: 500 }, 'bbDropMm', 'it runs from −30 to 120 mm'],
    [{ rearDerailleur: { cageLengthMm: 300 } }, 'rearDerailleur.cageLengthMm', 'it runs from 40 to 140 mm'],
    [
      { rearDerailleur: { largestCogMaxT: 30, largestCogMinT: 34 } },
      'rearDerailleur.largestCogMinT',
      'the minimum is above the maximum',
    ],
    [{ setup: { chainrings: [32, 48], cogs: [11, 36] } }, 'setup.chainrings.1', 'write 48/32'],
  ])('%j is bad input', async (change, path, message) => {
    expect((await problemOf(postFit, { ...tourer, ...change })).issues).toContainEqual(
      expect.objectContaining({ path, message: expect.stringContaining(message) as string }),
    );
  });
});

const CLOSER = { chainrings: [48, 32], cogs: [11, 12, 13, 14, 15, 16, 17, 19, 21, 23, 25, 28] };
type Sent = Partial<Omit<JobCardRequest, 'from' | 'to'>> & { readonly from?: object; readonly to?: object };
const jobBody = ({ from = {}, to = {}, ...rest }: Sent) => ({
  chainstayMm: 430,
  from: { ...teeth, chainSpeeds: 12, shifterSpeeds: 12, chainLinks: 116, ...from },
  to: { ...CLOSER, ...to },
  ...rest,
});
const jobOf = async (sent: Sent = {}): Promise<JobCardResponse> =>
  jobCardResponseSchema.parse(await answerOf(postJobCard, jobBody(sent)));

describe('job card', () => {
  test('the chain is fitted, left, shortened no further than a pair allows, or asked about', async () => {
    expect((await jobOf()).chain).toMatchObject({
      linksNow: 116,
      linksAfter: 110,
      action: 'shorten',
      reason: 'tooLong',
    });
    expect((await jobOf({ chain: 'leave' })).chain).toMatchObject({ linksAfter: 116, action: 'leave' });
    expect((await jobOf({ alternates: true })).chain).toMatchObject({ linksAfter: 112, action: 'shorten' });
    const unknown = await jobOf({ from: { chainSpeeds: undefined, cogs: CLOSER.cogs.slice(1) } });
    expect(unknown.chain.action).toBe('ask');
    expect(unknown.warnings.map(({ code }) => code)).toContain('chainSpeedsUnknown');
    expect(unknown.buy.map(({ slot, assumed }) => [slot, assumed])).toContainEqual(['chain', true]);
    const uncounted = await jobOf({ from: { chainLinks: undefined } });
    expect(uncounted.chain).toMatchObject({ linksNow: null, linksAfter: null, action: 'leave' });
  });

  test('a chain that cannot be left is said with the end check that fails', async () => {
    const long = await jobOf({
      chain: 'leave',
      from: { chainLinks: 130 },
      to: { rearDerailleur: { cageLengthMm: 76 } },
    });
    expect(long.chain.action).toBe('shorten');
    expect(long.warnings.map(({ code }) => code)).toContain('cannotLeave.smallSmall');
    const short = await jobOf({ chain: 'leave', from: { chainLinks: 104 } });
    expect(short.chain).toMatchObject({ action: 'newChain', linksAfter: 110 });
    expect(short.warnings.map(({ code }) => code)).toContain('cannotLeave.bigBig');
  });

  test('steps have titles, readings with targets, outcomes and torques; what was done counts', async () => {
    const card = await jobOf({ done: [{ step: 'chainLength', outcome: 'ok', value: 108 }] });
    const step = (id: string) => card.steps.find((one) => one.id === id)!;
    expect(step('cassetteOn')).toMatchObject({
      title: 'Cassette on',
      readings: [{ id: 'torque.lockring', unit: 'N·m', target: 40 }],
      outcomes: ['ok', 'cassetteRocks', 'lockringLoose'],
      torqueNm: 40,
      done: false,
    });
    expect(step('chainLength')).toMatchObject({ done: true, readings: [{ id: 'links', unit: 'links', target: 110 }] });
    expect(card.warnings.map(({ code }) => code)).toContain('chainTooShort');
  });

  test('bad input is refused by path and with what to do', async () => {
    const refused = async (sent: Sent) => (await problemOf(postJobCard, jobBody(sent))).issues!;
    expect(await refused({ to: { excludedGears: [{ chainring: 48, cog: 28 }] } })).toEqual([
      { path: 'to.excludedGears.0', message: expect.stringContaining('big-big cannot be excluded') as string },
    ]);
    expect((await refused({ to: { excludedGears: [{ chainring: 40, cog: 28 }] } }))[0]!.message).toContain(
      'no such gear',
    );
    expect((await refused({ from: { chainLinks: 20 } }))[0]!.path).toBe('from.chainLinks');
    expect((await refused({ chain: 'cut' as never }))[0]!.path).toBe('chain');
  });
});
