/** A record with one optional field set, or left out where the value is not known. */
export function withOptional<T extends object, K extends keyof T>(record: T, key: K, value: T[K] | undefined): T {
  const { [key]: before, ...rest } = record;
  return (value === undefined ? rest : { ...rest, [key]: value }) as T;
}
