import type { GearUse } from '../recording';

/** How a bike was ridden, in figures that can be set against other rides: shares of the time in which the cranks drove. */
export interface UseFigures {
  readonly outOfBand: number;
  readonly below: number;
  readonly above: number;
  readonly crossed: number;
  readonly rearShiftsPerHour: number;
  readonly frontShiftsPerHour: number;
}

const S_PER_HOUR = 3600;

/** All 0 where the cranks never drove. */
export function usageFigures({ drivingS, belowS, aboveS, crossedS, rearShifts, frontShifts }: GearUse): UseFigures {
  const ofDriving = (amount: number) => (drivingS > 0 ? amount / drivingS : 0);
  return {
    outOfBand: ofDriving(belowS + aboveS),
    below: ofDriving(belowS),
    above: ofDriving(aboveS),
    crossed: ofDriving(crossedS),
    rearShiftsPerHour: ofDriving(rearShifts) * S_PER_HOUR,
    frontShiftsPerHour: ofDriving(frontShifts) * S_PER_HOUR,
  };
}
