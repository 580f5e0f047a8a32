import type { Gear } from '../gears';
import type { ShiftHabit } from '../ride';
import { TURNING_RPM, type Recording } from '../recording';
import { itemAt } from '../items';
import { medianOf } from '../numbers';

/** A shift that a rider made while pedalling. */
interface RiddenShift {
  readonly atS: number;
  /** Cadence just before it, rpm. */
  readonly fromRpm: number;
  readonly isHarder: boolean;
  /** Time since the shift before, s; undefined for the first of a ride. */
  readonly sinceS: number | undefined;
}

/** Samples before a shift of which the middle cadence counts, for the last falls or rises with the shift itself. */
const BEFORE = 3;
/** A gear taken up later than this after the last was left is no shift at that cadence: the rider freewheeled between, s. */
const AT_ONCE_S = 4;

/** The shifts of a recording whose gears are known. @param sequence place of the gear at each sample, below 0 where none drives */
export function shiftsOf(
  { timeS, cadenceRpm }: Recording,
  sequence: ArrayLike<number>,
  gears: readonly Gear[],
): RiddenShift[] {
  const shifts: RiddenShift[] = [];
  let before: number[] = [];
  let last: { readonly gear: number; readonly atS: number } | undefined;
  for (let i = 0; i < timeS.length; i += 1) {
    const [gear, atS, rpm] = [itemAt(sequence, i), itemAt(timeS, i), itemAt(cadenceRpm, i)];
    if (gear < 0) continue;
    if (last && gear !== last.gear) {
      if (atS - last.atS <= AT_ONCE_S && before.length > 0) {
        shifts.push({
          atS,
          fromRpm: medianOf(before),
          isHarder: itemAt(gears, gear).ratio > itemAt(gears, last.gear).ratio,
          sinceS: shifts.length > 0 ? atS - itemAt(shifts, shifts.length - 1).atS : undefined,
        });
      }
      before = [];
    }
    if (rpm > TURNING_RPM) before = [...before.slice(1 - BEFORE), rpm];
    last = { gear, atS };
  }
  return shifts;
}

/** With fewer shifts to either side a habit is chance. */
const SHIFTS_MIN = 12;
/** Shorter pauses between shifts are clicks of one shift, as a share of all. */
const CLICKS_SHARE = 0.2;
const PAUSE_S_MIN = 1;

/** A rider's habit and the shifts that it was taken from. */
export interface HabitFromRides extends ShiftHabit {
  readonly shifts: number;
}

/**
 * The middle cadences at which a rider shifts to easier and to harder gears, and the pause that is kept between shifts.
 * @returns undefined with fewer than {@link SHIFTS_MIN} shifts to either side, or where the two cadences do not leave a range between them
 */
export function habitOf(shifts: readonly RiddenShift[]): HabitFromRides | undefined {
  const rpmOf = (isHarder: boolean) =>
    shifts.filter((shift) => shift.isHarder === isHarder).map(({ fromRpm }) => fromRpm);
  const [easier, harder] = [rpmOf(false), rpmOf(true)];
  if (Math.min(easier.length, harder.length) < SHIFTS_MIN) return undefined;
  const [easierBelowRpm, harderAboveRpm] = [medianOf(easier), medianOf(harder)];
  if (easierBelowRpm >= harderAboveRpm) return undefined;
  const pauses = shifts.flatMap(({ sinceS }) => (sinceS === undefined ? [] : [sinceS])).sort((a, b) => a - b);
  const pauseS = Math.max(PAUSE_S_MIN, pauses[Math.floor(CLICKS_SHARE * pauses.length)] ?? PAUSE_S_MIN);
  return { easierBelowRpm, harderAboveRpm, pauseS, shifts: shifts.length };
}
