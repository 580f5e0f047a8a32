import { bisect } from '../numbers';
import { DRIVE_BOUNDS, tautLengthMm, type DriveGeometry } from './cage';
import { PITCH_MM } from './chain';

/** A cage length need not be known closer than this, mm. */
const TOLERANCE_MM = 0.01;

/**
 * The shortest cage with which a chain hangs taut in every one of some gears, all else the same, mm.
 * Undefined where none in bounds does.
 * @param gears teeth of ring and cog
 */
export function cageForMm(
  gears: readonly (readonly [chainring: number, cog: number])[],
  links: number,
  geometry: DriveGeometry,
): number | undefined {
  const { min, max } = DRIVE_BOUNDS.cageLengthMm;
  // A chain hangs taut where it is no longer than the path at the fold-back limit. Where there is no
  // such path the pulleys would touch: too short a cage.
  const spareMm = (cageLengthMm: number) =>
    Math.min(
      ...gears.map(
        ([chainring, cog]) => (tautLengthMm(chainring, cog, { ...geometry, cageLengthMm }) ?? 0) - links * PITCH_MM,
      ),
    );
  if (spareMm(min) > 0) return min;
  return spareMm(max) > 0 ? bisect(spareMm, min, max, TOLERANCE_MM) : undefined;
}
