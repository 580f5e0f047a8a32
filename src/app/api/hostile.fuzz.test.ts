import { JSON_BODY, sendTo } from '../../../tests/support/json-body';
import { mutatedJson, mutatedTexts } from '../../../tests/support/mutate';
import type { Problem } from '../../records/exchange/http';
import { BODIES_AT_ONCE, BODY_MS_MAX } from './_http/body';
import { POST as compare } from './compare/route';
import { POST as find } from './find/route';
import { POST as fit } from './fit/route';
import { POST as gears } from './gears/route';
import { POST as needs } from './needs/route';
import { cases } from '../../../tests/support/fuzz';

/** Ten times as many: `npm run reliability`. */
const COUNT = cases(200);
/** A search takes a thread and its time; most broken requests never get there. */
const SEARCHES = 200;

const wheel = { rimDiameterMm: 622, tyreWidthMm: 38 };
const cogs = [11, 13, 15, 17, 19, 21, 24, 28, 32, 36];
const setup = { chainrings: [48, 32], cogs };
const BODIES = {
  gears: [gears, { wheel, cadenceRpm: 90, setups: [setup] }, COUNT],
  fit: [fit, { setup, chainstayMm: 430, rearDerailleur: { totalCapacityT: 41, cageLengthMm: 93 } }, COUNT],
  needs: [
    needs,
    {
      wheel,
      rider: {
        riding: 'touring',
        riderKg: 72,
        climbPercent: 8,
        assist: { supportFactor: 1, maxW: 250, cutOffKmh: 25 },
      },
    },
    COUNT,
  ],
  compare: [
    compare,
    { wheel, rider: { riding: 'road', power60W: 200 }, setups: [setup, { chainrings: [42], cogs }] },
    COUNT / 4,
  ],
  find: [
    find,
    {
      wheel,
      cadence: { lowRpm: 80, highRpm: 95 },
      needs: { easiestDevelopmentMaxM: 2.4, topSpeedMinKmh: 30 },
      rings: { min: 38, max: 40 },
      layouts: ['1x'],
      cassettes: [{ name: 'one', cogs }],
    },
    SEARCHES,
  ],
} as const;

async function ask(post: (request: Request) => Promise<Response>, body: string): Promise<void> {
  const response = await sendTo(post, body);
  const text = await response.text();
  if (response.status === 200) {
    expect(text).not.toMatch(/:\s*(NaN|Infinity)/);
    return;
  }
  expect([400, 413, 503]).toContain(response.status);
  expect(response.headers.get('content-type')).toBe('application/problem+json');
  const problem = JSON.parse(text) as Problem;
  expect(problem.title.length).toBeGreaterThan(3);
  // A failure names what is wrong and does not send back what it was sent.
  expect(text.length).toBeLessThan(8000);
}

test.each(Object.keys(BODIES) as (keyof typeof BODIES)[])(
  'whatever is sent to %s is answered, or refused by name',
  async (name) => {
    const [post, body, count] = BODIES[name];
    const whole = await post(
      new Request('http://localhost/api', { method: 'POST', headers: JSON_BODY, body: JSON.stringify(body) }),
    );
    expect([whole.status, await whole.text()]).toEqual([200, expect.any(String)]);
    for (const broken of mutatedJson(body, count, 21)) await ask(post, broken);
    for (const broken of mutatedTexts(JSON.stringify(body), count, 22)) await ask(post, broken);
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  },
);

/** A body of which only the first piece ever comes. */
function endless(): Request {
  const body = new ReadableStream<Uint8Array>({ start: (control) => control.enqueue(new TextEncoder().encode('{')) });
  return new Request('http://localhost/api', { method: 'POST', body, duplex: 'half' } as RequestInit);
}

test('bodies that never end are not waited for, and do not keep out those that come at once', async () => {
  jest.useFakeTimers();
  try {
    const trickling = Array.from({ length: 32 }, () => gears(endless()));
    const honest = new Request('http://localhost/api', {
      method: 'POST',
      headers: JSON_BODY,
      body: JSON.stringify(BODIES.gears[1]),
    });
    expect((await gears(honest)).status).toBe(200);
    // Of one address the oldest were let go for it; the others are waited for as long as any.
    const first = await trickling[0]!;
    expect([first.status, ((await first.json()) as Problem).detail]).toEqual([
      408,
      'Too many slow bodies from this address: the oldest was dropped. Send it again, at once.',
    ]);
    await jest.advanceTimersByTimeAsync(BODY_MS_MAX);
    const all = await Promise.all(trickling);
    expect(all.map(({ status }) => status)).toEqual(Array(32).fill(408));
    const late = all.slice(1).map(async (response) => ((await response.json()) as Problem).detail);
    expect((await Promise.all(late)).filter((detail) => detail.includes('within 10 s'))).toHaveLength(
      BODIES_AT_ONCE.ofOne - 1,
    );
  } finally {
    jest.useRealTimers();
  }
});

test.each([33, 5000, 200_000])('nested %d levels deep: refused by name before it is read', async (depth) => {
  for (const [open, close] of [
    ['[', ']'],
    ['{"a":', '}'],
  ] as const) {
    const core = `${open.repeat(depth)}1${close.repeat(depth)}`;
    for (const body of [core, `{"wheel":${core}}`, core.slice(0, depth * open.length)]) {
      const response = await gears(new Request('http://localhost/api', { method: 'POST', headers: JSON_BODY, body }));
      const isTooLarge = body.length > 1_000_000;
      expect([response.status, ((await response.json()) as Problem).title]).toEqual(
        isTooLarge ? [413, 'Body too large'] : [400, 'Nested too deeply'],
      );
    }
  }
  // Brackets in a text are none.
  const name = '['.repeat(60);
  const body = JSON.stringify({ ...BODIES.gears[1], setups: [{ ...setup, name }] });
  expect((await gears(new Request('http://localhost/api', { method: 'POST', headers: JSON_BODY, body }))).status).toBe(
    200,
  );
});
