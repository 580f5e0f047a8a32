import isEqual from 'fast-deep-equal/es6';

/*
 * Structural sharing: the database returns new objects with each query. A record that equals its predecessor keeps the
 * predecessor's identity, so that nothing that depends on it alone is computed or rendered again.
 */

/** Returns `before` if both are deeply equal; else the newer one with each equal part taken from `before` (structural sharing). */
export function replaceEqualDeep<T extends object>(before: T, after: T): T {
  if (isEqual(before, after)) return before;
  const kept = Object.entries(after).map(([field, value]: [string, unknown]) => {
    const former: unknown = before[field as keyof T];
    return [field, isEqual(former, value) ? former : value];
  });
  return Object.fromEntries(kept) as T;
}

/** Returns the newer list with equal records taken from the former one, or the former list if all are equal and in order. */
export function replaceEqualRecords<T extends { readonly id: string }>(
  before: readonly T[],
  after: readonly T[],
): readonly T[] {
  const formerOf = new Map(before.map((record) => [record.id, record]));
  const kept = after.map((record) => replaceEqualDeep(formerOf.get(record.id) ?? record, record));
  return kept.length === before.length && kept.every((record, index) => record === before[index]) ? before : kept;
}
