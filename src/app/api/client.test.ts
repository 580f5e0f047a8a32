import { execFileSync } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { TOURER } from '../../../tests/support/setups';
import { compareResponseSchema } from '../../records/exchange/compare';
import { findResponseSchema } from '../../records/exchange/find';
import { fitResponseSchema } from '../../records/exchange/fit';
import { gearsResponseSchema } from '../../records/exchange/gears';
import { healthSchema, problemSchema } from '../../records/exchange/http';
import { jobCardResponseSchema } from '../../records/exchange/job-card';
import { needsResponseSchema } from '../../records/exchange/needs';
import { descriptions } from './_http/description';
import * as compare from './compare/route';
import * as find from './find/route';
import * as fit from './fit/route';
import * as gears from './gears/route';
import * as health from './health/route';
import * as jobCard from './job-card/route';
import * as needs from './needs/route';
import * as openapi from './openapi/route';
import * as schema from './schema/route';

// A client made by a common generator from the description alone calls every route; what it sends goes to the handlers.
const ROUTES: Readonly<Record<string, Pick<typeof gears, 'GET' | 'POST'>>> = {
  ...{ compare, find, fit, gears, health, needs, openapi, schema },
  'job-card': jobCard,
};
const BASE = 'http://localhost/api/v1';
const folder = join(process.cwd(), '.cache', `client-${process.pid}`);

type Called = Promise<{ readonly data?: unknown; readonly error?: unknown; readonly response: Response }>;
type Sdk = Readonly<Record<string, (options: Readonly<Record<string, unknown>>) => Called>>;
let sdk: Sdk;
const called = new Set<string>();

beforeAll(() => {
  mkdirSync(folder, { recursive: true });
  writeFileSync(join(folder, 'openapi.json'), descriptions().openapi.text);
  execFileSync(process.execPath, [
    'node_modules/@hey-api/openapi-ts/bin/run.js',
    ...['-i', join(folder, 'openapi.json'), '-o', join(folder, 'client'), '-c', '@hey-api/client-fetch', '-s'],
  ]);
  // eslint-disable-next-line @typescript-eslint/no-require-imports -- made by this test
  sdk = require(join(folder, 'client', 'sdk.gen.ts')) as Sdk;
});
afterAll(() => {
  rmSync(folder, { recursive: true, force: true });
});

function call(name: string, options: Readonly<Record<string, unknown>> = {}): Called {
  called.add(name);
  const route = (request: Request) => {
    const path = request.url.slice(BASE.length + 1);
    return ROUTES[path]![request.method as 'GET' | 'POST'](request);
  };
  return sdk[name]!({ baseUrl: BASE, fetch: route, ...options });
}

const wheel = { rimDiameterMm: 622, tyreWidthMm: 38 };
const teeth = { chainrings: [...TOURER.chainrings], cogs: [...TOURER.cogs] };
const wide = { chainrings: [40], cogs: [10, 11, 13, 15, 17, 19, 21, 24, 28, 32, 38, 44] };

test.each([
  ['gears', { wheel, setups: [teeth] }, gearsResponseSchema],
  ['fit', { setup: teeth, chainstayMm: 430, rearDerailleur: { totalCapacityT: 39 } }, fitResponseSchema],
  ['needs', { wheel, rider: { riding: 'touring', cda: 0.42 } }, needsResponseSchema],
  ['compare', { wheel, rider: {}, setups: [teeth, wide] }, compareResponseSchema],
  [
    'find',
    {
      wheel,
      cadence: { lowRpm: 80, highRpm: 95 },
      needs: { easiestDevelopmentMaxM: 2.2, topSpeedMinKmh: 40 },
      rings: { min: 38, max: 46 },
      layouts: ['1x'],
      cassettes: [{ name: 'own', cogs: wide.cogs }],
    },
    findResponseSchema,
  ],
  ['jobCard', { chainstayMm: 430, from: { ...teeth, chainLinks: 112 }, to: teeth }, jobCardResponseSchema],
] as const)('the generated client calls %s', async (name, body, response) => {
  const { data, error } = await call(name, { body });
  expect(error).toBeUndefined();
  expect(response.safeParse(data).error).toBeUndefined();
});

test('it reads what is wrong with a request', async () => {
  const { data, error, response } = await call('gears', {
    body: { wheel, setups: [{ chainrings: [44], cogs: [99] }] },
  });
  expect([data, response.status]).toEqual([undefined, 400]);
  expect(problemSchema.parse(error).issues![0]).toMatchObject({ path: 'setups.0.cogs.0' });
});

test('it reads health and both descriptions', async () => {
  expect(healthSchema.parse((await call('health')).data)).toMatchObject({ status: 'ok' });
  expect((await call('openapi')).data).toMatchObject({ openapi: '3.1.1' });
  expect((await call('schema')).data).toMatchObject({ $id: 'urn:rontel:http:v1' });
});

test('no route is left out', () => {
  const { paths } = JSON.parse(descriptions().openapi.text) as {
    paths: Record<string, Record<string, { operationId: string }>>;
  };
  expect(
    Object.keys(paths)
      .map((path) => path.slice(1))
      .sort(),
  ).toEqual(Object.keys(ROUTES).sort());
  const operations = Object.values(paths).flatMap((path) => Object.values(path).map(({ operationId }) => operationId));
  expect([...called].sort()).toEqual(operations.sort());
});
