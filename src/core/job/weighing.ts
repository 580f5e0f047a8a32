import { firstOf } from '../items';
/** One reading of a scale. */
export interface Weighing {
  readonly grams: number;
  /** The smallest step that the scale shows, g. */
  readonly resolutionG: number;
}

/** Two measurements of the same weight. */
interface WeighingComparison {
  /** First − second, g. */
  readonly differenceG: number;
  /** Sum of the resolutions of all readings, g: the tolerance of the comparison. */
  readonly allowedG: number;
  readonly agrees: boolean;
  /** The measurement with the finer resolution; undefined where both are equal. */
  readonly finer: 'first' | 'second' | undefined;
}

/** From a jeweller's scale to a hanging one for whole bikes, g. */
export const SCALE_RESOLUTION_G = { min: 0.01, max: 100 } as const;

/** Compares two measurements: they disagree where they differ by more than the sum of their resolutions. */
export function compareWeighings(first: readonly Weighing[], second: readonly Weighing[]): WeighingComparison {
  const total = (weighings: readonly Weighing[]) => weighings.reduce((sum, { grams }) => sum + grams, 0);
  const doubt = (weighings: readonly Weighing[]) => weighings.reduce((sum, one) => sum + one.resolutionG, 0);
  const differenceG = total(first) - total(second);
  const [doubtFirst, doubtSecond] = [doubt(first), doubt(second)];
  const allowedG = doubtFirst + doubtSecond;
  return {
    differenceG,
    allowedG,
    // Readings are sums of decimal steps, so a difference of just the allowed size may come out above it by rounding.
    agrees: Math.abs(differenceG) <= allowedG * (1 + 1e-9) + 1e-9,
    finer: doubtFirst === doubtSecond ? undefined : doubtFirst < doubtSecond ? 'first' : 'second',
  };
}

/** Whether a scale with this step can show so much. */
export function isWholeSteps(grams: number, resolutionG: number): boolean {
  const steps = grams / resolutionG;
  // 0.3 g in steps of 0.1 g is 2.9999999999999996 of them.
  return Math.abs(steps - Math.round(steps)) < 1e-6;
}

/** What a scale shows over time. */
export interface ScaleSample {
  readonly atMs: number;
  readonly grams: number;
}

/** Steady for this long is settled, ms. */
export const SETTLED_AFTER_MS = 1200;

/** Whether a scale has come to rest: what it showed over the last while differs by no more than a step. */
export function hasSettled(samples: readonly ScaleSample[], resolutionG: number): boolean {
  const last = samples.at(-1);
  if (!last || last.atMs - firstOf(samples).atMs < SETTLED_AFTER_MS) return false;
  const recent = samples.filter(({ atMs }) => last.atMs - atMs <= SETTLED_AFTER_MS).map(({ grams }) => grams);
  return Math.max(...recent) - Math.min(...recent) <= resolutionG * (1 + 1e-9);
}
