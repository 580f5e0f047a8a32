import { fixed } from '../messages/number-text';
import { percent } from '../core/units';
import { definite } from '../core/items';

export { allDigits, asTyped, fixed, short } from '../messages/number-text';

/** Text with a capital to begin with. */
export function capital(text: string): string {
  return `${definite(text[0]).toUpperCase()}${text.slice(1)}`;
}

/** A day with its month as a word, so that day and month cannot be confused: 16 Sep 2026, in the order of the user's locale. */
const DAY: Intl.DateTimeFormatOptions = { day: 'numeric', month: 'short', year: 'numeric' };

/** The day of a moment. */
export function dateText(ms: number): string {
  return new Date(ms).toLocaleDateString(undefined, DAY);
}

/** A day that is kept as 2026-09-16. */
export function isoDayText(iso: string): string {
  const [year, month, day] = iso.split('-').map(Number);
  return dateText(new Date(definite(year), definite(month) - 1, day).getTime());
}

/** A month that is kept as 2026-09. */
export function monthText(iso: string): string {
  const [year, month] = iso.split('-').map(Number);
  return new Date(definite(year), definite(month) - 1, 1).toLocaleDateString(undefined, {
    year: 'numeric',
    month: 'short',
  });
}

/** Above this, seconds are left out. */
const WITHOUT_SECONDS_MIN = 10;

/** How long something takes: 1 h 05 min, 42 min, 4 min 30 s, 45 s. */
export function durationText(seconds: number): string {
  const whole = Math.round(seconds);
  const two = (value: number) => String(value).padStart(2, '0');
  const minutes = Math.floor(whole / 60);
  if (whole < 60) return `${whole} s`;
  if (minutes < WITHOUT_SECONDS_MIN) return whole % 60 === 0 ? `${minutes} min` : `${minutes} min ${two(whole % 60)} s`;
  const rounded = Math.round(whole / 60);
  if (rounded < 60) return `${rounded} min`;
  return rounded % 60 === 0 ? `${rounded / 60} h` : `${Math.floor(rounded / 60)} h ${two(rounded % 60)} min`;
}

/** Hour and minute of a moment, in the user's locale. */
export function timeText(ms: number): string {
  return new Date(ms).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
}

/** A share of one as percent with one decimal: 16.7%. */
export function percentText(fraction: number): string {
  return `${fixed(percent(fraction), 1)}%`;
}
