import type { Setup } from '../gears';

/** The gear of another setup that stands for one: the ring at the same end, and the cog nearest in size. */
export function counterpart(
  other: Pick<Setup, 'chainrings' | 'cogs'>,
  ringPlace: number,
  cog: number,
): { readonly chainring: number; readonly cog: number } {
  const chainring = other.chainrings[Math.min(ringPlace, other.chainrings.length - 1)]!;
  const apart = (teeth: number) => Math.abs(Math.log(teeth / cog));
  return { chainring, cog: other.cogs.reduce((best, teeth) => (apart(teeth) < apart(best) ? teeth : best)) };
}
