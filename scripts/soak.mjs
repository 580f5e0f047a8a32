// npm run soak [-- MINUTES]: a surge of heavy searches, then mixed load on the built server for an hour unless said
// otherwise. Ends badly where a bound of docs/reliability.md is passed, and prints what it saw as JSON.
import { readFileSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';
import { build, freePort, installPackages, startServer } from './prepare.mjs';

const minutes = Number(process.argv[2] ?? 60);
/** Clients that ask one thing after the other, with a pause between, all the time. */
const CLIENTS = 6;
const PAUSE_MS = 100;
const MEMORY_EVERY_MS = 30_000;
/** The memory of the last quarter against that of the second, for the first is start-up. */
const MEMORY_GROWTH_MAX = 0.1;
const REFUSED_WITHIN_MS = 1000;
const SMALL_WITHIN_MS = 2000;
const ENDED_WITHIN_MS = 100;
/** A request that takes longer holds others up. */
const SLOWEST_MS = 5000;

installPackages();
build();
const port = await freePort();
const server = await startServer(port, 'demo');
const url = (path) => `http://localhost:${port}${path}`;

const WHEEL = { rimDiameterMm: 622, tyreWidthMm: 38 };
const TOURER = { chainrings: [48, 32], cogs: [11, 13, 15, 17, 19, 21, 24, 28, 32, 36] };
/** Cassettes of ten cogs, no two alike. */
const cassettes = (count) =>
  Array.from({ length: count }, (_, i) => ({
    name: `cassette ${i}`,
    cogs: [11, 13, 15, 17, 19, 21, 24, 28 + (i % 4), 33 + (i % 7), 42 + (i % 18)],
  }));
const search = (rings, layouts, easiest, count) => ({
  wheel: WHEEL,
  cadence: { lowRpm: 70, highRpm: 95 },
  needs: { easiestDevelopmentMaxM: easiest, topSpeedMinKmh: 40 },
  rings,
  layouts,
  cassettes: cassettes(count),
  limit: 20,
});
const SMALL = search({ min: 36, max: 44 }, ['1x'], 2.4, 5);
const HEAVY = search({ min: 20, max: 70 }, ['1x', '2x'], 2.2, 100);
const headers = { 'content-type': 'application/json' };
const post = (path, body) => [path, { method: 'POST', headers, body: JSON.stringify(body) }];
const KINDS = {
  page: () => ['/gears', {}],
  otherPage: () => ['/find', {}],
  nothing: () => ['/nowhere/at/all', {}],
  gears: () => post('/api/gears', { wheel: WHEEL, setups: [TOURER] }),
  fit: () =>
    post('/api/fit', { setup: TOURER, chainstayMm: 430, rearDerailleur: { totalCapacityT: 41, cageLengthMm: 93 } }),
  broken: () => ['/api/gears', { method: 'POST', headers, body: '{"wheel":[[[' }],
  small: () => post('/api/find', SMALL),
};

/** Asks once; answers with the status and the time it took, `left` where it was given up. */
async function ask([path, options], signal) {
  const began = performance.now();
  const headers = options.method ? { 'content-type': 'application/json' } : {};
  try {
    const answer = await fetch(url(path), { ...options, headers, signal });
    await answer.arrayBuffer();
    return { status: answer.status, ms: performance.now() - began, retryAfter: answer.headers.get('retry-after') };
  } catch (cause) {
    if (!signal?.aborted) throw cause;
    return { status: 'left', ms: performance.now() - began };
  }
}

const status = (name) =>
  Number(new RegExp(`^${name}:\\s+(\\d+)`, 'm').exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))[1]);
const memoryMb = () => Math.round(status('VmRSS') / 1024);
const max = (numbers) => Math.round(Math.max(0, ...numbers));

/** How long a heavy search goes on, in milliseconds, after its client has gone. */
async function givenUp() {
  await ask(KINDS.small());
  await pause(1000);
  const threads = status('Threads');
  const control = new AbortController();
  const asked = ask(post('/api/find', HEAVY), control.signal);
  for (let tries = 0; status('Threads') <= threads; tries += 1) {
    if (tries > 2000) throw new Error('no thread was begun for a heavy search');
    await pause(5);
  }
  await pause(500);
  const began = performance.now();
  control.abort();
  await asked;
  while (status('Threads') > threads && performance.now() - began < 10_000) await pause(2);
  return Math.round(performance.now() - began);
}

