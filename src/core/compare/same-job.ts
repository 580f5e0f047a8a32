import { nearestGear, type GearReport, type SizedGear } from '../gears';

/** A gear in use and the one nearest in size on another setup. */
export interface SameJob {
  readonly gear: SizedGear;
  readonly nearest: SizedGear;
  /** Development of `nearest` over that of `gear`, less 1; above 0 harder. */
  readonly change: number;
}

/** For every gear of a rider's shift path, the gear on the other setup that does the same job. */
export function sameJobs(used: GearReport, other: GearReport): SameJob[] {
  // A rider rides straight gears where one is as near.
  const straight = other.gears.filter(({ crossChained }) => !crossChained);
  return used.pathGears.map((gear) => {
    const nearest = nearestGear(straight, gear.developmentM);
    return { gear, nearest, change: nearest.developmentM / gear.developmentM - 1 };
  });
}
