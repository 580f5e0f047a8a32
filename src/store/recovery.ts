import type { KeptTable } from '../records';
import { dataProblems, type DataProblem } from '../records/schemas';
import { DoesNotFitError } from './belonging';
import { lastKeptMs, type BinEntry } from './bin';
import { change, tableOf } from './change';
import { readKept } from './dataset';
import type { RontelDatabase } from './db';
import { t } from './words';
import { entryOf, definite } from '../core/items';

/** A bin entry that can be restored, wholly or partly. */
interface Binned extends BinEntry {
  readonly seq: number;
  /** Its records that have not been restored by undo. */
  readonly missing: number;
}

/** Reads the bin, newest first, without records that exist again. */
export async function readBin(db: RontelDatabase, nowMs: number): Promise<Binned[]> {
  const entries = await db.bin.where('atMs').above(lastKeptMs(nowMs)).toArray();
  const binned = await Promise.all(
    entries.map(async (entry) => ({
      ...entry,
      seq: definite(entry.seq),
      missing: (await missingOf(db, entry)).length,
    })),
  );
  return binned.filter(({ missing }) => missing > 0).sort((a, b) => b.seq - a.seq);
}

async function missingOf(db: RontelDatabase, { records }: BinEntry): Promise<BinEntry['records']> {
  const here = new Map<KeptTable, ReadonlySet<string>>();
  for (const { table } of records) {
    if (!here.has(table)) here.set(table, new Set(await tableOf(db, table).toCollection().primaryKeys()));
  }
  return records.filter(({ table, record }) => !entryOf(here, table).has(record.id));
}

/** Restores a bin entry as one undo step in one transaction; records that exist again are left as they are. */
export async function bringBack(db: RontelDatabase, seq: number, now: number): Promise<void> {
  const entry = await db.bin.get(seq);
  if (!entry) throw new DoesNotFitError(t('belongs.notInBin'));
  await change(db, { label: t('undo.bringBack', { label: entry.label }), now }, async (draft) => {
    for (const { table, record } of await missingOf(db, entry)) await draft.put(table, record);
  });
}

/** Empties the bin permanently; the only change that cannot be undone. */
export async function emptyBin(db: RontelDatabase): Promise<void> {
  await db.bin.clear();
}

/** Finds problems in the stored data. */
export async function findProblems(db: RontelDatabase): Promise<DataProblem[]> {
  return dataProblems(await readKept(db));
}

/** Maximum number of repair passes: a removal can orphan other records, at most once per kind of record. */
const ROUNDS_MAX = 10;

/** Repairs all problems as one undo step; removed records go to the bin. Returns the number of repairs. */
export async function repairProblems(db: RontelDatabase, now: number): Promise<number> {
  let repaired = 0;
  await change(db, { label: t('undo.repair'), now }, async (draft) => {
    for (let round = 0; round < ROUNDS_MAX; round += 1) {
      const problems = await findProblems(db);
      if (problems.length === 0) return;
      // One problem per record and pass: each repair is computed from the current record.
      const first = new Map(problems.map((problem) => [`${problem.table}/${problem.id}`, problem]));
      for (const { table, id, repaired: record } of first.values()) {
        if (record) await draft.put(table, record);
        else await draft.remove(table, id);
        repaired += 1;
      }
    }
  });
  return repaired;
}
