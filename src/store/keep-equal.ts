import { sameRecord } from '../records';

/*
 * The database answers with new objects each time. Where one equals that of the answer before, the former is kept: what
 * hangs on nothing else need not be worked out and drawn anew.
 */

/** The former of two that are equal, the newer of two that are not. */
export function keptEqual<T>(before: T, after: T): T {
  return sameRecord(before, after) ? before : after;
}

/** The newer list, made of the former's records where they are equal; the former where all are, in its order. */
export function keptRecords<T extends { readonly id: string }>(
  before: readonly T[],
  after: readonly T[],
): readonly T[] {
  const formerOf = new Map(before.map((record) => [record.id, record]));
  const kept = after.map((record) => keptEqual(formerOf.get(record.id) ?? record, record));
  return kept.length === before.length && kept.every((record, index) => record === before[index]) ? before : kept;
}
