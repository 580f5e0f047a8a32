import type { Gear, Setup } from '../gears';
import { reserveAfterJ, type Pacing } from './pacing';
import type { ElevationProfile } from './profile';
import { GRAVITY_MS2, airForceN, assistedPowerW, speedForPower, type Resistance } from './road-load';
import { gearChooser, habitWithin, type ShiftHabit } from './shift-rule';
import { kmhOf, msOf } from './speed';
import { firstOf, itemAt } from '../items';

type Developed = Gear & { readonly developmentM: number };

/** The rider of a ride-through, and when the rider shifts. */
export interface RideRules {
  readonly setup: Setup;
  /** Easiest first. */
  readonly gears: readonly Developed[];
  readonly crossedCogs: number;
  readonly powerW: number;
  readonly lowRpm: number;
  readonly highRpm: number;
  readonly preferredRpm: number;
  /** Above it the rider lets it roll. */
  readonly spinOutRpm: number;
  /** Below it in the easiest gear the rider grinds. */
  readonly climbingRpm: number;
  /** Below it in the easiest gear the rider gets off and walks. */
  readonly walkingRpm: number;
  /** When the rider shifts; at the ends of the comfortable cadences where nothing is known of it. */
  readonly habit?: ShiftHabit | undefined;
  /** By which the power follows the way; a steady {@link powerW} without one. */
  readonly pacing?: Pacing | undefined;
}

export const WALKING_RPM = { min: 10, max: 60 } as const;
export const DEFAULT_WALKING_RPM = 35;
/** Pushing a bike uphill, km/h. */
const WALKING_KMH = 3.5;
/** Maximum coasting speed, km/h: above it the rider brakes. */
const BRAKING_KMH = 65;
/** The ride is worked out in steps of this time, s. */
const STEP_S = 0.5;
/** Who has spent the reserve goes above the critical power again when so much of it has come back, as a share. */
const REGAINED_SHARE = 0.1;

/** A point of the ride. */
interface RidePoint {
  readonly distanceM: number;
  readonly timeS: number;
  readonly elevationM: number;
  readonly speedKmh: number;
  /** Place of the gear. */
  readonly gear: number;
  /** 0 where it is let roll, or walked. */
  readonly cadenceRpm: number;
}

/** Where the rider's work went while riding, J; what was walked is left out. */
interface RideEnergy {
  /** From the rider and a motor, at the road. */
  readonly givenJ: number;
  readonly climbedJ: number;
  readonly airJ: number;
  readonly rollingJ: number;
  readonly brakedJ: number;
  /** Of motion, at the end less at the start. */
  readonly kineticJ: number;
}

export interface RideThrough {
  /** One about every step of the profile. */
  readonly points: readonly RidePoint[];
  readonly totalS: number;
  readonly drivingS: number;
  readonly coastingS: number;
  readonly walkingS: number;
  /** Time in each gear, in their order. */
  readonly secondsByGear: Float64Array;
  readonly belowS: number;
  readonly aboveS: number;
  /** Below the lowest that is accepted on a climb, in the easiest gear. */
  readonly grindingS: number;
  readonly crossedS: number;
  readonly rearShifts: number;
  readonly frontShifts: number;
  readonly slowestKmh: number;
  /** The least that was left of the reserve for short efforts, as a share; 1 where the ride is not paced by it. */
  readonly leastReserve: number;
  readonly energy: RideEnergy;
}

/**
 * Rides a profile at a steady power, or paced by what the rider can hold: speed by road load with the rider's momentum (energy over half a
 * second at a time), gears by a rule with hysteresis: a gear is kept while its cadence is in the band;
 * outside it the rider takes the one nearest the preferred cadence, another ring only where that is
 * better by more than a click. The same rider and road for every setup.
 * @param stopAboveS gives up as soon as the time out of the band is more than this, s: what is answered then
 *   goes only so far
 */
