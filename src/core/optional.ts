/** A type whose fields may all be absent or undefined, as records and forms have them. */
export type Optional<T> = { readonly [Key in keyof T]?: T[Key] | undefined };

/** An object type whose fields that may be undefined are absent instead. */
type Defined<T> = { [Key in keyof T as undefined extends T[Key] ? never : Key]: T[Key] } & {
  [Key in keyof T as undefined extends T[Key] ? Key : never]?: Exclude<T[Key], undefined>;
};

/** Returns an object without the fields that are undefined. */
export function defined<const T extends object>(fields: T): Defined<T> {
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as Defined<T>;
}
