import type { Setup } from '../gears';
import { itemAt } from '../items';

/** A gear by its places: ring 0 is the big one, cog 0 the smallest. */
export interface GearIndex {
  readonly ring: number;
  readonly cog: number;
}

/** Whether a place is big ring with largest cog. */
export function isBigBig({ cogs }: Pick<Setup, 'cogs'>, { ring, cog }: GearIndex): boolean {
  return ring === 0 && cog === cogs.length - 1;
}

/**
 * The gears that a rider allows. Big-big is always among them: a mis-shift into it with a chain too
 * short for it locks the drive and can tear the derailleur off. Places are kept, not teeth, so that
 * "never the small ring with the three smallest cogs" still holds on another cassette.
 */
export function allowedGears(setup: Setup, avoided: readonly GearIndex[]): GearIndex[] {
  return setup.chainrings.flatMap((_, ring) =>
    setup.cogs
      .map((_, cog): GearIndex => ({ ring, cog }))
      .filter((place) => isBigBig(setup, place) || !isAvoided(place, avoided)),
  );
}

/** Whether a place is among those left out. */
function isAvoided({ ring, cog }: GearIndex, avoided: readonly GearIndex[]): boolean {
  return avoided.some((one) => one.ring === ring && one.cog === cog);
}

/**
 * Teeth of chain that the cage must take up: max(ring + cog) − min(ring + cog) over the gears that
 * are allowed; with all of them that is (big − small ring) + (largest − smallest cog).
 */
export function requiredCapacityT(setup: Setup, avoided: readonly GearIndex[] = []): number {
  const sums = allowedGears(setup, avoided).map(
    ({ ring, cog }) => itemAt(setup.chainrings, ring) + itemAt(setup.cogs, cog),
  );
  return Math.max(...sums) - Math.min(...sums);
}
