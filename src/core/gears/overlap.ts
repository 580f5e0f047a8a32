import type { Setup } from './setup';

/** The stretch of ratios that both rings reach, and its share of the whole range on a log scale. */
export interface RingOverlap {
  /** Ratio of the big ring's easiest gear: where the overlap begins. */
  readonly fromRatio: number;
  /** Ratio of the small ring's hardest gear: where it ends. Below `fromRatio` there is a gap instead. */
  readonly toRatio: number;
  /** 0 to 1; 0 where the rings do not meet. */
  readonly share: number;
}

/** Undefined for one ring. */
export function ringOverlap({ chainrings, cogs, hubStages }: Setup): RingOverlap | undefined {
  const [big, small] = chainrings;
  if (big === undefined || small === undefined) return undefined;
  const smallest = Math.min(...cogs);
  const largest = Math.max(...cogs);
  const lowStage = Math.min(...hubStages);
  const highStage = Math.max(...hubStages);
  const fromRatio = (big / largest) * lowStage;
  const toRatio = (small / smallest) * highStage;
  const whole = Math.log((big * largest * highStage) / (small * smallest * lowStage));
  return { fromRatio, toRatio, share: Math.max(0, Math.log(toRatio / fromRatio)) / whole };
}
