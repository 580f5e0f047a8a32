import { usageOf, type UsedGears } from '../needs';
import { nearestGear, type GearReport, type SizedGear } from '../gears';

/** A gear in use and the one nearest in size on another setup. */
export interface SameJob {
  readonly gear: SizedGear;
  readonly nearest: SizedGear;
  /** Development of `nearest` over that of `gear`, less 1; above 0 harder. */
  readonly change: number;
  /** How often the rider uses `gear`. */
  readonly use: ReturnType<typeof usageOf>;
}

/**
 * For every gear that a rider shifts through, and every usual one beside, the gear on the other setup that does the same job.
 * @param used the rider's gear usage on `now`
 */
export function sameJobs(now: GearReport, other: GearReport, used?: UsedGears): SameJob[] {
  // A rider rides straight gears where one is as near.
  const straight = other.gears.filter(({ crossChained }) => !crossChained);
  const shifted = new Set(now.pathGears.map(({ key }) => key));
  const gears = now.gears.filter((gear) => shifted.has(gear.key) || usageOf(used, gear) === 'usual');
  return gears.map((gear) => {
    const nearest = nearestGear(straight, gear.developmentM);
    return { gear, nearest, change: nearest.developmentM / gear.developmentM - 1, use: usageOf(used, gear) };
  });
}
