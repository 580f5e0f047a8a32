import { GENERIC_CASSETTES } from './cassettes';
import { isSoldPair, singleRingAvailability } from './rings';
import { firstOf, lastOf, definite } from '../items';

const inOrder = (teeth: readonly number[]) => [...new Set(teeth)].sort((a, b) => a - b);
const LARGEST_COGS = inOrder(GENERIC_CASSETTES.map(({ cogs }) => lastOf(cogs)));
const SMALLEST_COGS = inOrder(GENERIC_CASSETTES.map(({ cogs }) => firstOf(cogs)));
const COGS = new Set(GENERIC_CASSETTES.flatMap(({ cogs }) => cogs));

/** Whether any cassette that is sold has a cog of so many teeth. */
export const isSoldCog = (teeth: number): boolean => COGS.has(teeth);

/** The smallest largest cog of a cassette that is sold, of so many teeth at least; undefined where none is as large. */
export const soldLargestCog = (atLeast: number): number | undefined => LARGEST_COGS.find((cog) => cog >= atLeast);

/** The largest smallest cog of a cassette that is sold, of so many teeth at most; undefined where none is as small. */
export const soldSmallestCog = (atMost: number): number | undefined =>
  SMALLEST_COGS.filter((cog) => cog <= atMost).at(-1);

/** What a ring must be, teeth. */
type RingLimit = { readonly atMost: number } | { readonly atLeast: number };

/** A ring between these is tried, teeth; pairs and single rings that are sold lie within. */
const TRIED_T = { min: 20, max: 60 };

/**
 * The ring nearest to what there is that can be bought in its place: a common single ring, or the other ring of a pair
 * that is sold with the one that stays; undefined where there is none.
 * @param chainrings big ring first
 * @param which of them is replaced
 */
export function soldRing(
  chainrings: readonly number[],
  which: 'smallest' | 'largest',
  limit: RingLimit,
): number | undefined {
  const fits = (ring: number) => ('atMost' in limit ? ring <= limit.atMost : ring >= limit.atLeast);
  const sold = Array.from({ length: TRIED_T.max - TRIED_T.min + 1 }, (_, i) => TRIED_T.min + i).filter(
    (ring) => fits(ring) && isSoldIn(chainrings, which, ring),
  );
  return 'atMost' in limit ? sold.at(-1) : sold[0];
}

function isSoldIn([big, small]: readonly number[], which: 'smallest' | 'largest', ring: number): boolean {
  if (small === undefined) return singleRingAvailability(ring) === 'common';
  return which === 'smallest' ? isSoldPair(definite(big), ring) : isSoldPair(ring, small);
}
