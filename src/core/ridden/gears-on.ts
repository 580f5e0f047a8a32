import type { Gear, Setup } from '../gears';
import { gearChooser, habitWithin, type ShiftHabit } from '../ride';
import { STANDING_MS, TURNING_RPM, type Recording } from '../recording';
import { itemAt } from '../items';

/** A setup on which recorded rides are ridden again, and how its rider shifts. */
export interface RiddenOn {
  readonly setup: Setup;
  /** Easiest first. */
  readonly gears: readonly (Gear & { readonly developmentM: number })[];
  readonly crossedCogs: number;
  readonly lowRpm: number;
  readonly highRpm: number;
  readonly preferredRpm: number;
  readonly habit?: ShiftHabit | undefined;
}

/** Not pedalled. */
export const NO_GEAR = -1;

/**
 * The gears that a recording would have been ridden in on a setup at the same speeds: kept while the cadence stays within the
 * rider's habit, else the one nearest the preferred cadence.
 * @returns place of the gear at each sample; {@link NO_GEAR} where the cranks did not turn
 */
export function gearsOn({ timeS, speedMs, cadenceRpm }: Recording, on: RiddenOn): Int16Array {
  const { nearest, rpmIn } = gearChooser(on.setup, on.gears, on.crossedCogs, on.preferredRpm);
  const { easierBelowRpm, harderAboveRpm, pauseS } = on.habit ?? habitWithin(on.lowRpm, on.highRpm);
  let gear: number | undefined;
  let shiftedAtS = -Infinity;
  return Int16Array.from(timeS, (atS, i) => {
    const speed = itemAt(speedMs, i);
    if (!(speed > STANDING_MS && itemAt(cadenceRpm, i) > TURNING_RPM)) return NO_GEAR;
    if (gear === undefined) {
      gear = nearest(speed, undefined);
      return gear;
    }
    const rpm = rpmIn(gear, speed);
    if ((rpm < easierBelowRpm || rpm > harderAboveRpm) && atS - shiftedAtS >= pauseS) {
      const wanted = nearest(speed, gear);
      if (wanted !== gear) {
        gear = wanted;
        shiftedAtS = atS;
      }
    }
    return gear;
  });
}
