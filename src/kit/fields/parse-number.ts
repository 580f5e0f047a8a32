import { within, type Bounds } from '../../core/gears';
import { allDigits } from '../format';
import type { Parsed } from './useDraft';
import { WORDS } from './text';

export interface NumberRule {
  /** The field's name, for the message. */
  readonly term: string;
  readonly bounds: Bounds;
  readonly unit: string;
  readonly whole?: boolean;
  /** Whether nothing at all is a value: not known. */
  readonly optional?: boolean;
}

/** Reads a typed number, with a point or a comma. Never rounds or mends it. */
export function parseNumber(
  text: string,
  { term, bounds, unit, whole, optional }: NumberRule,
): Parsed<number | undefined> {
  const line = text.trim();
  const range = WORDS.parseNumber.minToMaxUnit(allDigits(bounds.min), allDigits(bounds.max), unit);
  if (line === '') {
    if (optional) return { ok: true, value: undefined };
    return { ok: false, message: WORDS.parseNumber.termIsEmptyTypeRange(term, range), unfinished: true };
  }
  if (!/^[+\-\u2212]?\d*[.,]?\d+$|^[+\-\u2212]?\d+[.,]$/.test(line)) {
    return { ok: false, message: WORDS.parseNumber.termLineIsNoNumber(term, line.slice(0, 20), range) };
  }
  const value = Number(line.replace(',', '.').replace('\u2212', '-'));
  if (whole && !Number.isInteger(value))
    return { ok: false, message: WORDS.parseNumber.termLineWholeNumbersRange(term, line, range) };
  // A number that more digits could bring into bounds is not wrong yet.
  if (!within(value, bounds))
    return {
      ok: false,
      message: WORDS.parseNumber.termLineItRunsFrom(term, line, range),
      unfinished: value < bounds.min,
    };
  return { ok: true, value };
}
