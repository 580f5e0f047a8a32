import { fixed } from '../messages/number-text';
import { milesPerHour, percent } from '../core/units';
import type { Preferences } from '../records';

export { allDigits, asTyped, fixed, short } from '../messages/number-text';

/** Text with a capital to begin with. */
export function capital(text: string): string {
  return `${text[0]!.toUpperCase()}${text.slice(1)}`;
}

/** A day with its month as a word, so that nobody takes one number for the other: 16 Sep 2026, as this person's system orders them. */
const DAY: Intl.DateTimeFormatOptions = { day: 'numeric', month: 'short', year: 'numeric' };

/** The day of a moment. */
export function dateText(ms: number): string {
  return new Date(ms).toLocaleDateString(undefined, DAY);
}

/** A day that is kept as 2026-09-16. */
export function isoDayText(iso: string): string {
  const [year, month, day] = iso.split('-').map(Number);
  return dateText(new Date(year!, month! - 1, day).getTime());
}

/** From here on seconds say nothing. */
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

/** Hour and minute of a moment, as this person's system writes them. */
export function timeText(ms: number): string {
  return new Date(ms).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
}

/** A share of one as percent with one decimal: 16.7 %. */
export function percentText(fraction: number): string {
  return `${fixed(percent(fraction), 1)} %`;
}

/** Teeth with their sign: −2T, +5T. */
export function signedTeeth(teeth: number): string {
  return `${teeth > 0 ? '+' : ''}${fixed(teeth, 0)}T`;
}

export type SpeedUnit = Preferences['speedUnit'];

export const SPEED_UNIT_TEXT: Readonly<Record<SpeedUnit, string>> = { kmh: 'km/h', mph: 'mph' };

/** A speed in the unit that this person reads. */
export function speedIn(unit: SpeedUnit, speedKmh: number): number {
  return unit === 'mph' ? milesPerHour(speedKmh) : speedKmh;
}

export function speedText(unit: SpeedUnit, speedKmh: number): string {
  return `${fixed(speedIn(unit, speedKmh), 1)} ${SPEED_UNIT_TEXT[unit]}`;
}
