import { KEPT_TABLES } from '../records';
import { demoDataset } from '../store/demo';
import { sameRecord } from '../records';
import { cipherOf, newKey } from './cipher';
import { frameJoiner, framesOf } from './frames';
import { leavesOf, recordOf } from './leaves';
import { decodeMessage, encodeMessage } from './messages';
import { newSecret, readSecret, secretText } from './secret';
import { SharedWorkshop } from './shared-workshop';

test('every record of the demo workshop is taken apart and put together again', () => {
  const dataset = demoDataset();
  for (const table of KEPT_TABLES) {
    if (table === 'recordings' || table === 'photos') continue;
    for (const record of dataset[table])
      expect(sameRecord(recordOf(table, leavesOf(table, record)), record)).toBe(true);
  }
});

describe('fields that two devices change', () => {
  const job = {
    id: 'j',
    state: 'inHand',
    runs: [{ fromMs: 1 }],
    bought: ['chain'],
    progress: { clean: { doneAtMs: 1 } },
  };
  const both = (one: object, other: object) => {
    const [a, b] = [new SharedWorkshop(), new SharedWorkshop()];
    a.absorb([{ table: 'jobs', id: 'j', before: undefined, after: job }]);
    b.apply(a.updateFor(b.stateVector()));
    a.absorb([{ table: 'jobs', id: 'j', before: job, after: one }]);
    b.absorb([{ table: 'jobs', id: 'j', before: job, after: other }]);
    const [toA, toB] = [b.updateFor(a.stateVector()), a.updateFor(b.stateVector())];
    const clashes = [...a.apply(toA), ...b.apply(toB)];
    expect(a.fingerprint()).toEqual(b.fingerprint());
    expect(a.read().jobs.get('j')).toEqual(b.read().jobs.get('j'));
    return { job: a.read().jobs.get('j'), clashes };
  };

  test('steps of a card, times, and purchases come together', () => {
    const ended = both(
      { ...job, runs: [...job.runs, { fromMs: 5 }], bought: ['chain', 'cassette'] },
      { ...job, runs: [...job.runs, { fromMs: 9 }], progress: { ...job.progress, recheck: { doneAtMs: 2 } } },
    );
    expect(ended.clashes).toEqual([]);
    expect(ended.job).toMatchObject({
      bought: ['chain', 'cassette'],
      progress: { clean: { doneAtMs: 1 }, recheck: { doneAtMs: 2 } },
    });
    expect((ended.job!.runs as { fromMs: number }[]).map(({ fromMs }) => fromMs).sort()).toEqual([1, 5, 9]);
  });

  test('a job that was signed off on one device is done, whatever its state became on the other', () => {
    const done = { ...job, state: 'done', finishedAtMs: 7, outcome: 'works' };
    expect(both(done, { ...job, state: 'waiting' }).job).toMatchObject({ state: 'done', finishedAtMs: 7 });
    expect(both({ ...job, state: 'waiting' }, done).job).toMatchObject({ state: 'done', outcome: 'works' });
  });

  test('an item that one removes and the other leaves alone is gone', () => {
    expect(both({ ...job, bought: [] }, { ...job, state: 'waiting' }).job).toMatchObject({
      bought: [],
      state: 'waiting',
    });
  });

  test('the same value from both is no clash', () => {
    const same = { ...job, state: 'waiting' };
    expect(both(same, same).clashes).toEqual([]);
    expect(both({ ...job, state: 'waiting' }, { ...job, state: 'ready' }).clashes).toHaveLength(1);
  });

  test('a change that knew of the one before is no clash, even if a third device brings both', () => {
    const [a, b, c] = [new SharedWorkshop(), new SharedWorkshop(), new SharedWorkshop()];
    const [one, two, three] = ['waiting', 'ready', 'inHand'].map((state) => ({ ...job, state }));
    a.absorb([{ table: 'jobs', id: 'j', before: undefined, after: one }]);
    b.apply(a.updateFor(b.stateVector()));
    b.absorb([{ table: 'jobs', id: 'j', before: one, after: two }]);
    b.absorb([{ table: 'jobs', id: 'j', before: two, after: three }]);
    c.apply(b.updateFor(c.stateVector()));
    expect(a.apply(c.updateFor(a.stateVector()))).toEqual([]);
    expect(a.read().jobs.get('j')).toMatchObject({ state: 'inHand' });
  });
});

