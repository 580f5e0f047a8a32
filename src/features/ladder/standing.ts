import type { Gear, Setup } from '../../core/gears';
import type { LadderScale } from './scale';
import { firstOf, itemAt, lastOf, definite } from '../../core/items';

/** A gear of a standing ladder that has no more than uprights and rungs. */
export interface StandingRung {
  readonly gear: Gear;
  /** On which side of its upright the cog is named. */
  readonly side: StandingUpright['side'];
  readonly x: number;
  readonly y: number;
}

/** A ring, from its easiest gear to its hardest. */
interface StandingUpright {
  readonly chainring: number;
  readonly side: 'left' | 'right';
  readonly x: number;
  readonly bottom: number;
  readonly top: number;
}

interface StandingLadder {
  readonly uprights: readonly StandingUpright[];
  readonly rungs: readonly StandingRung[];
}

/** Positions of the uprights, as shares of the width, the smallest ring on the left. */
const UPRIGHTS_AT: Readonly<Record<number, readonly number[]>> = { 1: [0.5], 2: [0.36, 0.64] };

/**
 * Places the gears of one or two rings as rungs of a standing ladder.
 * @param gears easiest first
 * @param scale places ratios
 * @param width of the drawing, in its own units
 */
export function standingLadder(
  { chainrings }: Pick<Setup, 'chainrings'>,
  gears: readonly Gear[],
  scale: LadderScale,
  width: number,
): StandingLadder {
  const rings = [...chainrings].sort((a, b) => a - b);
  const sideOf = (ring: number) => (rings.length > 1 && ring === rings[0] ? 'left' : 'right');
  const xOf = (ring: number) => width * itemAt(definite(UPRIGHTS_AT[rings.length]), rings.indexOf(ring));
  return {
    uprights: rings.map((chainring): StandingUpright => {
      const own = gears.filter((gear) => gear.chainring === chainring);
      return {
        chainring,
        side: sideOf(chainring),
        x: xOf(chainring),
        bottom: scale.at(firstOf(own).ratio),
        top: scale.at(lastOf(own).ratio),
      };
    }),
    rungs: gears.map((gear) => ({
      gear,
      side: sideOf(gear.chainring),
      x: xOf(gear.chainring),
      y: scale.at(gear.ratio),
    })),
  };
}
