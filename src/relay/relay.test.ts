import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, REDIS_SERVER } from '../../scripts/prepare.mjs';
import { RELAY_BOUNDS, memoryRelay, type Relay, type RelayMessage } from './index';
import { redisRelay } from './redis-relay';

const bytes = (...values: number[]) => Uint8Array.from(values);

/** Follows a channel that has room. */
async function follow(relay: Relay, channel: string, signal: AbortSignal, after?: string) {
  const messages = await relay.follow(channel, after, signal);
  if (messages === 'full') throw new Error('the channel is full');
  return messages[Symbol.asyncIterator]();
}

/** The next messages of a channel. */
async function next(following: AsyncIterator<RelayMessage>, count: number): Promise<number[][]> {
  const found: number[][] = [];
  while (found.length < count) {
    const one = await following.next();
    if (one.done) break;
    found.push([...one.value.bytes]);
  }
  return found;
}

const folder = mkdtempSync(join(tmpdir(), 'rontel-redis-'));
let server: ChildProcess | undefined;
let url = '';

beforeAll(async () => {
  // Without it, the part of the relay for several processes has no test: that must not pass unseen.
  if (!existsSync(REDIS_SERVER)) throw new Error(`${REDIS_SERVER} is missing: install Debian's redis-server`);
  const port = await freePort();
  server = spawn(REDIS_SERVER, ['--port', String(port), '--bind', '127.0.0.1', '--save', '', '--dir', folder], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve) => {
    server?.stdout?.on('data', (text: Buffer) => {
      if (text.includes('Ready to accept connections')) resolve();
    });
  });
  url = `redis://127.0.0.1:${port}`;
});

afterAll(() => {
  server?.kill();
  rmSync(folder, { recursive: true, force: true });
});

describe.each<[string, () => Promise<Relay>]>([
  ['in memory', () => Promise.resolve(memoryRelay())],
  ['in Redis', () => redisRelay(url)],
])('a relay %s', (_, make) => {
  let relay: Relay;
  beforeAll(async () => {
    relay = await make();
  });
  afterAll(() => relay.close());

  test('gives a package once', async () => {
    expect(await relay.leave('a-package', bytes(1, 2, 255))).toBe('left');
    expect(await relay.leave('a-package', bytes(9))).toBe('idTaken');
    expect(await relay.take('a-package')).toEqual(bytes(1, 2, 255));
    expect(await relay.take('a-package')).toBeUndefined();
    expect(await relay.take('never-left')).toBeUndefined();
  });

  test('passes messages on to all that follow, and to who comes a moment later', async () => {
    const end = new AbortController();
    const one = (after?: string) => follow(relay, 'workshop', end.signal, after);
    const [first, second] = [await one(), await one()];
    const both = Promise.all([next(first, 2), next(second, 2)]);
    await relay.post('workshop', bytes(1, 0));
    await relay.post('another', bytes(7));
    await relay.post('workshop', bytes(2, 200));
    expect(await both).toEqual([
      [
        [1, 0],
        [2, 200],
      ],
      [
        [1, 0],
        [2, 200],
      ],
    ]);
    const late = await one();
    const earlier = (await late.next()) as IteratorYieldResult<RelayMessage>;
    expect([...earlier.value.bytes]).toEqual([1, 0]);
    expect(await next(await one(earlier.value.id), 1)).toEqual([[2, 200]]);
    expect(relay.figures().followers).toBe(4);
    end.abort();
    expect(relay.figures()).toMatchObject({ followers: 0 });
    expect(await first.next()).toEqual({ done: true, value: undefined });
  });

  test('keeps the last messages only', async () => {
    for (let i = 0; i < RELAY_BOUNDS.messagesKept + 10; i += 1) await relay.post('long', bytes(i));
    const end = new AbortController();
    const [[first]] = (await next(await follow(relay, 'long', end.signal), 1)) as [[number]];
    expect(first).toBe(10);
    end.abort();
  });

  test('lets no more follow than a workshop has devices', async () => {
    const end = new AbortController();
    const all = Array.from({ length: RELAY_BOUNDS.followersOfOne }, () => relay.follow('crowd', undefined, end.signal));
    expect(await Promise.all(all)).not.toContain('full');
    expect(await relay.follow('crowd', undefined, end.signal)).toBe('full');
    end.abort();
    const again = new AbortController();
    expect(await relay.follow('crowd', undefined, again.signal)).not.toBe('full');
    again.abort();
  });
});

describe('a relay in memory', () => {
  const made = (bounds: Partial<Record<keyof typeof RELAY_BOUNDS, number>>) => {
    let nowMs = 1_000_000;
    const relay = memoryRelay({ now: () => nowMs, bounds: { ...RELAY_BOUNDS, ...bounds } });
    return { relay, pass: (ms: number) => (nowMs += ms) };
  };

  test('keeps a package for ten minutes', async () => {
    const { relay, pass } = made({});
    await relay.leave('one', bytes(1));
    await relay.leave('two', bytes(2));
    pass(RELAY_BOUNDS.packageMs - 1);
    expect(await relay.take('one')).toEqual(bytes(1));
    pass(1);
    expect(await relay.take('two')).toBeUndefined();
    expect(relay.figures()).toMatchObject({ packages: 0, bytes: 0 });
    await relay.close();
  });

  test('holds no more bytes than it may, and has room again once they are gone', async () => {
    const { relay, pass } = made({ packagesBytes: 10, messagesBytes: 10 });
    expect(await relay.leave('one', new Uint8Array(6))).toBe('left');
    expect(await relay.leave('two', new Uint8Array(6))).toBe('full');
    await relay.take('one');
    expect(await relay.leave('two', new Uint8Array(6))).toBe('left');
    expect(await relay.post('channel', new Uint8Array(8))).toBe('sent');
    expect(await relay.post('other', new Uint8Array(8))).toBe('full');
    pass(RELAY_BOUNDS.messageMs);
    expect(await relay.post('other', new Uint8Array(8))).toBe('sent');
    expect(relay.figures().bytes).toBe(14);
    await relay.close();
  });

  test('forgets channels in which nothing is said and that nobody follows', async () => {
    const { relay, pass } = made({ channels: 2 });
    await relay.post('one', bytes(1));
    await relay.post('two', bytes(1));
    expect(await relay.post('three', bytes(1))).toBe('full');
    pass(RELAY_BOUNDS.messageMs);
    expect(await relay.post('three', bytes(1))).toBe('sent');
    expect(relay.figures().channels).toBe(1);
    await relay.close();
  });

  test('ends all that follow where it is closed', async () => {
    const { relay } = made({});
    const following = await follow(relay, 'one', new AbortController().signal);
    const waits = following.next();
    await relay.close();
    expect(await waits).toEqual({ done: true, value: undefined });
  });
});