/** Fifty heavy searches at once, with small requests meanwhile. */
async function surge() {
  const heavy = Array.from({ length: 50 }, () => ask(post('/api/find', HEAVY)));
  const meanwhile = [];
  let over = false;
  const small = (async () => {
    while (!over) {
      meanwhile.push((await ask(KINDS.small())).ms, (await ask(KINDS.gears())).ms);
      await pause(PAUSE_MS);
    }
  })();
  const answers = await Promise.all(heavy);
  over = true;
  await small;
  const refused = answers.filter(({ status }) => status === 503);
  return {
    heavyAnswered: answers.filter(({ status }) => status === 200).length,
    heavyRefused: refused.length,
    withoutRetryAfter: refused.filter(({ retryAfter }) => !retryAfter).length,
    refusedWithinMs: max(refused.map(({ ms }) => ms)),
    smallMeanwhile: meanwhile.length,
    smallWithinMs: max(meanwhile),
  };
}

async function soak() {
  const until = Date.now() + minutes * 60_000;
  const seen = Object.fromEntries(
    [...Object.keys(KINDS), 'heavyLeft'].map((kind) => [kind, { asked: 0, slowestMs: 0, statuses: {} }]),
  );
  const note = (kind, { status, ms }) => {
    const one = seen[kind];
    one.asked += 1;
    one.slowestMs = Math.max(one.slowestMs, Math.round(ms));
    one.statuses[status] = (one.statuses[status] ?? 0) + 1;
  };
  const memory = [];
  const watching = (async () => {
    while (Date.now() < until) {
      memory.push(memoryMb());
      await pause(MEMORY_EVERY_MS);
    }
  })();
  const clients = Array.from({ length: CLIENTS }, async (_, client) => {
    for (let turn = client; Date.now() < until; turn += 1) {
      const kinds = Object.keys(KINDS);
      const kind = kinds[turn % kinds.length];
      note(kind, await ask(KINDS[kind]()));
      // Now and then somebody asks for much and goes away.
      if (client === 0 && turn % 50 === 0)
        note('heavyLeft', await ask(post('/api/find', HEAVY), AbortSignal.timeout(700)));
      await pause(PAUSE_MS);
    }
  });
  await Promise.all([...clients, watching]);
  const quarter = (n) => memory.slice(Math.floor((memory.length * (n - 1)) / 4), Math.ceil((memory.length * n) / 4));
  const mean = (numbers) => numbers.reduce((sum, one) => sum + one, 0) / numbers.length;
  return { seen, memoryMb: memory, growth: mean(quarter(4)) / mean(quarter(2)) - 1 };
}

try {
  const surged = { givenUpEndedWithinMs: await givenUp(), ...(await surge()) };
  console.log(JSON.stringify(surged));
  const soaked = await soak();
  const bad = [
    surged.heavyAnswered < 2 && 'fewer heavy searches were answered than run at once',
    surged.withoutRetryAfter > 0 && 'a refusal did not say when to come back',
    surged.refusedWithinMs > REFUSED_WITHIN_MS && 'a refusal came late',
    surged.smallWithinMs > SMALL_WITHIN_MS && 'a small request waited for heavy ones',
    surged.givenUpEndedWithinMs > ENDED_WITHIN_MS && 'a search went on though its client had gone',
    soaked.growth > MEMORY_GROWTH_MAX && 'the memory of the server grew',
    Object.values(soaked.seen).some(({ slowestMs }) => slowestMs > SLOWEST_MS) && 'a request took too long',
    Object.values(soaked.seen).some(({ statuses }) => Object.keys(statuses).some((one) => one >= 500)) &&
      'the server answered with a fault of its own',
  ].filter(Boolean);
  console.log(JSON.stringify({ minutes, ...soaked }, undefined, 1).replace(/\n\s+(\d)/g, ' $1'));
  console.log(bad.length > 0 ? `passed its bounds: ${bad.join('; ')}` : 'within its bounds');
  process.exitCode = bad.length > 0 ? 1 : 0;
} finally {
  server.kill();
}
