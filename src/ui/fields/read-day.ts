import dayjs from 'dayjs';
import customParseFormat from 'dayjs/plugin/customParseFormat';
import { TIME_MS } from '../../core/world';
import type { Parsed } from './useDraft';
import { t } from './text';
import { firstOf } from '../../core/items';

dayjs.extend(customParseFormat);

/** Accepted formats of a day. None can confuse day and month; slashes are left out because their order differs by country. */
export const DAY_FORMATS = ['YYYY-MM-DD', 'D MMM YYYY', 'MMM D, YYYY', 'D.M.YYYY'];

/**
 * Returns the form in which a field shows a day: as the rest of the page writes it, where it can be typed so.
 * @param written how the page writes a day that is kept as 2026-12-03
 */
export function dayFormatShown(written: (iso: string) => string): string {
  const sample = '2026-09-16';
  return DAY_FORMATS.find((format) => dayjs(sample).format(format) === written(sample)) ?? firstOf(DAY_FORMATS);
}

/** The first and the last day that a record keeps. */
export const [FIRST_DAY, LAST_DAY] = [dayOf(TIME_MS.min), dayOf(TIME_MS.max)];

function dayOf(ms: number): string {
  return new Date(ms).toISOString().slice(0, 10);
}

/**
 * Reads a day that was typed.
 * @returns the day as 2026-12-03, or empty where nothing was typed; a message where it is no day that can be kept
 */
export function readDay(text: string): Parsed<string> {
  const typed = text.trim();
  if (typed === '') return { ok: true, value: '' };
  const format = DAY_FORMATS.find((one) => dayjs(typed, one, true).isValid());
  if (format === undefined) return { ok: false, message: t('dateField.noDay', { text: typed }) };
  const value = dayjs(typed, format, true).format('YYYY-MM-DD');
  return value < FIRST_DAY || value > LAST_DAY
    ? { ok: false, message: t('dateField.outside', { text: typed, first: FIRST_DAY, last: LAST_DAY }) }
    : { ok: true, value };
}
