import { bisect } from '../numbers';
import { DRIVE_BOUNDS, tautLengthMm, type DriveGeometry } from './cage';
import { PITCH_MM } from './chain';

/** A cage length need not be known closer than this, mm. */
const TOLERANCE_MM = 0.01;

/**
 * Returns the shortest cage with which a chain stays taut in all given gears, all else equal, mm.
 * Undefined where none in bounds does.
 * @param gears teeth of ring and cog
 */
export function cageForMm(
  gears: readonly (readonly [chainring: number, cog: number])[],
  links: number,
  geometry: DriveGeometry,
): number | undefined {
  const { min, max } = DRIVE_BOUNDS.cageLengthMm;
  // A chain is taut if it is no longer than the path at the fold-back limit. Where there is no
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
