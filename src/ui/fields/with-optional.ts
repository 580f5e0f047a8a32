/** Returns a copy of a record with an optional field set, or removed if the value is undefined. */
export function withOptional<T extends object, K extends keyof T>(record: T, key: K, value: T[K] | undefined): T {
  const { [key]: before, ...rest } = record;
  return (value === undefined ? rest : { ...rest, [key]: value }) as T;
}
