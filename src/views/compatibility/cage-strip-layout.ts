import { STRETCHED_DEG } from '../../core/fit';

/** Sizes of the strip, CSS pixels; head and row are those of the table beside it. */
export const STRIP = { head: 30, row: 26, width: 200, label: 26, edge: 14 } as const;

/** How far an axis reaches past the angles that are marked on it, degrees. */
const MARGIN_DEG = 10;

interface StripLayout {
  /** Position of a cage angle across the strip, px. */
  readonly x: (deg: number) => number;
  /** The middle of a cog's row, px from the top; places count from the smallest cog. */
  readonly y: (cogPlace: number) => number;
  /** Where the rows end, px from the top. */
  readonly bottom: number;
}

/** Places angles between folded back and stretched across the strip, and cogs down it. */
export function stripLayout(cogs: number, foldBackLimitDeg: number): StripLayout {
  const lowestDeg = Math.min(-STRETCHED_DEG, foldBackLimitDeg - MARGIN_DEG);
  const highestDeg = STRETCHED_DEG + MARGIN_DEG;
  const across = STRIP.width - STRIP.label - 2 * STRIP.edge;
  return {
    x: (deg) => STRIP.label + STRIP.edge + ((deg - lowestDeg) / (highestDeg - lowestDeg)) * across,
    y: (cogPlace) => STRIP.head + (cogPlace + 0.5) * STRIP.row,
    bottom: STRIP.head + cogs * STRIP.row,
  };
}
