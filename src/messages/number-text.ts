import { READER_LANGUAGE } from './reader';

const MINUS = '\u2212';

/** Returns the decimal mark of a language. @param language BCP 47, such as de-DE */
export function decimalMarkOf(language: string): '.' | ',' {
  // Digits are those that fields can read, whatever else a language has.
  const parts = new Intl.NumberFormat(language, { numberingSystem: 'latn' }).formatToParts(1.5);
  return parts.find(({ type }) => type === 'decimal')?.value === ',' ? ',' : '.';
}

/** The reader's; files always have a point. */
const MARK = decimalMarkOf(READER_LANGUAGE);

const written = (text: string) => text.replace('-', MINUS).replace('.', MARK);

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

/** Returns a unit with the space that separates it from its number: " mm"; "%", "T" and "°" have none. */
export function unitAfter(unit: string): string {
  return ['%', 'T', '°', ''].includes(unit) ? unit : ` ${unit}`;
}

/** A number as one types it: with all of its digits and the sign of the keyboard. */
export function asTyped(value: number): string {
  return String(value).replace('.', MARK);
}
