import { definite } from '../items';
/** A chain under the wear gauge. */
export interface WearReading {
  readonly atMs: number;
  /** Kilometres of the chain when it was measured. */
  readonly km: number;
  /** How much longer than new, percent. */
  readonly wearPercent: number;
}

/** Chains for 11 and more speeds are changed earlier, percent; so is one whose speeds are not known. */
export function wearLimitPercent(speeds = 11): number {
  return speeds >= 11 ? 0.5 : 0.75;
}

/** When a chain will be at the limit. */
interface WearForecast {
  readonly limitPercent: number;
  /** Percent a thousand kilometres. */
  readonly ratePer1000Km: number;
  /** Kilometres of the chain at the limit. */
  readonly limitKm: number;
  /** 80% of chains that wear as scattered as this one reach it between these; undefined for two readings. */
  readonly spreadKm: readonly [number, number] | undefined;
  /** Wear by the line at `km`. */
  readonly wearAt: (km: number) => number;
}

export type WearAnswer =
  | { readonly kind: 'forecast'; readonly forecast: WearForecast }
  | { readonly kind: 'reached'; readonly forecast: WearForecast | undefined }
  | { readonly kind: 'tooFew' | 'notWearing' };

/** Two-sided 80% points of Student's t for 1, 2, 3 … degrees of freedom, and of the normal at the limit. */
const T_80 = [3.078, 1.886, 1.638, 1.533, 1.476, 1.44, 1.415, 1.397, 1.383, 1.372];
const NORMAL_80 = 1.2816;

/** For many degrees of freedom by the first term of the expansion about the normal (Cornish and Fisher), right to 0.005. */
function student80(freedom: number): number {
  return T_80[freedom - 1] ?? NORMAL_80 + (NORMAL_80 ** 3 + NORMAL_80) / (4 * freedom);
}

/**
 * A straight line through the readings by least squares, and where it meets the limit. The spread is
 * that of a new reading there, by inverse prediction:
 * s/|b| · √(1 + 1/n + (x − x̄)²/Sxx) (Draper and Smith, Applied Regression Analysis).
 */
export function wearForecast(readings: readonly WearReading[], limitPercent: number): WearAnswer {
  const last = [...readings].sort((a, b) => a.km - b.km).at(-1);
  const line = lineThrough(readings.map(({ km, wearPercent }) => ({ x: km, y: wearPercent })));
  const isReached = last !== undefined && last.wearPercent >= limitPercent;
  if (!line || !(line.slope > 0)) {
    return isReached ? { kind: 'reached', forecast: undefined } : { kind: line ? 'notWearing' : 'tooFew' };
  }
  const limitKm = (limitPercent - line.intercept) / line.slope;
  const halfKm =
    line.residual === undefined
      ? undefined
      : (student80(line.count - 2) *
          line.residual *
          Math.sqrt(1 + 1 / line.count + (limitKm - line.meanX) ** 2 / line.spreadX)) /
        line.slope;
  const forecast: WearForecast = {
    limitPercent,
    ratePer1000Km: line.slope * 1000,
    limitKm,
    // A chain that was measured below the limit has lasted so far.
    spreadKm:
      halfKm === undefined
        ? undefined
        : [
            Math.max(isReached ? 0 : definite(last).km, limitKm - halfKm),
            Math.max(definite(last).km, limitKm + halfKm),
          ],
    wearAt: (km) => line.intercept + line.slope * km,
  };
  return { kind: isReached ? 'reached' : 'forecast', forecast };
}

interface Line {
  readonly slope: number;
  readonly intercept: number;
  readonly count: number;
  readonly meanX: number;
  readonly spreadX: number;
  /** Standard deviation about the line; undefined for two points, which any line meets. */
  readonly residual: number | undefined;
}

function lineThrough(points: readonly { readonly x: number; readonly y: number }[]): Line | undefined {
  const count = points.length;
  if (count < 2) return undefined;
  const mean = (of: (point: { x: number; y: number }) => number) =>
    points.reduce((sum, one) => sum + of(one), 0) / count;
  const [meanX, meanY] = [mean(({ x }) => x), mean(({ y }) => y)];
  const spreadX = points.reduce((sum, { x }) => sum + (x - meanX) ** 2, 0);
  // All at the same distance: no line.
  if (!(spreadX > 0)) return undefined;
  const slope = points.reduce((sum, { x, y }) => sum + (x - meanX) * (y - meanY), 0) / spreadX;
  const intercept = meanY - slope * meanX;
  const squares = points.reduce((sum, { x, y }) => sum + (y - intercept - slope * x) ** 2, 0);
  return {
    slope,
    intercept,
    count,
    meanX,
    spreadX,
    residual: count > 2 ? Math.sqrt(squares / (count - 2)) : undefined,
  };
}

/**
 * Kilometres a day over the last while, days without a ride among them; undefined where nothing was ridden.
 * @param sinceMs from when on it is known what was ridden: days before it do not count
 */
export function kmPerDay(
  trips: readonly { readonly atMs: number; readonly km: number }[],
  nowMs: number,
  sinceMs = -Infinity,
): number | undefined {
  const recent = trips.filter(({ atMs }) => atMs <= nowMs && nowMs - atMs <= LATELY_DAYS * DAY_MS);
  const km = recent.reduce((sum, trip) => sum + trip.km, 0);
  if (km === 0) return undefined;
  const first = Math.min(sinceMs, ...recent.map(({ atMs }) => atMs));
  return km / Math.min(LATELY_DAYS, Math.max(1, Math.ceil((nowMs - first) / DAY_MS)));
}

const LATELY_DAYS = 90;
const DAY_MS = 86_400_000;

/** The moment at which a chain that has `km` now comes to `atKm`. */
export function whenAtKm(km: number, atKm: number, perDay: number, nowMs: number): number {
  return nowMs + Math.max(0, (atKm - km) / perDay) * DAY_MS;
}
