import { COG_COUNT } from '../gears';
import { sameTeeth } from './cassettes';
import { firstOf, lastOf } from '../items';

/**
 * Cogs between two ends with the most even steps that whole teeth allow: of all rising choices the one with the least sum of
 * squares of ln(next ÷ cog). A proposal, for makers round otherwise.
 * @param count of cogs, ends among them
 * @returns smallest first; undefined where so many do not fit between the ends
 */
export function proposedCogs(smallest: number, largest: number, count: number): readonly number[] | undefined {
  if (count < 2 || count > COG_COUNT.max || largest - smallest < count - 1) return undefined;
  /** The best sequence from the smallest to each cog, by the number of steps. */
  let ways = new Map<number, { readonly sum: number; readonly cogs: readonly number[] }>([
    [smallest, { sum: 0, cogs: [smallest] }],
  ]);
  for (let place = 1; place < count; place += 1) {
    const longer = new Map<number, { readonly sum: number; readonly cogs: readonly number[] }>();
    for (const [from, { sum, cogs }] of ways) {
      // As many cogs as are still to come must fit above.
      for (let cog = from + 1; cog <= largest - (count - 1 - place); cog += 1) {
        const next = sum + Math.log(cog / from) ** 2;
        const known = longer.get(cog);
        if (!known || next < known.sum) longer.set(cog, { sum: next, cogs: [...cogs, cog] });
      }
    }
    ways = longer;
  }
  return ways.get(largest)?.cogs;
}

/** Whether cogs are those that would be proposed for their ends and count; few enough leave no choice. */
export function isProposed(cogs: readonly number[]): boolean {
  const proposed = proposedCogs(firstOf(cogs), lastOf(cogs), cogs.length);
  return cogs.length > 2 && proposed !== undefined && sameTeeth(proposed, cogs);
}
