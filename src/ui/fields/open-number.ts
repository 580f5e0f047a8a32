/** The numbers of a record that may be left open. */
export type OpenNumber<T> = {
  [K in keyof T]-?: T[K] extends number | undefined ? (undefined extends T[K] ? K : never) : never;
}[keyof T];
