import { within, type Bounds } from '../../core/numbers';
import { unitAfter } from '../../messages/number-text';
import { allDigits } from '../format';
import type { Parsed } from './useDraft';
import { t } from './text';

export interface NumberRule {
  /** The field's name, for the message. */
  readonly term: string;
  readonly bounds: Bounds;
  readonly unit: string;
  readonly whole?: boolean;
  /** Whether an empty field is allowed and means “not known”. */
  readonly optional?: boolean;
}

/** Parses a typed number with a point or a comma. Never rounds or corrects it. */
export function parseNumber(
  text: string,
  { term, bounds, unit, whole, optional }: NumberRule,
): Parsed<number | undefined> {
  const line = text.trim();
  const range = t('parseNumber.minToMaxUnit', {
    min: allDigits(bounds.min),
    max: allDigits(bounds.max),
    unit: unitAfter(unit),
  });
  if (line === '') {
    if (optional) return { ok: true, value: undefined };
    return { ok: false, message: t('parseNumber.termIsEmptyTypeRange', { term, range }), unfinished: true };
  }
  if (!/^[+\-\u2212]?\d*[.,]?\d+$|^[+\-\u2212]?\d+[.,]$/.test(line)) {
    return { ok: false, message: t('parseNumber.termLineIsNoNumber', { term, line: line.slice(0, 20), range }) };
  }
  const value = Number(line.replace(',', '.').replace('\u2212', '-'));
  if (whole && !Number.isInteger(value))
    return { ok: false, message: t('parseNumber.termLineWholeNumbersRange', { term, line, range }) };
  // A number that more digits could bring into bounds is not wrong yet.
  if (!within(value, bounds))
    return {
      ok: false,
      message: t('parseNumber.termLineItRunsFrom', { term, line, range }),
      unfinished: value < bounds.min,
    };
  return { ok: true, value };
}
