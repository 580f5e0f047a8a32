/** What stands between whole and fraction, as the reader writes it. */
export type DecimalMark = '.' | ',';

const MINUS = '\u2212';
let mark: DecimalMark = '.';

/**
 * From here on every number in a sentence is written so. The one thing that core keeps: a page, a worker or a
 * server has one reader, and sentences are made deep inside.
 */
export function writeDecimalsWith(next: DecimalMark): void {
  mark = next;
}

/** Makes what goes into a file, where every program means a point. */
export function forFile<T>(make: () => T): T {
  const readers = mark;
  mark = '.';
  try {
    return make();
  } finally {
    mark = readers;
  }
}

/** How a language parts whole and fraction. @param language by BCP 47, such as de-DE */
export function decimalMarkOf(language: string): DecimalMark {
  // Digits are those that fields can read, whatever else a language has.
  const parts = new Intl.NumberFormat(language, { numberingSystem: 'latn' }).formatToParts(1.5);
  return parts.find(({ type }) => type === 'decimal')?.value === ',' ? ',' : '.';
}

const written = (text: string) => text.replace('-', MINUS).replace('.', mark);

/** A number with a fixed count of decimals and a true minus sign. */
export function fixed(value: number, decimals: number): string {
  return written(value.toFixed(decimals));
}

/** A number as short as it can be within `decimals`: 172.5, 170. */
export function short(value: number, decimals: number): string {
  return written(String(Number(value.toFixed(decimals))));
}

/** A number with all of its digits. */
export function allDigits(value: number): string {
  return written(String(value));
}

/** A number as one types it: with all of its digits and the sign of the keyboard. */
export function asTyped(value: number): string {
  return String(value).replace('.', mark);
}
