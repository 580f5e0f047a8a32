import { climbsOf, type ElevationProfile } from './profile';
import type { Resistance } from './road-load';
import { climbEffort, criticalPowerW, type Stamina } from './sustained';

/** Off the climbs a rider keeps to this share of the critical power, an assumption: it leaves room to recover. */
export const OFF_CLIMBS_SHARE = 0.85;

/** The power at which a way is ridden, and what there is to spend above the critical power. */
export interface Pacing {
  /** At each step of the profile, W. */
  readonly powerW: Float64Array;
  readonly criticalW: number;
  readonly anaerobicJ: number;
}

/**
 * Paces a rider by the power that can be held for as long as each climb takes (critical power), and below the critical power
 * between them.
 */
export function pacingOf(profile: ElevationProfile, stamina: Stamina, resistance: Resistance): Pacing {
  const criticalW = criticalPowerW(stamina);
  const powerW = new Float64Array(profile.elevationM.length).fill(OFF_CLIMBS_SHARE * criticalW);
  for (const { fromM, toM, gradeFraction } of climbsOf(profile)) {
    const effort = climbEffort(toM - fromM, gradeFraction, stamina, resistance);
    powerW.fill(effort.powerW, Math.round(fromM / profile.stepM), Math.round(toM / profile.stepM));
  }
  return { powerW, criticalW, anaerobicJ: stamina.anaerobicJ };
}

/**
 * What is left of the work above the critical power after a time at a power, J: spent above it, and come back below it the
 * faster the more is missing (Skiba et al., Med. Sci. Sports Exerc. 2012, in its differential form).
 */
export function reserveAfterJ(
  reserveJ: number,
  powerW: number,
  seconds: number,
  { criticalW, anaerobicJ }: Pacing,
): number {
  const above = powerW - criticalW;
  if (above >= 0) return Math.max(0, reserveJ - above * seconds);
  return Math.min(anaerobicJ, reserveJ - above * (1 - reserveJ / anaerobicJ) * seconds);
}