export function rideThrough(
  profile: ElevationProfile,
  resistance: Resistance,
  rules: RideRules,
  stopAboveS = Infinity,
): RideThrough {
  const { setup, gears, crossedCogs, powerW, lowRpm, highRpm, preferredRpm } = rules;
  const { spinOutRpm, climbingRpm, walkingRpm, habit, pacing } = rules;
  const { stepM, elevationM } = profile;
  const lengthM = stepM * (elevationM.length - 1);
  const { massKg } = resistance;
  const road = slopesOf(profile, resistance);
  const { choices, isCrossed, isSameRow, nearest, rpmIn } = gearChooser(setup, gears, crossedCogs, preferredRpm);
  const { easierBelowRpm, harderAboveRpm, pauseS } = habit ?? habitWithin(lowRpm, highRpm);
  const wantedW = (place: number) => (pacing ? itemAt(pacing.powerW, place) : powerW);

  // Computed only where a rider struggles.
  const steady = new Map<number, number>();
  const steadyRpm = (place: number) => {
    let rpm = steady.get(place);
    if (rpm === undefined) {
      rpm = rpmIn(firstOf(choices), speedForPower(wantedW(place), itemAt(road.grade, place), resistance));
      steady.set(place, rpm);
    }
    return rpm;
  };

  let speedMs = msOf(12);
  let gear = nearest(speedMs, undefined);
  let distanceM = 0;
  let timeS = 0;
  let shiftedAtS = -Infinity;
  let nextPointM = 0;
  const points: RidePoint[] = [];
  const secondsByGear = new Float64Array(gears.length);
  const sums = {
    drivingS: 0,
    coastingS: 0,
    walkingS: 0,
    belowS: 0,
    aboveS: 0,
    grindingS: 0,
    crossedS: 0,
    rearShifts: 0,
    frontShifts: 0,
  };
  let slowestMs = Infinity;
  const energy = { givenJ: 0, climbedJ: 0, airJ: 0, rollingJ: 0, brakedJ: 0, kineticJ: 0 };
  let walks = false;
  const criticalW = pacing?.criticalW ?? Infinity;
  let reserveJ = pacing?.anaerobicJ ?? 0;
  let leastReserve = 1;
  let spent = false;
  while (distanceM < lengthM && outOfBandS(sums) <= stopAboveS) {
    const place = Math.min(elevationM.length - 2, Math.floor(distanceM / stepM));
    const grade = itemAt(road.grade, place);
    const rpm = rpmIn(gear, speedMs);
    if ((rpm < easierBelowRpm || rpm > harderAboveRpm) && timeS - shiftedAtS >= pauseS) {
      const wanted = nearest(speedMs, gear);
      if (wanted !== gear) {
        if (isSameRow(wanted, gear)) sums.rearShifts += 1;
        else sums.frontShifts += 1;
        gear = wanted;
        shiftedAtS = timeS;
      }
    }
    const cadence = rpmIn(gear, speedMs);
    const easiest = gear === choices[0];
    // Walks until the easiest gear can be turned again, so that the rider does not dismount at each step.
    walks = easiest && grade > 0 && (walks || cadence < walkingRpm) && steadyRpm(place) < walkingRpm;
    const coasts = !walks && (cadence > spinOutRpm || speedMs >= msOf(BRAKING_KMH));
    if (distanceM >= nextPointM) {
      const height =
        itemAt(elevationM, place) +
        ((distanceM - place * stepM) / stepM) * (itemAt(elevationM, place + 1) - itemAt(elevationM, place));
      const turning = walks || coasts ? 0 : cadence;
      points.push({ distanceM, timeS, elevationM: height, speedKmh: kmhOf(speedMs), gear, cadenceRpm: turning });
      nextPointM += stepM;
    }
    if (walks) sums.walkingS += STEP_S;
    else if (coasts) sums.coastingS += STEP_S;
    else {
      sums.drivingS += STEP_S;
      secondsByGear[gear] = itemAt(secondsByGear, gear) + STEP_S;
      if (cadence < lowRpm) sums.belowS += STEP_S;
      if (cadence > highRpm) sums.aboveS += STEP_S;
      if (easiest && cadence < climbingRpm) sums.grindingS += STEP_S;
      if (isCrossed[gear]) sums.crossedS += STEP_S;
    }
    slowestMs = Math.min(slowestMs, speedMs);
    distanceM += speedMs * STEP_S;
    timeS += STEP_S;
    if (walks) speedMs = msOf(WALKING_KMH);
    else {
      // Who has spent the reserve holds the critical power and no more.
      const legsW = coasts ? 0 : spent ? Math.min(wantedW(place), criticalW) : wantedW(place);
      const givenW = coasts ? 0 : assistedPowerW(legsW, speedMs, resistance.assist) * resistance.efficiency;
      const airN = airForceN(speedMs, resistance);
      const next = nextSpeedMs(
        speedMs,
        givenW,
        itemAt(road.climbN, place) + itemAt(road.rollingN, place) + airN,
        massKg,
      );
      spend(energy, speedMs, next, givenW, itemAt(road.climbN, place), itemAt(road.rollingN, place), airN, massKg);
      speedMs = next;
      if (pacing) reserveJ = reserveAfterJ(reserveJ, legsW, STEP_S, pacing);
    }
    if (pacing) {
      spent = reserveJ <= 0 || (spent && reserveJ < REGAINED_SHARE * pacing.anaerobicJ);
      leastReserve = Math.min(leastReserve, reserveJ / pacing.anaerobicJ);
    }
  }
  return { points, totalS: timeS, ...sums, secondsByGear, slowestKmh: kmhOf(slowestMs), energy, leastReserve };
}

