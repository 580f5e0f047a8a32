/**
 * Weights by teeth, where nobody has weighed: a ring grows with its area (0.045 g a tooth squared:
 * 48T 104 g), a cog between its rim and its area, for large ones are spidered (0.31 g a tooth to the
 * power 1.5: eleven cogs 11 to 28, 269 g). Of a middle sort; makers differ by a fifth and more.
 */
export const RING_G = 0.045;
export const COG_G = 0.31;
export const CHAIN_G_A_LINK = 2.25;
/** Front derailleur, its cable and the inside of its shifter, g; an estimate. */
export const FRONT_MASS_G = 230;

/** Estimates, g. */
export const ringMassG = (ring: number) => RING_G * ring * ring;
export const chainMassG = (links: number) => links * CHAIN_G_A_LINK;

export function cassetteMassG(cogs: readonly number[]): number {
  let sum = 0;
  for (const cog of cogs) sum += COG_G * cog * Math.sqrt(cog);
  return sum;
}
