import { mutatedJson, mutatedTexts } from '../../../tests/support/mutate';
import type { Problem } from '../../records/exchange/http';
import { BODY_MS_MAX } from './_http/body';
import { AT_ONCE_MAX } from './_http/guard';
import { POST as find } from './find/route';
import { POST as fit } from './fit/route';
import { POST as gears } from './gears/route';

const COUNT = 2000;
/** A search takes a thread and its time; most broken requests never get there. */
const SEARCHES = 200;

const wheel = { rimDiameterMm: 622, tyreWidthMm: 38 };
const cogs = [11, 13, 15, 17, 19, 21, 24, 28, 32, 36];
const setup = { chainrings: [48, 32], cogs };
const BODIES = {
  gears: [gears, { wheel, cadenceRpm: 90, setups: [setup] }, COUNT],
  fit: [fit, { setup, chainstayMm: 430, rearDerailleur: { totalCapacityT: 41, cageLengthMm: 93 } }, COUNT],
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
  const response = await post(new Request('http://localhost/api', { method: 'POST', body }));
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
    const whole = await post(new Request('http://localhost/api', { method: 'POST', body: JSON.stringify(body) }));
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

test('a body that never ends is not waited for, and more at once than there is room for are asked to come back', async () => {
  jest.useFakeTimers();
  try {
    const waiting = Array.from({ length: AT_ONCE_MAX }, () => gears(endless()));
    const oneMore = await fit(endless());
    expect(oneMore.status).toBe(503);
    expect(oneMore.headers.get('retry-after')).toBe('2');
    await jest.advanceTimersByTimeAsync(BODY_MS_MAX);
    for (const response of await Promise.all(waiting)) {
      expect(response.status).toBe(408);
      expect(((await response.json()) as Problem).detail).toContain('within 10 s');
    }
  } finally {
    jest.useRealTimers();
  }
  // Those that left made room.
  await ask(fit, JSON.stringify(BODIES.fit[1]));
});
