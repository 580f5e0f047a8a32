import { gearChooser } from '../ride';
import { STANDING_MS, TURNING_RPM, durationsS, type Recording } from '../recording';
import { itemAt } from '../items';
import { NO_GEAR, gearsOn, type RiddenOn } from './gears-on';
import { roadOf } from './road';

/** What it costs a rider on a setup that no gear fits, over recorded rides. */
export interface HuntingCost {
  readonly drivingS: number;
  /** Time more than {@link AWAY_SHARE} from the preferred cadence even in the nearest gear. */
  readonly awayS: number;
  /** Speed lost if the rider kept to the cadence range, as a share of the way pedalled. */
  readonly lostShare: number;
  /** Changes of grade, and front and double shifts within {@link AFTER_S} of one. */
  readonly gradeChanges: number;
  readonly frontShifts: number;
  readonly doubleShifts: number;
}

/** Farther from the preferred cadence a rider feels it, as a share. */
export const AWAY_SHARE = 0.05;
/** A grade that changes by this much, as a share of the way, asks for another gear. */
export const GRADE_CHANGE = 0.03;
/** Time in which it has changed, and within which a shift answers it, s. */
const WITHIN_S = 10;
export const AFTER_S = 10;

/** Weighs one recording on one setup. */
export function huntingCost(recording: Recording, on: RiddenOn): HuntingCost {
  const { timeS, speedMs, cadenceRpm } = recording;
  const { gears, lowRpm, highRpm, preferredRpm } = on;
  const { choices, nearest, rpmIn } = gearChooser(on.setup, gears, on.crossedCogs, preferredRpm);
  const lasts = durationsS(timeS);
  const developmentsM = choices.map((place) => itemAt(gears, place).developmentM);
  const totals = { drivingS: 0, awayS: 0, riddenM: 0, lostM: 0 };
  speedMs.forEach((speed, i) => {
    if (!(speed > STANDING_MS && itemAt(cadenceRpm, i) > TURNING_RPM)) return;
    const seconds = itemAt(lasts, i);
    totals.drivingS += seconds;
    totals.riddenM += seconds * speed;
    const rpm = rpmIn(nearest(speed, undefined), speed);
    if (Math.abs(rpm / preferredRpm - 1) > AWAY_SHARE) totals.awayS += seconds;
    totals.lostM += seconds * (speed - heldSpeedMs(speed, developmentsM, lowRpm, highRpm));
  });
  return {
    drivingS: totals.drivingS,
    awayS: totals.awayS,
    lostShare: totals.riddenM > 0 ? totals.lostM / totals.riddenM : 0,
    ...shiftsAtGrades(recording, on),
  };
}

/** The fastest speed up to a given one at which some gear keeps the cadence in its range; the given one where all are faster. */
function heldSpeedMs(speedMs: number, developmentsM: readonly number[], lowRpm: number, highRpm: number): number {
  let held = 0;
  for (const developmentM of developmentsM) {
    const [low, high] = [(developmentM * lowRpm) / 60, (developmentM * highRpm) / 60];
    if (speedMs >= low) held = Math.max(held, Math.min(speedMs, high));
  }
  return held === 0 ? speedMs : held;
}

/** Counts changes of grade, and the front and double shifts that follow them. */
function shiftsAtGrades(recording: Recording, on: RiddenOn) {
  const counts = { gradeChanges: 0, frontShifts: 0, doubleShifts: 0 };
  const road = roadOf(recording);
  if (!road) return counts;
  const { timeS } = recording;
  const sequence = gearsOn(recording, on);
  let changedAtS = -Infinity;
  let behind = 0;
  let last = NO_GEAR;
  for (let i = 0; i < timeS.length; i += 1) {
    const atS = itemAt(timeS, i);
    while (atS - itemAt(timeS, behind) > WITHIN_S) behind += 1;
    const change = Math.abs(itemAt(road.grade, i) - itemAt(road.grade, behind));
    if (change >= GRADE_CHANGE && atS - changedAtS > AFTER_S) {
      changedAtS = atS;
      counts.gradeChanges += 1;
    }
    const gear = itemAt(sequence, i);
    if (gear === NO_GEAR) continue;
    if (last !== NO_GEAR && gear !== last && atS - changedAtS <= AFTER_S) {
      const [from, to] = [itemAt(on.gears, last), itemAt(on.gears, gear)];
      const isFront = from.chainring !== to.chainring || from.hubStage !== to.hubStage;
      if (isFront) counts.frontShifts += 1;
      if (isFront && from.cog !== to.cog) counts.doubleShifts += 1;
    }
    last = gear;
  }
  return counts;
}

/** Adds up what several rides cost on one setup. */
export function sumHunting(costs: readonly HuntingCost[]): HuntingCost {
  const sum = (of: (cost: HuntingCost) => number) => costs.reduce((total, cost) => total + of(cost), 0);
  const drivingS = sum((cost) => cost.drivingS);
  return {
    drivingS,
    awayS: sum((cost) => cost.awayS),
    lostShare: drivingS > 0 ? sum((cost) => cost.lostShare * cost.drivingS) / drivingS : 0,
    gradeChanges: sum((cost) => cost.gradeChanges),
    frontShifts: sum((cost) => cost.frontShifts),
    doubleShifts: sum((cost) => cost.doubleShifts),
  };
}
