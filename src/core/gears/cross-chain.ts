import type { Gear } from './gear';
import type { Setup } from './setup';
import type { Bounds } from '../numbers';

/** How many cogs at each end make a gear cross-chained, unless the rider sets another count. */
export const DEFAULT_CROSSED_COGS = 2;
export const CROSSED_COGS: Bounds = { min: 0, max: 5 };

/**
 * Whether the chain runs at a steep sideways angle: big ring with its `crossedCogs` largest cogs,
 * small ring with its `crossedCogs` smallest. Never on one ring; nor on a cassette of no more than
 * 2 × `crossedCogs` cogs, which would leave a ring no gear to ride in.
 */
export function isCrossChained(
  setup: Setup,
  gear: Pick<Gear, 'chainring' | 'cog'>,
  crossedCogs = DEFAULT_CROSSED_COGS,
): boolean {
  const { chainrings, cogs } = setup;
  if (chainrings.length < 2 || cogs.length <= 2 * crossedCogs) return false;
  const position = cogs.indexOf(gear.cog);
  return gear.chainring === chainrings[0] ? position >= cogs.length - crossedCogs : position < crossedCogs;
}
