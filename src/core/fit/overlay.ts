import type { Setup } from '../gears';
import { itemAt } from '../items';

/** Returns the gear of another setup that corresponds to a gear: the ring at the same end, and the cog nearest in size. */
export function counterpart(
  other: Pick<Setup, 'chainrings' | 'cogs'>,
  ringPlace: number,
  cog: number,
): { readonly chainring: number; readonly cog: number } {
  const chainring = itemAt(other.chainrings, Math.min(ringPlace, other.chainrings.length - 1));
  const apart = (teeth: number) => Math.abs(Math.log(teeth / cog));
  return { chainring, cog: other.cogs.reduce((best, teeth) => (apart(teeth) < apart(best) ? teeth : best)) };
}
