import { within } from '../numbers';
import { ELEVATION_M } from '../world';
import { message, type Message } from '../message';
import { firstOf, itemAt, lastOf, definite } from '../items';

/** Elevation along a route at equal steps, smoothed. */
export interface ElevationProfile {
  readonly stepM: number;
  /** At 0, 1, 2 … steps. */
  readonly elevationM: Float64Array;
}

/** A point of a route from a file; the elevation may be missing. */
interface WayPoint {
  /** From the start, not falling. */
  readonly distanceM: number;
  readonly elevationM: number | undefined;
}

export interface ProfileNotes {
  readonly points: number;
  /** Maximum distance between two points with an elevation, m. */
  readonly longestGapM: number;
  /** Points without an elevation. */
  readonly missing: number;
  /** Points with a height that no road has, such as the value of a device for "no data": they count as missing. */
  readonly absurd: number;
}

export type ProfileFailure = {
  readonly kind: 'tooShort' | 'noElevation' | 'tooLong' | 'gap';
  readonly message: Message;
};

type ProfileResult =
  | { readonly ok: true; readonly profile: ElevationProfile; readonly notes: ProfileNotes }
  | { readonly ok: false; readonly failure: ProfileFailure };

/** Steps of a profile: finer than any grade that a rider feels, m. */
const PROFILE_STEP_M = 20;
/** The smoothing reaches so far to both sides, m: longer than the noise of a barometer, shorter than a steep pitch. */
export const SMOOTHING_M = 60;
const LENGTH_MIN_M = 200;
const LENGTH_MAX_M = 1_000_000;
/** A longer distance without elevation is not interpolated. */
const GAP_MAX_M = 2_000;

const refuse = (kind: ProfileFailure['kind'], text: Message): ProfileResult => ({
  ok: false,
  failure: { kind, message: text },
});

/**
 * Resampled by straight lines at {@link PROFILE_STEP_M}, then smoothed by a triangular window of ±{@link SMOOTHING_M}
 * (its weights fall evenly to 0), which keeps straight slopes as they are.
 */
export function elevationProfile(points: readonly WayPoint[]): ProfileResult {
  const withElevation = points.filter(({ elevationM }) => elevationM !== undefined && !Number.isNaN(elevationM));
  const known = withElevation.filter(({ elevationM }) => within(definite(elevationM), ELEVATION_M));
  const absurd = withElevation.length - known.length;
  if (known.length < 2 && absurd > 0) {
    const values = { faulty: absurd, points: points.length, ...ELEVATION_M };
    return refuse('noElevation', message('route.noHeightIsOne', values));
  }
  if (known.length < 2) return refuse('noElevation', message('route.noElevation'));
  const start = firstOf(known).distanceM;
  const lengthM = lastOf(known).distanceM - start;
  if (lengthM < LENGTH_MIN_M)
    return refuse('tooShort', message('route.tooShort', { length: lengthM, least: LENGTH_MIN_M }));
  if (lengthM > LENGTH_MAX_M) {
    return refuse('tooLong', message('route.tooLong', { length: lengthM / 1000, most: LENGTH_MAX_M / 1000 }));
  }
  let longestGapM = 0;
  known.forEach(({ distanceM }, i) => {
    longestGapM = Math.max(longestGapM, distanceM - (known[i - 1]?.distanceM ?? distanceM));
  });
  if (longestGapM > GAP_MAX_M) {
    return refuse('gap', message('route.gap', { length: longestGapM, most: GAP_MAX_M }));
  }
  const count = Math.floor(lengthM / PROFILE_STEP_M) + 1;
  const raw = new Float64Array(count);
  let place = 0;
  for (let i = 0; i < count; i += 1) {
    const at = start + i * PROFILE_STEP_M;
    while (place < known.length - 2 && itemAt(known, place + 1).distanceM <= at) place += 1;
    const [a, b] = [itemAt(known, place), itemAt(known, place + 1)];
    const way = b.distanceM - a.distanceM;
    const share = way > 0 ? Math.min(1, Math.max(0, (at - a.distanceM) / way)) : 0;
    raw[i] = definite(a.elevationM) + share * (definite(b.elevationM) - definite(a.elevationM));
  }
  return {
    ok: true,
    profile: { stepM: PROFILE_STEP_M, elevationM: smoothed(raw, SMOOTHING_M / PROFILE_STEP_M) },
    notes: { points: points.length, longestGapM, missing: points.length - known.length, absurd },
  };
}

