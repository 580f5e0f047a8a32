import { atLeast } from '../numbers';
import type { Gear } from './gear';
import type { Bounds } from '../numbers';

/** Bounds of the minimum difference between distinct gears, percent. */
export const CLOSENESS_PERCENT: Bounds = { min: 0, max: 50 };
export const DEFAULT_CLOSENESS_PERCENT = 5;

/**
 * The largest set of gears no two of which are closer than `closenessPercent`: keep the easiest,
 * then each next that is at least (1 + t) times the last kept. At 0% even duplicates count as two.
 * @param gears easiest first
 */
export function distinctGears(gears: readonly Gear[], closenessPercent: number): Gear[] {
  const kept: Gear[] = [];
  for (const gear of gears) {
    const last = kept.at(-1);
    if (!last || atLeast(gear.ratio, last.ratio * (1 + closenessPercent / 100))) kept.push(gear);
  }
  return kept;
}

export interface DistinctPoint {
  readonly closenessPercent: number;
  readonly count: number;
}

/** How the count of distinct gears falls as closeness grows, at 0, step, 2·step … up to `maxPercent`. */
export function distinctCurve(gears: readonly Gear[], maxPercent: number, stepPercent: number): DistinctPoint[] {
  const points = Math.floor(maxPercent / stepPercent) + 1;
  return Array.from({ length: points }, (_, i) => {
    const closenessPercent = i * stepPercent;
    return { closenessPercent, count: distinctGears(gears, closenessPercent).length };
  });
}
