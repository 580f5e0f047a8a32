import { WriteQueue } from './write-queue';

test('one after the other; of those that wait under one key the last; a failure stops no other', async () => {
  const done: string[] = [];
  const counts: number[] = [];
  const queue = new WriteQueue((open) => counts.push(open));
  let release: () => void = () => undefined;
  const gate = new Promise<void>((resolve) => {
    release = resolve;
  });
  const first = queue.add('note', async () => {
    await gate;
    done.push('t');
  });
  // Let the first begin.
  await Promise.resolve();
  const typed = ['tw', 'two', 'two ', 'two l'].map((text) =>
    queue.add('note', () => {
      done.push(text);
      return Promise.resolve();
    }),
  );
  const failed = queue.add('value', () => Promise.reject(new Error('full')));
  const after = queue.add('done', () => {
    done.push('done');
    return Promise.resolve();
  });
  release();
  await first;
  await Promise.all(typed);
  await expect(failed).rejects.toThrow('full');
  await after;
  expect(done).toEqual(['t', 'two l', 'done']);
  expect(counts.at(-1)).toBe(0);
  expect(Math.max(...counts)).toBe(4);
});
