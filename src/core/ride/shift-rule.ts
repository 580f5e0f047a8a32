import { isCrossChained, type Gear, type Setup } from '../gears';
import { firstOf, itemAt } from '../items';

type Developed = Gear & { readonly developmentM: number };

/** A gear on another ring must be better by this, as ln of cadence, to be worth the shift. */
const RING_CHANGE_WORTH = 0.09;
/** After a shift a rider waits so long for the next, s, where nothing is known of theirs. */
const SHIFT_PAUSE_S = 2;

/** When a rider shifts. */
export interface ShiftHabit {
  /** Shifts to an easier gear below this cadence, and to a harder one above that. */
  readonly easierBelowRpm: number;
  readonly harderAboveRpm: number;
  /** Time from one shift to the next at least, s. */
  readonly pauseS: number;
}

/** The habit of a rider of whom none is known: shifts at the ends of the cadence range. */
export const habitWithin = (lowRpm: number, highRpm: number): ShiftHabit => ({
  easierBelowRpm: lowRpm,
  harderAboveRpm: highRpm,
  pauseS: SHIFT_PAUSE_S,
});

/** Which gear a rider takes who shifts. */
interface GearChooser {
  /** Places of the gears that are ridden, easiest first: those that are not cross-chained, or all where all are. */
  readonly choices: readonly number[];
  readonly isCrossed: readonly boolean[];
  readonly rpmIn: (place: number, speedMs: number) => number;
  /** Whether two gears are on the same ring and hub stage. */
  readonly isSameRow: (a: number, b: number) => boolean;
  /** The gear nearest the preferred cadence; one on another ring only where it is better by more than a click. */
  readonly nearest: (speedMs: number, from: number | undefined) => number;
}

/** @param gears easiest first */
export function gearChooser(
  setup: Setup,
  gears: readonly Developed[],
  crossedCogs: number,
  preferredRpm: number,
): GearChooser {
  const isCrossed = gears.map((gear) => isCrossChained(setup, gear, crossedCogs));
  const usable = gears.map((_, place) => place).filter((place) => !isCrossed[place]);
  const choices = usable.length > 0 ? usable : gears.map((_, place) => place);
  const lnDevelopment = gears.map(({ developmentM }) => Math.log(developmentM));
  const lnPreferred = Math.log(preferredRpm);
  const isSameRow = (a: number, b: number) =>
    itemAt(gears, a).chainring === itemAt(gears, b).chainring &&
    itemAt(gears, a).hubStage === itemAt(gears, b).hubStage;
  return {
    choices,
    isCrossed,
    isSameRow,
    rpmIn: (place, speedMs) => (speedMs * 60) / itemAt(gears, place).developmentM,
    nearest: (speedMs, from) => {
      const lnSpeed = Math.log(speedMs * 60);
      let best = firstOf(choices);
      let least = Infinity;
      for (const place of choices) {
        // As ln of cadence; below a turn a minute all are alike.
        const away = Math.abs(Math.max(0, lnSpeed - itemAt(lnDevelopment, place)) - lnPreferred);
        const cost = away + (from === undefined || isSameRow(place, from) ? 0 : RING_CHANGE_WORTH);
        if (cost < least) {
          least = cost;
          best = place;
        }
      }
      return best;
    },
  };
}
