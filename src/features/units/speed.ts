import { milesPerHour } from '../../core/units';
import { fixed } from '../../messages/number-text';
import type { Preferences } from '../../records';

export type SpeedUnit = Preferences['speedUnit'];

export const SPEED_UNIT_TEXT: Readonly<Record<SpeedUnit, string>> = { kmh: 'km/h', mph: 'mph' };

/** Converts a speed to the user's unit. */
export function speedIn(unit: SpeedUnit, speedKmh: number): number {
  return unit === 'mph' ? milesPerHour(speedKmh) : speedKmh;
}

export function speedText(unit: SpeedUnit, speedKmh: number): string {
  return `${fixed(speedIn(unit, speedKmh), 1)} ${SPEED_UNIT_TEXT[unit]}`;
}
