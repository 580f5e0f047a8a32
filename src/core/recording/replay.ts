import { isCrossChained, type Gear, type Setup } from '../gears';
import { TURNING_RPM } from './readings';
import { STANDING_MS, durationsS, type Recording } from './recording';
import { entryOf, itemAt } from '../items';

type Developed = Gear & { readonly developmentM: number };

export interface ReplayRules {
  readonly setup: Setup;
  /** Easiest first. */
  readonly gears: readonly Developed[];
  readonly crossedCogs: number;
  readonly lowRpm: number;
  readonly highRpm: number;
}

/** A recording as it would have been on another setup, at the same speeds. */
export interface Replay {
  readonly drivingS: number;
  /** Time in each gear, in their order. */
  readonly secondsByGear: Float64Array;
  readonly belowS: number;
  readonly aboveS: number;
  /** Where the cadence had been in the band, and there would have been out of it. */
  readonly lostS: number;
  /** Where it had been out of the band, and would have been in it. */
  readonly wonS: number;
  readonly crossedS: number;
  /** Mean of how far the cadence would have been from what it was, as a share. */
  readonly meanChange: number;
}

/** For each moment the gear there that is nearest to what was ridden, and the cadence that it would have meant. */
export function replay(recording: Recording, { setup, gears, crossedCogs, lowRpm, highRpm }: ReplayRules): Replay {
  const lasts = durationsS(recording.timeS);
  const places = new Map(gears.map((gear, place) => [gear, place]));
  const crossed = gears.map((gear) => isCrossChained(setup, gear, crossedCogs));
  // Cross-chained gears last, because riders avoid them.
  const straight = gears.filter((_, place) => !crossed[place]);
  const nearest = nearestOf(straight.length > 0 ? straight : gears);
  const secondsByGear = new Float64Array(gears.length);
  const totals = { drivingS: 0, belowS: 0, aboveS: 0, lostS: 0, wonS: 0, crossedS: 0 };
  let change = 0;
  recording.speedMs.forEach((speed, i) => {
    const cadence = itemAt(recording.cadenceRpm, i);
    if (!(speed > STANDING_MS && cadence > TURNING_RPM)) return;
    const seconds = itemAt(lasts, i);
    const ridden = (speed * 60) / cadence;
    const gear = nearest(ridden);
    const there = (speed * 60) / gear.developmentM;
    const wasIn = cadence >= lowRpm && cadence <= highRpm;
    const isIn = there >= lowRpm && there <= highRpm;
    totals.drivingS += seconds;
    secondsByGear[entryOf(places, gear)] = itemAt(secondsByGear, entryOf(places, gear)) + seconds;
    if (there < lowRpm) totals.belowS += seconds;
    if (there > highRpm) totals.aboveS += seconds;
    if (wasIn && !isIn) totals.lostS += seconds;
    if (!wasIn && isIn) totals.wonS += seconds;
    if (crossed[entryOf(places, gear)]) totals.crossedS += seconds;
    change += (seconds * Math.abs(there - cadence)) / cadence;
  });
  return { ...totals, secondsByGear, meanChange: totals.drivingS > 0 ? change / totals.drivingS : 0 };
}

/**
 * Finds the nearest gear for each of many developments: the boundary between two gears is the
 * geometric mean. Of duplicate gears the first is taken.
 */
function nearestOf(usable: readonly Developed[]): (developmentM: number) => Developed {
  const gears = usable.filter(({ developmentM }, i) => developmentM !== usable[i - 1]?.developmentM);
  const changesM = gears.slice(1).map(({ developmentM }, i) => Math.sqrt(developmentM * itemAt(gears, i).developmentM));
  return (developmentM) => {
    let low = 0;
    let high = changesM.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (developmentM > itemAt(changesM, middle)) low = middle + 1;
      else high = middle;
    }
    return itemAt(gears, low);
  };
}
