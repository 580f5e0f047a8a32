import { decimalMarkOf, writeDecimalsWith } from '../core/number-text';

/** From here on numbers are written for the one at this browser: a page says so for itself, and each of its workers. */
export function writeForReader(): void {
  writeDecimalsWith(decimalMarkOf(navigator.language));
}
