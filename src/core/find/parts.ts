/** Parts of a drive that may have to be bought for a setup. A front derailleur comes with its shifter, a crank with its rings. */
export const PART_KINDS = [
  'ring',
  'crank',
  'frontDerailleur',
  'cassette',
  'shifter',
  'freehub',
  'chain',
  'rearDerailleur',
] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** What parts cost, in the rider's money. */
export type Prices = Readonly<Record<PartKind, number>>;

/** Round sums of a middle sort, for want of the rider's own. */
export const DEFAULT_PRICES: Prices = {
  ring: 45,
  crank: 140,
  frontDerailleur: 110,
  cassette: 80,
  shifter: 60,
  freehub: 60,
  chain: 35,
  rearDerailleur: 90,
};

/** What single parts cost, such as 0 for one that lies on the shelf. */
export type OwnPrices = Readonly<Partial<Record<PartKind, number | undefined>>>;

/** What a part costs: its own price wins over that of its kind. */
export function priceOf(part: PartKind, prices: Prices, own: OwnPrices): number {
  return own[part] ?? prices[part];
}

export function costOf(newParts: readonly PartKind[], prices: Prices, own: OwnPrices): number {
  return newParts.reduce((sum, part) => sum + priceOf(part, prices, own), 0);
}

/**
 * Weights by teeth, where nobody has weighed: a ring grows with its area (0.045 g a tooth squared:
 * 48T 104 g), a cog between its rim and its area, for large ones are spidered (0.31 g a tooth to the
 * power 1.5: eleven cogs 11 to 28, 269 g). Of a middle sort; makers differ by a fifth and more.
 */
const RING_G = 0.045;
const COG_G = 0.31;
const CHAIN_G_A_LINK = 2.25;
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

/** An estimate of rings, cassette, chain and front derailleur, g. @param cassetteG as weighed, where it was */
export function drivePartsMassG(
  chainrings: readonly number[],
  cogs: readonly number[],
  links: number,
  cassetteG: number | undefined,
): number {
  let sum = chainMassG(links) + (chainrings.length > 1 ? FRONT_MASS_G : 0);
  for (const ring of chainrings) sum += ringMassG(ring);
  return sum + (cassetteG ?? cassetteMassG(cogs));
}
