import { decimalMarkOf, writeDecimalsWith } from '../core/number-text';

/** A worker of a page writes numbers for the one who reads the page. */
export function writeForReader(): void {
  writeDecimalsWith(decimalMarkOf(navigator.language));
}
