import type { Recording } from '../recording';
import { itemAt } from '../items';
import { message, type Message } from '../message';
import { energyOf, type RiddenEnergy, type RiddenMass } from './energy';
import {
  fitResistance,
  resistanceBefore,
  stretchesOf,
  type Estimate,
  type ResistanceFit,
  type Stretch,
} from './resistance-fit';
import { levelRoad, roadOf } from './road';

/** Rider and bike of the rides as they are known before. */
export interface RiderBefore extends RiddenMass {
  readonly riderMassKg: number;
  readonly crr: number;
  readonly cdaM2: number;
  /** Whether a motor helps: then speed says nothing of the rider's own power. */
  readonly hasMotor: boolean;
}

/** Durations of which a rider's power is told, minutes. */
const EFFORT_MINUTES = [5, 20, 60] as const;

/** The hardest that was ridden for a time: the rider can hold at least that. */
interface Effort {
  readonly minutes: number;
  readonly powerW: number;
  /** One standard deviation to each side, of what rolling and air take; 0 where a power meter measured it. */
  readonly spreadW: number;
  readonly wattsPerKg: number;
}

/** What rides tell of their rider. */
export interface RiderFromRides {
  readonly crr: Estimate;
  readonly cdaM2: Estimate;
  readonly stretches: number;
  /** Where a ride is long enough, shortest first. */
  readonly efforts: readonly Effort[];
  readonly isPowerMeasured: boolean;
}

export type RiderResult =
  { readonly ok: true; readonly rider: RiderFromRides } | { readonly ok: false; readonly why: Message };

/** Works out what a rider can hold, and what rolling and air take, from the rides of one bike. */
export function riderFromRides(recordings: readonly Recording[], before: RiderBefore): RiderResult {
  const measured = recordings.some(({ powerW }) => powerW !== undefined);
  if (before.hasMotor && !measured) return { ok: false, why: message('ridden.motor') };
  const weighed = recordings.flatMap((recording) => {
    const known = roadOf(recording);
    const road = known ?? (recording.powerW && levelRoad(recording));
    return road ? [{ recording, energy: energyOf(recording, road, before), hasHeights: known !== undefined }] : [];
  });
  if (weighed.length === 0) return { ok: false, why: message('ridden.noHeights') };
  const stretches: Stretch[] = [];
  for (const { recording, energy, hasHeights } of weighed) {
    const next = (stretches.at(-1)?.block ?? -1) + 1;
    // With a motor the power meter does not know what else drove the bike.
    if (hasHeights && !before.hasMotor) stretches.push(...stretchesOf(recording, energy, next));
  }
  const fit = fitResistance(stretches, before) ?? resistanceBefore(before, stretches.length);
  const own = weighed.filter(({ recording }) => (recording.powerW !== undefined) === measured);
  const efforts = EFFORT_MINUTES.flatMap((minutes): Effort[] => {
    const best = own
      .map(({ recording, energy }) => hardest(recording, energy, minutes, fit, before))
      .filter((one) => one !== undefined)
      .sort((a, b) => b.powerW - a.powerW)[0];
    return best ? [best] : [];
  });
  const { crr, cdaM2 } = fit;
  return { ok: true, rider: { crr, cdaM2, stretches: stretches.length, efforts, isPowerMeasured: measured } };
}

/** The hardest mean power over a time of one ride, pauses and freewheeling counted as rest; undefined where it is shorter. */
function hardest(
  { timeS }: Recording,
  energy: RiddenEnergy,
  minutes: number,
  { crr, cdaM2, covariance }: ResistanceFit,
  { efficiency, riderMassKg }: RiderBefore,
): Effort | undefined {
  const work = drivenWork(energy);
  const lengthS = minutes * 60;
  let best: { readonly from: number; readonly to: number; readonly powerW: number } | undefined;
  const ofRoad = (from: number, to: number, column: Float64Array) => itemAt(column, to) - itemAt(column, from);
  let from = 0;
  for (let to = 0; to < timeS.length; to += 1) {
    while (itemAt(timeS, to) - itemAt(timeS, from + 1 > to ? to : from + 1) >= lengthS) from += 1;
    const seconds = itemAt(timeS, to) - itemAt(timeS, from);
    if (seconds < lengthS) continue;
    const joules = work.isMeasured
      ? ofRoad(from, to, work.fixedJ)
      : ofRoad(from, to, work.fixedJ) +
        crr.value * ofRoad(from, to, work.rollingJ) +
        cdaM2.value * ofRoad(from, to, work.airJ);
    const powerW = joules / efficiency / seconds;
    if (!best || powerW > best.powerW) best = { from, to, powerW };
  }
  if (!best || best.powerW <= 0) return undefined;
  const { from: start, to: end, powerW } = best;
  const perS = 1 / efficiency / (itemAt(timeS, end) - itemAt(timeS, start));
  const [rolling, air] = work.isMeasured
    ? [0, 0]
    : [ofRoad(start, end, work.rollingJ) * perS, ofRoad(start, end, work.airJ) * perS];
  const variance = rolling ** 2 * covariance.crr + 2 * rolling * air * covariance.both + air ** 2 * covariance.cda;
  return { minutes, powerW, spreadW: Math.sqrt(Math.max(0, variance)), wattsPerKg: powerW / riderMassKg };
}

/** Work at the road while the cranks drive, from the start to each sample, in its parts. */
function drivenWork({ gainedJ, rollingJ, airJ, givenJ, drives }: RiddenEnergy) {
  const whileDriven = (column: Float64Array) => {
    const sums = new Float64Array(column.length);
    for (let i = 1; i < column.length; i += 1) {
      const change = itemAt(drives, i - 1) === 1 ? itemAt(column, i) - itemAt(column, i - 1) : 0;
      sums[i] = itemAt(sums, i - 1) + change;
    }
    return sums;
  };
  if (givenJ) return { isMeasured: true as const, fixedJ: givenJ };
  return {
    isMeasured: false as const,
    fixedJ: whileDriven(gainedJ),
    rollingJ: whileDriven(rollingJ),
    airJ: whileDriven(airJ),
  };
}

/** Power at the cranks at each sample, W: measured, or what the road took between samples while the cranks drove. */
export function crankPowerW(
  recording: Recording,
  before: RiddenMass & Pick<RiderBefore, 'crr' | 'cdaM2'>,
): Float64Array | undefined {
  if (recording.powerW) return Float64Array.from(recording.powerW, (watts) => (Number.isNaN(watts) ? 0 : watts));
  const road = roadOf(recording);
  if (!road) return undefined;
  const { gainedJ, rollingJ, airJ, drives } = energyOf(recording, road, before);
  const { timeS } = recording;
  // Over a few samples to each side, for the change of speed from one to the next is mostly its rounding.
  return timeS.map((_, i) => {
    if (itemAt(drives, i) === 0) return 0;
    let [from, to] = [i, i + 1];
    while (from > 0 && i - from < REACH && itemAt(drives, from - 1) === 1) from -= 1;
    while (to < timeS.length - 1 && to - i < REACH && itemAt(drives, to) === 1) to += 1;
    const change = (column: Float64Array) => itemAt(column, to) - itemAt(column, from);
    const joules = change(gainedJ) + before.crr * change(rollingJ) + before.cdaM2 * change(airJ);
    return Math.max(0, joules / before.efficiency / (itemAt(timeS, to) - itemAt(timeS, from)));
  });
}

/** Samples to each side over which a power is taken. */
const REACH = 4;
