import { isBytes } from '../records/bytes';
import 'fake-indexeddb/auto';
import { writeBackup } from '../formats/backup';
import { readBackup } from '../formats/read-backup';
import { KEPT_TABLES, type KeptRecords, type KeptTable } from '../records';
import { change, readDataset } from './index';
import { tableOf } from './change';
import { prepareStore } from './dataset';
import { RontelDatabase } from './db';
import { demoDataset } from './demo';

const DEMO = demoDataset();
const NOW = Date.UTC(2026, 10, 28);
let db: RontelDatabase;
beforeAll(async () => {
  db = new RontelDatabase('gate-fuzz');
  await prepareStore(db, () => DEMO);
});
afterAll(() => db.delete());

/** Invalid values for numbers, and texts that are no names. */
const WRONG = [1e300, -1e300, -32768.5, NaN, Infinity, '', null, '\u0000', 'x'.repeat(100_000)] as const;

/** Every path of a value in a record. */
function pathsOf(value: unknown, at: readonly (string | number)[] = []): (readonly (string | number)[])[] {
  if (typeof value !== 'object' || value === null || isBytes(value)) return [at];
  return Object.entries(value).flatMap(([key, one]) => pathsOf(one, [...at, Array.isArray(value) ? Number(key) : key]));
}

function withAt<T>(record: T, [key, ...rest]: readonly (string | number)[], value: unknown): T {
  if (key === undefined) return value as T;
  const copy = (Array.isArray(record) ? [...(record as unknown[])] : { ...record }) as Record<string | number, unknown>;
  copy[key] = withAt(copy[key], rest, value);
  return copy as T;
}

test('whatever is put in the place of any value, the gate refuses it or a backup with it is read again', async () => {
  let refused = 0;
  let kept = 0;
  for (const table of KEPT_TABLES) {
    const record = DEMO[table].reduce<KeptRecords[KeptTable] | undefined>(
      (fullest, one) => (JSON.stringify(one).length > (fullest ? JSON.stringify(fullest).length : 0) ? one : fullest),
      undefined,
    );
    if (!record) continue;
    // Of a long list only the first few places are tried.
    const paths = pathsOf(record).filter((path) => !path.some((key) => typeof key === 'number' && key > 2));
    for (const path of paths) {
      if (path.join() === 'id') continue;
      for (const value of WRONG) {
        const wrong = withAt(record, path, value);
        const written = await change(db, { label: 'wrong', now: NOW }, (draft) => draft.put(table, wrong)).then(
          () => true,
          () => false,
        );
        if (!written) {
          refused += 1;
          continue;
        }
        kept += 1;
        const dataset = { ...(await readDataset(db)), recordings: DEMO.recordings, photos: [] };
        const result = readBackup(writeBackup(dataset, '2026-11-28T00:00:00.000Z'));
        expect([table, path.join('.'), value, result.ok || result.failure.message]).toEqual([
          table,
          path.join('.'),
          value,
          true,
        ]);
        await tableOf(db, table).put(record);
      }
    }
  }
  expect(refused).toBeGreaterThan(1000);
  expect(kept).toBeGreaterThan(5);
}, 120_000);