/** Triangular mean over ±`reach` steps; the window shrinks symmetrically at the ends. */
function smoothed(values: Float64Array, reach: number): Float64Array {
  return values.map((_, i) => {
    const room = Math.min(reach, i, values.length - 1 - i);
    let sum = 0;
    let weight = 0;
    for (let k = -room; k <= room; k += 1) {
      const own = reach + 1 - Math.abs(k);
      sum += own * itemAt(values, i + k);
      weight += own;
    }
    return sum / weight;
  });
}

/** Length, m. */
export function lengthM({ stepM, elevationM }: ElevationProfile): number {
  return stepM * (elevationM.length - 1);
}

/** Metres climbed and descended, and the range of heights. */
export function totals({ elevationM }: ElevationProfile): { readonly upM: number; readonly downM: number } {
  let upM = 0;
  let downM = 0;
  elevationM.forEach((height, i) => {
    const change = height - (elevationM[i - 1] ?? height);
    if (change > 0) upM += change;
    else downM -= change;
  });
  return { upM, downM };
}

/** A stretch that climbs. */
export interface ProfileClimb {
  readonly fromM: number;
  readonly toM: number;
  readonly gainM: number;
  readonly gradeFraction: number;
  /** Over the steepest {@link STEEPEST_OVER_M}. */
  readonly steepestFraction: number;
}

/** Over which the steepest grade of a climb is taken, m. */
const STEEPEST_OVER_M = 100;
/** A climb gains at least this, m, at this mean grade. */
const CLIMB_GAIN_M = 20;
const CLIMB_GRADE = 0.025;
/** A dip less deep than this share of what was gained does not end a climb; nor one less than 5 m. */
const DIP_SHARE = 0.2;
const DIP_M = 5;

/** The climbs of a profile in order: each from a low to the following high, ignoring small dips. */
export function climbsOf({ stepM, elevationM }: ElevationProfile): ProfileClimb[] {
  const climbs: ProfileClimb[] = [];
  let low = 0;
  let high = 0;
  const close = () => {
    // A flat run-up is no part of a climb.
    let from = low;
    while (
      from < high &&
      (itemAt(elevationM, Math.min(high, from + 5)) - itemAt(elevationM, from)) / (5 * stepM) < CLIMB_GRADE / 2
    )
      from += 1;
    const gainM = itemAt(elevationM, high) - itemAt(elevationM, from);
    const gradeFraction = gainM / ((high - from) * stepM);
    if (high > from && gainM >= CLIMB_GAIN_M && gradeFraction >= CLIMB_GRADE) {
      climbs.push({
        fromM: from * stepM,
        toM: high * stepM,
        gainM,
        gradeFraction,
        steepestFraction: steepest(from, high),
      });
    }
  };
  const steepest = (from: number, to: number) => {
    const reach = Math.min(to - from, Math.round(STEEPEST_OVER_M / stepM));
    let most = -Infinity;
    for (let i = from; i + reach <= to; i += 1) {
      most = Math.max(most, (itemAt(elevationM, i + reach) - itemAt(elevationM, i)) / (reach * stepM));
    }
    return most;
  };
  elevationM.forEach((height, i) => {
    if (height > itemAt(elevationM, high)) high = i;
    const gained = itemAt(elevationM, high) - itemAt(elevationM, low);
    const dip = itemAt(elevationM, high) - height;
    if (dip > Math.max(DIP_M, DIP_SHARE * gained)) {
      close();
      low = i;
      high = i;
    } else if (height < itemAt(elevationM, low)) {
      low = i;
      high = i;
    }
  });
  close();
  return climbs;
}
