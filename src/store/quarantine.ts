import type { KeptRecords } from '../records';
import type { Quarantined, SortedOut } from '../records/schemas';
import { change } from './change';
import type { RontelDatabase } from './db';
import { t } from './words';
import { definite } from '../core/items';

/** A quarantined record: invalid, so that no backup with it could be opened; or the original of a repaired record. */
export interface QuarantineEntry extends Quarantined {
  /** Assigned by the database, ascending. */
  readonly seq?: number;
  /** Milliseconds since 1970. */
  readonly atMs: number;
  /** Whether a repaired version is in use. */
  readonly isRepaired: boolean;
}

/** Stores invalid records and the originals of repaired ones. */
export async function quarantine(db: RontelDatabase, { quarantined, repaired }: SortedOut): Promise<void> {
  const atMs = Date.now();
  await db.quarantine.bulkAdd([
    ...quarantined.map((one) => ({ ...one, atMs, isRepaired: false })),
    ...repaired.map((one) => ({ ...one, atMs, isRepaired: true })),
  ]);
}

/** Reads the quarantined records, newest first. */
export function readQuarantine(db: RontelDatabase): Promise<QuarantineEntry[]> {
  return db.quarantine.orderBy('seq').reverse().toArray();
}

/** Restores a record as one undo step if it is valid now. @throws as any write does; the record then stays quarantined */
export async function restoreQuarantined(
  db: RontelDatabase,
  { seq, table, record, text }: QuarantineEntry,
): Promise<void> {
  if (table === 'preferences') return;
  await change(db, { label: t('undo.putBack', { text }), now: Date.now() }, (draft) =>
    draft.put(table, record as KeptRecords[typeof table]),
  );
  await deleteQuarantined(db, definite(seq));
}

/** Deletes a quarantined record permanently. */
export async function deleteQuarantined(db: RontelDatabase, seq: number): Promise<void> {
  await db.quarantine.delete(seq);
}
