import type { GearIndex } from './allowed';

/** Where a step between gears leads to. */
export interface GearStep {
  /** Rings towards the larger one; below 0 towards the smaller. */
  readonly ring: number;
  /** Cogs towards the larger one; below 0 towards the smaller. */
  readonly cog: number;
}

/** Counts of a drivetrain; places count rings from the largest and cogs from the smallest. */
interface GearCounts {
  readonly rings: number;
  readonly cogs: number;
}

/** Returns the place a step away from another, or that one itself where the drivetrain ends. */
export function stepped({ ring, cog }: GearIndex, by: GearStep, { rings, cogs }: GearCounts): GearIndex {
  const next = { ring: ring - by.ring, cog: cog + by.cog };
  const isThere = next.ring >= 0 && next.ring < rings && next.cog >= 0 && next.cog < cogs;
  return isThere ? next : { ring, cog };
}

/**
 * Returns every gear in the order in which a mechanic turns through them on a stand: up the cassette on the largest
 * ring, down it on the next, so that one gear leads to the next by one shift.
 */
export function standOrder({ rings, cogs }: GearCounts): GearIndex[] {
  return Array.from({ length: rings }, (_, ring) =>
    Array.from({ length: cogs }, (_cog, i) => ({ ring, cog: ring % 2 === 0 ? i : cogs - 1 - i })),
  ).flat();
}
