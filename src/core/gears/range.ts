import type { Gear } from './gear';

/** Easiest and hardest gear, and how many times the one the other is. */
export interface GearRange {
  readonly easiest: Gear;
  readonly hardest: Gear;
  /** hardest / easiest; 4.909 is a range of 490.9%. */
  readonly quotient: number;
}

/** @param gears at least one, easiest first */
export function rangeOf(gears: readonly Gear[]): GearRange {
  const easiest = gears[0];
  const hardest = gears.at(-1);
  if (!easiest || !hardest) throw new RangeError('a range needs at least one gear');
  const quotient =
    (hardest.chainring * easiest.cog * hardest.hubStage) / (hardest.cog * easiest.chainring * easiest.hubStage);
  return { easiest, hardest, quotient };
}
