import { rideRulesOf, type FilledBrief } from '../needs';
import { developedGears, isCrossChained } from '../gears';
import { replay, type Recording } from '../recording';
import { STANDING_MS, TURNING_RPM, durationsS } from '../recording';
import { DEFAULT_WALKING_RPM, outOfBandS, rideThrough, type ElevationProfile, type Resistance } from '../ride';
import type { FindRiding } from './gearing';
import type { FindRoad } from './search';
import { itemAt } from '../items';

/**
 * The time out of the band on a route: pedalled below or above it, and walked for want of an easier
 * gear. How often a rider coasts is known only from the simulation itself, so the quick bound is 0;
 * but the time only grows, so that a simulation can be stopped early.
 */
export function roadOfRoute(
  profile: ElevationProfile,
  resistance: Resistance,
  brief: FilledBrief,
  { rolloutMm, hubStages, crossedCogs }: FindRiding,
): FindRoad {
  return {
    outOfBandS: (chainrings, cogs, stopAboveS) => {
      const rules = rideRulesOf(brief, { chainrings, cogs, hubStages }, rolloutMm, crossedCogs, DEFAULT_WALKING_RPM);
      return outOfBandS(rideThrough(profile, resistance, rules, stopAboveS));
    },
    outOfBandAtLeastS: () => 0,
  };
}

/**
 * The time out of the band in recordings replayed on another setup. Its quick bound is the time at
 * speeds at which no gear at all keeps the rider in the band, whichever is taken.
 */
export function roadOfRecordings(recordings: readonly Recording[], riding: FindRiding): FindRoad {
  const { rolloutMm, hubStages, crossedCogs, lowRpm, highRpm } = riding;
  const bySpeed = driven(recordings);
  const gearsOf = (chainrings: readonly number[], cogs: readonly number[]) => {
    const setup = { chainrings, cogs, hubStages };
    return { setup, gears: developedGears(setup, rolloutMm) };
  };
  return {
    outOfBandS: (chainrings, cogs) => {
      const rules = { ...gearsOf(chainrings, cogs), crossedCogs, lowRpm, highRpm };
      return recordings.reduce((sum, recording) => {
        const { belowS, aboveS } = replay(recording, rules);
        return sum + belowS + aboveS;
      }, 0);
    },
    outOfBandAtLeastS: (chainrings, cogs) => {
      const { setup, gears } = gearsOf(chainrings, cogs);
      const straight = gears.filter((gear) => !isCrossChained(setup, gear, crossedCogs));
      let outS = 0;
      let coveredToMs = 0;
      for (const { developmentM } of straight.length > 0 ? straight : gears) {
        const fromMs = (developmentM * lowRpm) / 60;
        if (fromMs > coveredToMs) outS += bySpeed.secondsBetween(coveredToMs, fromMs);
        coveredToMs = Math.max(coveredToMs, (developmentM * highRpm) / 60);
      }
      return outS + bySpeed.secondsBetween(coveredToMs, Infinity);
    },
  };
}

/** A bound must stay one through double rounding: speeds as near as this to a gear's band count as in it. */
const MARGIN = 1e-9;

/** Seconds pedalled, by speed. */
function driven(recordings: readonly Recording[]) {
  const samples = recordings.flatMap(({ timeS, speedMs, cadenceRpm }) => {
    const lasts = durationsS(timeS);
    return Array.from(speedMs, (speed, i) => ({ speed, seconds: itemAt(lasts, i), rpm: itemAt(cadenceRpm, i) })).filter(
      ({ speed, rpm }) => speed > STANDING_MS && rpm > TURNING_RPM,
    );
  });
  samples.sort((a, b) => a.speed - b.speed);
  const speeds = Float64Array.from(samples, ({ speed }) => speed);
  const before = new Float64Array(samples.length + 1);
  samples.forEach(({ seconds }, i) => {
    before[i + 1] = itemAt(before, i) + seconds;
  });
  const firstAbove = (speed: number) => {
    let [low, high] = [0, speeds.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (itemAt(speeds, middle) > speed) high = middle;
      else low = middle + 1;
    }
    return low;
  };
  return {
    /** Faster than `fromMs` and slower than `toMs`, by more than rounding. */
    secondsBetween: (fromMs: number, toMs: number) => {
      const [first, end] = [firstAbove(fromMs * (1 + MARGIN)), firstAbove(toMs * (1 - MARGIN))];
      return end > first ? Math.max(0, itemAt(before, end) - itemAt(before, first) - MARGIN) : 0;
    },
  };
}
