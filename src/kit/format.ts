import { fixed } from '../core/number-text';
import { KM_PER_MILE, milesPerHour, percent } from '../core/units';
import { writeForReader } from '../formats/reader';
import type { Preferences } from '../records';

// Here, for whatever writes a number has this first; a server has no reader.
if (typeof window !== 'undefined') writeForReader();

export { allDigits, asTyped, fixed, forFile, short } from '../core/number-text';

/** Text with a capital to begin with. */
export function capital(text: string): string {
  return `${text[0]!.toUpperCase()}${text.slice(1)}`;
}

/** A day as its reader writes it. */
export function dateText(ms: number): string {
  return new Date(ms).toLocaleDateString();
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

/** The inverse of {@link speedIn}. */
export function kmhFrom(unit: SpeedUnit, speed: number): number {
  return unit === 'mph' ? speed * KM_PER_MILE : speed;
}

export function speedText(unit: SpeedUnit, speedKmh: number): string {
  return `${fixed(speedIn(unit, speedKmh), 1)} ${SPEED_UNIT_TEXT[unit]}`;
}
