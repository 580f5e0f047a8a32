import type { KeptTable } from '../records';
import { dataProblems, type DataProblem } from '../records/schema';
import { DoesNotFitError } from './belonging';
import { lastKeptMs, type BinEntry } from './bin';
import { change, tableOf } from './change';
import { readKept } from './dataset';
import type { RontelDatabase } from './db';

/** A change of the bin that can be brought back, whole or what is missing of it. */
export interface Binned extends BinEntry {
  readonly seq: number;
  /** Records of it that are not here again by undo. */
  readonly missing: number;
}

/** What lies in the bin, newest first; what is here again is left out. */
export async function readBin(db: RontelDatabase, nowMs: number): Promise<Binned[]> {
  const entries = await db.bin.where('atMs').above(lastKeptMs(nowMs)).toArray();
  const binned = await Promise.all(
    entries.map(async (entry) => ({ ...entry, seq: entry.seq!, missing: (await missingOf(db, entry)).length })),
  );
  return binned.filter(({ missing }) => missing > 0).sort((a, b) => b.seq - a.seq);
}

async function missingOf(db: RontelDatabase, { records }: BinEntry): Promise<BinEntry['records']> {
  const here = new Map<KeptTable, ReadonlySet<string>>();
  for (const { table } of records) {
    if (!here.has(table)) here.set(table, new Set(await tableOf(db, table).toCollection().primaryKeys()));
  }
  return records.filter(({ table, record }) => !here.get(table)!.has(record.id));
}

/** Brings an entry of the bin back as one step, what is here again left as it is; all or nothing. */
export async function bringBack(db: RontelDatabase, seq: number, now: number): Promise<void> {
  const entry = await db.bin.get(seq);
  if (!entry) throw new DoesNotFitError('It is no longer in the bin');
  await change(db, { label: `bring back: ${entry.label}`, now }, async (draft) => {
    for (const { table, record } of await missingOf(db, entry)) await draft.put(table, record);
  });
}

/** Empties the bin for good: this alone cannot be undone. */
export async function emptyBin(db: RontelDatabase): Promise<void> {
  await db.bin.clear();
}

/** What is wrong with what is kept. */
export async function findProblems(db: RontelDatabase): Promise<DataProblem[]> {
  return dataProblems(await readKept(db));
}

/** Rounds of mending: what is taken away can leave others alone, but never more often than there are kinds of record. */
const ROUNDS_MAX = 10;

/** Mends all that is wrong as one step; what goes lies in the bin. Answers with how much was mended. */
export async function repairProblems(db: RontelDatabase, now: number): Promise<number> {
  let mended = 0;
  await change(db, { label: 'mend the data', now }, async (draft) => {
    for (let round = 0; round < ROUNDS_MAX; round += 1) {
      const problems = await findProblems(db);
      if (problems.length === 0) return;
      // One at a time for each record: what mends one of its problems is worked out from the record as it is.
      const first = new Map(problems.map((problem) => [`${problem.table}/${problem.id}`, problem]));
      for (const { table, id, mended: record } of first.values()) {
        if (record) await draft.put(table, record);
        else await draft.remove(table, id);
        mended += 1;
      }
    }
  });
  return mended;
}
