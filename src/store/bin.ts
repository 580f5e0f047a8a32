import type { KeptRecords, KeptTable } from '../records';
import type { RontelDatabase } from './db';
import type { RecordChange } from './history-entry';

/** What one change took away, kept for a while. */
export interface BinEntry {
  /** Given by the database, rising. */
  readonly seq?: number;
  /** What was done: "remove Estuary tourer". */
  readonly label: string;
  /** Milliseconds since 1970. */
  readonly atMs: number;
  readonly records: readonly { readonly table: KeptTable; readonly record: KeptRecords[KeptTable] }[];
}

export const BIN_DAYS = 30;
const DAY_MS = 86_400_000;

/** What a change puts into the bin; undefined where it took nothing away. */
export function binnedOf(label: string, atMs: number, changes: readonly RecordChange[]): BinEntry | undefined {
  const records = changes.flatMap(({ table, before, after }) =>
    before !== undefined && after === undefined ? [{ table, record: before }] : [],
  );
  return records.length > 0 ? { label, atMs, records } : undefined;
}

/** What was taken away no later than this is let go of. */
export const lastKeptMs = (nowMs: number) => nowMs - BIN_DAYS * DAY_MS;

/** Lets go of what has lain in the bin long enough. */
export async function tidyBin(db: RontelDatabase, nowMs: number): Promise<void> {
  await db.bin.where('atMs').belowOrEqual(lastKeptMs(nowMs)).delete();
}