/** Time out of the band: pedalled below or above it, or walked for want of an easier gear, s. */
export function outOfBandS({ belowS, aboveS, walkingS }: Pick<RideThrough, 'belowS' | 'aboveS' | 'walkingS'>): number {
  return belowS + aboveS + walkingS;
}

/** Time in one gear of a ride-through, and its share of the time in which the cranks drove. */
interface RiddenGear {
  readonly gear: Gear;
  readonly seconds: number;
  readonly share: number;
}

/** Time in each gear, in the order of the gears. */
export function riddenGears({ secondsByGear, drivingS }: RideThrough, gears: readonly Gear[]): RiddenGear[] {
  return gears.map((gear, i) => {
    const seconds = itemAt(secondsByGear, i);
    return { gear, seconds, share: drivingS > 0 ? seconds / drivingS : 0 };
  });
}

/** The forces of a road against a rider, but for the air's, at each step of its profile. */
function slopesOf({ stepM, elevationM }: ElevationProfile, { massKg, crr }: Resistance) {
  const steps = elevationM.length - 1;
  const slopes = {
    grade: new Float64Array(steps),
    climbN: new Float64Array(steps),
    rollingN: new Float64Array(steps),
  };
  for (let i = 0; i < steps; i += 1) {
    const grade = (itemAt(elevationM, i + 1) - itemAt(elevationM, i)) / stepM;
    const angle = Math.atan(grade);
    slopes.grade[i] = grade;
    slopes.climbN[i] = massKg * GRAVITY_MS2 * Math.sin(angle);
    slopes.rollingN[i] = massKg * GRAVITY_MS2 * crr * Math.cos(angle);
  }
  return slopes;
}

/** Books the work of one step; what is missing in speed was braked away. */
function spend(
  energy: { -readonly [K in keyof RideEnergy]: number },
  speedMs: number,
  next: number,
  givenW: number,
  climbN: number,
  rollingN: number,
  airN: number,
  massKg: number,
): void {
  const way = speedMs * STEP_S;
  const givenJ = givenW * STEP_S;
  const climbedJ = climbN * way;
  const rollingJ = rollingN * way;
  const airJ = airN * way;
  const kineticJ = 0.5 * massKg * (next ** 2 - speedMs ** 2);
  energy.givenJ += givenJ;
  energy.climbedJ += climbedJ;
  energy.rollingJ += rollingJ;
  energy.airJ += airJ;
  energy.kineticJ += kineticJ;
  energy.brakedJ += Math.max(0, givenJ - climbedJ - rollingJ - airJ - kineticJ);
}

/** Energy over one step: half a mass times speed squared grows by what the rider gives and the road takes. */
function nextSpeedMs(speedMs: number, givenW: number, againstN: number, massKg: number): number {
  const squared = speedMs * speedMs + (2 * STEP_S * (givenW - againstN * speedMs)) / massKg;
  const slowest = 0.3;
  return Math.min(msOf(BRAKING_KMH), Math.sqrt(Math.max(slowest * slowest, squared)));
}
