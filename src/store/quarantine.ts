import type { KeptRecords } from '../records';
import type { Quarantined, SortedOut } from '../records/schema';
import { change } from './change';
import type { RontelDatabase } from './db';

/** A record that was set aside: it could not be read, and would have spoiled every backup; or one as it was before it was mended. */
export interface QuarantineEntry extends Quarantined {
  /** Given by the database, rising. */
  readonly seq?: number;
  /** Milliseconds since 1970. */
  readonly atMs: number;
  /** Whether it is here all the same, mended. */
  readonly isMended: boolean;
}

/** Keeps what was set aside, and what was mended as it was before. */
export async function quarantine(db: RontelDatabase, { aside, mended }: SortedOut): Promise<void> {
  const atMs = Date.now();
  await db.aside.bulkAdd([
    ...aside.map((one) => ({ ...one, atMs, isMended: false })),
    ...mended.map((one) => ({ ...one, atMs, isMended: true })),
  ]);
}

/** What was set aside, newest first. */
export function readQuarantine(db: RontelDatabase): Promise<QuarantineEntry[]> {
  return db.aside.orderBy('seq').reverse().toArray();
}

/** Puts a record back as one step, where it can be kept now. @throws as any write does; then it stays aside */
export async function restoreQuarantined(
  db: RontelDatabase,
  { seq, table, record, text }: QuarantineEntry,
): Promise<void> {
  if (table === 'preferences') return;
  await change(db, { label: `put back: ${text}`, now: Date.now() }, (draft) =>
    draft.put(table, record as KeptRecords[typeof table]),
  );
  await deleteQuarantined(db, seq!);
}

/** Lets go of a record that was set aside, for good. */
export async function deleteQuarantined(db: RontelDatabase, seq: number): Promise<void> {
  await db.aside.delete(seq);
}
