import type { KeptRecords, KeptTable } from '../records';
import type { RontelDatabase } from './db';
import type { RecordChange } from './history-entry';

/** The records that one change removed. */
export interface BinEntry {
  /** Assigned by the database, ascending. */
  readonly seq?: number;
  /** What was done, such as "remove Estuary tourer". */
  readonly label: string;
  /** Milliseconds since 1970. */
  readonly atMs: number;
  readonly records: readonly { readonly table: KeptTable; readonly record: KeptRecords[KeptTable] }[];
}

export const BIN_DAYS = 30;
const DAY_MS = 86_400_000;

/** Returns the bin entry of a change; undefined if it removed nothing. */
export function binnedOf(label: string, atMs: number, changes: readonly RecordChange[]): BinEntry | undefined {
  const records = changes.flatMap(({ table, before, after }) =>
    before !== undefined && after === undefined ? [{ table, record: before }] : [],
  );
  return records.length > 0 ? { label, atMs, records } : undefined;
}

/** Returns the time before which entries expire. */
export const lastKeptMs = (nowMs: number) => nowMs - BIN_DAYS * DAY_MS;

/** Deletes expired entries from the bin. */
export async function tidyBin(db: RontelDatabase, nowMs: number): Promise<void> {
  await db.bin.where('atMs').belowOrEqual(lastKeptMs(nowMs)).delete();
}
