import fc from 'fast-check';
import { backupsToKeep } from './backups-to-keep';
import { cases } from '../../tests/support/fuzz';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
const BEGIN = Date.UTC(2026, 0, 1);

/** A copy every half hour that is worked, tidied after each, as it is made. */
function afterWork(days: number, hoursADay: number): { seq: number; atMs: number; bytes: number }[] {
  let kept: { seq: number; atMs: number; bytes: number }[] = [];
  let seq = 0;
  for (let day = 0; day < days; day += 1) {
    for (let half = 0; half < 2 * hoursADay; half += 1) {
      kept.push({ seq: (seq += 1), atMs: BEGIN + day * DAY_MS + (half * HOUR_MS) / 2, bytes: 1000 });
      const keep = backupsToKeep(kept, 1e9);
      kept = kept.filter((copy) => keep.has(copy.seq));
    }
  }
  return kept;
}

test('after a year of work there is one of each of the last seven days and of each of the last eight weeks', () => {
  const kept = afterWork(365, 8);
  const days = kept.map(({ atMs }) => Math.floor((atMs - BEGIN) / DAY_MS));
  for (let day = 358; day < 365; day += 1) expect(days).toContain(day);
  expect(kept.length).toBeLessThanOrEqual(7 + 8);
  // The first of the eight weeks is the one that has just begun.
  expect(364 - Math.min(...days)).toBeGreaterThanOrEqual(6 * 7);
  // Of each day the last.
  const last = kept.at(-1)!;
  expect(last.atMs).toBe(BEGIN + 364 * DAY_MS + 7.5 * HOUR_MS);
});

test('where room is short the oldest go, the newest never', () => {
  const copies = [1, 2, 3].map((seq) => ({ seq, atMs: BEGIN + seq * DAY_MS, bytes: 100 }));
  expect([...backupsToKeep(copies, 250)]).toEqual([3, 2]);
  expect([...backupsToKeep(copies, 10)]).toEqual([3]);
  expect([...backupsToKeep([], 10)]).toEqual([]);
});

test('whatever the times, the newest stays and what is kept is kept again', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 400 * 24 }), { minLength: 1, maxLength: 60 }), (hours) => {
      const copies = hours.map((hour, seq) => ({ seq, atMs: BEGIN + hour * HOUR_MS, bytes: 1 }));
      const keep = backupsToKeep(copies, 1e9);
      const newest = Math.max(...copies.map(({ atMs }) => atMs));
      expect(copies.some(({ seq, atMs }) => keep.has(seq) && atMs === newest)).toBe(true);
      const again = backupsToKeep(
        copies.filter(({ seq }) => keep.has(seq)),
        1e9,
      );
      expect(again).toEqual(keep);
    }),
    { seed: 20261126, numRuns: cases(75) },
  );
});
