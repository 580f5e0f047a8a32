/** Parts of a drive that may have to be bought for a setup. A front derailleur comes with its shifter, a crank with its rings. */
export const PART_KINDS = [
  'ring',
  'crank',
  'frontDerailleur',
  'guide',
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
  guide: 30,
  cassette: 80,
  shifter: 60,
  freehub: 60,
  chain: 35,
  rearDerailleur: 90,
};