describe('encryption', () => {
  const plain = Uint8Array.from({ length: 3000 }, (_, i) => i % 251);

  test('of the browser and of the library go together', async () => {
    const key = newKey();
    const [browser, library] = [cipherOf(key), cipherOf(key, null)];
    expect(await library.decrypt(await browser.encrypt(plain))).toEqual(plain);
    expect(await browser.decrypt(await library.encrypt(plain))).toEqual(plain);
  });

  test.each([
    ['browser', undefined],
    ['library', null],
  ])('by the %s refuses what was changed, cut off, or sealed with another key', async (_, subtle) => {
    const key = newKey();
    const cipher = cipherOf(key, subtle);
    const sealed = await cipher.encrypt(plain);
    const changed = Uint8Array.from(sealed, (byte, i) => (i === 40 ? byte ^ 1 : byte));
    await expect(cipher.decrypt(changed)).rejects.toThrow();
    await expect(cipher.decrypt(sealed.slice(0, -1))).rejects.toThrow();
    await expect(cipher.decrypt(new Uint8Array(3))).rejects.toThrow();
    await expect(cipherOf(newKey(), subtle).decrypt(sealed)).rejects.toThrow();
    expect(await cipher.encrypt(plain)).not.toEqual(sealed);
  });

  test('needs a key of its length', () => {
    expect(() => cipherOf(new Uint8Array(16))).toThrow('16 bytes');
  });
});

test('a secret survives a link, and half of one is none', () => {
  const secret = newSecret();
  expect(readSecret(secretText(secret))).toEqual(secret);
  expect(readSecret(secretText(secret).slice(0, -3))).toBeUndefined();
  expect(readSecret('')).toBeUndefined();
});

describe('frames', () => {
  const message = Uint8Array.from({ length: 250_000 }, (_, i) => (i * 31) % 256);

  test('come together in any order, repeated ones and those of others between', () => {
    const [take, frames] = [frameJoiner(), framesOf(message)];
    expect(frames).toHaveLength(3);
    expect(take(frames[2]!)).toBeUndefined();
    expect(take(framesOf(message)[0]!)).toBeUndefined();
    expect(take(frames[2]!)).toBeUndefined();
    expect(take(frames[0]!)).toBeUndefined();
    expect(take(frames[1]!)).toEqual(message);
    expect(frameJoiner()(framesOf(new Uint8Array())[0]!)).toEqual(new Uint8Array());
  });

  test('of senders that never finish take no memory without end', () => {
    const take = frameJoiner();
    const first = framesOf(message);
    take(first[0]!);
    take(first[1]!);
    for (let i = 0; i < 20; i += 1) take(framesOf(message)[0]!);
    expect(take(first[2]!)).toBeUndefined();
  });

  test('that are none are refused', () => {
    expect(() => frameJoiner()(Uint8Array.of(1, 2, 3))).toThrow();
    expect(() => frameJoiner()(Uint8Array.of(1, 2, 3, 4, 5, 6, 7, 8, 9, 2))).toThrow('frame 9 of 2');
  });
});

test('messages are read as they were written; one of a later protocol is not read', () => {
  const from = { deviceId: 'd', name: 'Bench phone', dataVersion: 17 };
  const bytes = Uint8Array.of(1, 2, 3);
  for (const message of [
    { kind: 'hello', from, stateVector: bytes, fingerprint: bytes, jobId: 'job' },
    { kind: 'update', from, update: bytes },
    { kind: 'want', from, digest: 'ab', offset: 70_000, to: 'x' },
    { kind: 'piece', from, digest: 'ab', offset: 0, size: 9, bytes },
  ] as const)
    expect(decodeMessage(encodeMessage(message))).toEqual(message);
  expect(decodeMessage(Uint8Array.of(2, 0))).toEqual({ kind: 'unknown' });
});
