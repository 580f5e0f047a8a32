import { definite } from '../items';
/** Ring pairs that are sold together, big ring first, in teeth. */
const SOLD_PAIRS = [
  ...['54/40', '53/39', '52/36', '50/37', '50/34', '48/35', '48/32', '48/31', '46/36', '46/33', '46/30'],
  ...['44/28', '43/30', '42/28', '40/28', '40/26', '38/28', '38/24', '36/26', '36/22', '34/24'],
];

/** Ring pairs that are sold together, big ring first, teeth; any other pair is made up from two rings. */
export const RING_PAIRS: readonly (readonly [number, number])[] = SOLD_PAIRS.map((pair) => {
  const [big, small] = pair.split('/').map(Number);
  return [definite(big), definite(small)];
});

/** The widest difference among pairs that are sold together, teeth. */
export const WIDEST_SOLD_PAIR_T = Math.max(...RING_PAIRS.map(([big, small]) => big - small));

export function isSoldPair(big: number, small: number): boolean {
  return RING_PAIRS.some(([b, s]) => b === big && s === small);
}

const SINGLE_EVEN_T = { min: 26, max: 56 };
/** Odd counts that single rings are made in; fewer makers have them. */
const SINGLE_ODD_T = new Set([29, 31, 33, 35, 37, 39, 41, 43, 45, 47, 49, 51, 53]);

/** How easily a single ring is bought: even counts are common, some odd ones less so, others are not made. */
export function singleRingAvailability(teeth: number): 'common' | 'lessCommon' | 'notSold' {
  if (teeth % 2 === 0) return teeth >= SINGLE_EVEN_T.min && teeth <= SINGLE_EVEN_T.max ? 'common' : 'notSold';
  return SINGLE_ODD_T.has(teeth) ? 'lessCommon' : 'notSold';
}

/** Whether not every shop has these rings: a less common single ring, or a pair made up from two. */
export function isUncommon([big, small]: readonly number[]): boolean {
  return small === undefined ? singleRingAvailability(definite(big)) !== 'common' : !isSoldPair(definite(big), small);
}

/** Whether rings of so many teeth can be bought: one as a single ring, two as a pair that is sold together. */
export function areRingsSold(chainrings: readonly number[]): boolean {
  const [big, small] = chainrings;
  return small === undefined ? singleRingAvailability(definite(big)) !== 'notSold' : isSoldPair(definite(big), small);
}
