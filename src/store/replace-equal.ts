import isEqual from 'fast-deep-equal';

/*
 * The database answers with new objects each time. What equals its former self stays that object: what hangs on nothing
 * else need not be worked out and drawn anew.
 */

/** The former of two that are equal; else the newer, with those of its fields from the former that are equal. */
export function replaceEqualDeep<T extends object>(before: T, after: T): T {
  if (isEqual(before, after)) return before;
  const kept = Object.entries(after).map(([field, value]: [string, unknown]) => {
    const former: unknown = before[field as keyof T];
    return [field, isEqual(former, value) ? former : value];
  });
  return Object.fromEntries(kept) as T;
}

/** The newer list, made of the former's records as far as they are equal; the former where all are, in its order. */
export function replaceEqualRecords<T extends { readonly id: string }>(
  before: readonly T[],
  after: readonly T[],
): readonly T[] {
  const formerOf = new Map(before.map((record) => [record.id, record]));
  const kept = after.map((record) => replaceEqualDeep(formerOf.get(record.id) ?? record, record));
  return kept.length === before.length && kept.every((record, index) => record === before[index]) ? before : kept;
}
