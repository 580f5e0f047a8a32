import { CHAINRING_TEETH } from '../gears';
import type { Bounds } from '../numbers';
import { sameTeeth } from '../catalog/cassettes';
import { areRingsSold } from '../catalog/rings';
import { firstOf } from '../items';

export const LAYOUTS = ['1x', '2x'] as const;
export type Layout = (typeof LAYOUTS)[number];

export const layoutOf = (chainrings: readonly number[]): Layout => (chainrings.length === 1 ? '1x' : '2x');

/** Differences that a search may allow between two rings, teeth. */
export const SEARCHED_RING_DIFFERENCE_T: Bounds = { min: 1, max: CHAINRING_TEETH.max - CHAINRING_TEETH.min };
/** Front derailleurs for more are rare. */
export const DEFAULT_RING_DIFFERENCE_MAX_T = 16;

/** Which rings are tried. */
export interface RingRule {
  readonly layouts: readonly Layout[];
  readonly minT: number;
  readonly maxT: number;
  readonly ringDifferenceMaxT: number;
  /** Available rings, if only those may be used; those outside `minT` to `maxT` are not tried either. */
  readonly only?: readonly number[] | undefined;
  /** Whether rings and pairs that are not sold are tried too. Available ones are, in any pair. */
  readonly anyTeeth: boolean;
  /** Rings on the bike, big ring first: they need not be bought, together or each alone. */
  readonly present?: readonly number[] | undefined;
}

/** The teeth of which rings are made up. */
function teethOf({ minT, maxT, only }: RingRule): number[] {
  const all = Array.from({ length: Math.max(0, maxT - minT + 1) }, (_, i) => minT + i);
  return only ? all.filter((teeth) => only.includes(teeth)) : all;
}

/**
 * Every choice of one ring, then of two (big ring first) that differ by 1 to the most that is allowed: those that are
 * sold or on the bike, any of available rings, and with `anyTeeth` all.
 */
export function ringChoices(rule: RingRule): (readonly number[])[] {
  const { anyTeeth, only, present = [] } = rule;
  const all = everyChoice(rule);
  if (anyTeeth || only) return all;
  const isPresent = (rings: readonly number[]) =>
    sameTeeth(rings, present) || (rings.length === 1 && present.includes(firstOf(rings)));
  return all.filter((rings) => areRingsSold(rings) || isPresent(rings));
}

function everyChoice(rule: RingRule): (readonly number[])[] {
  const teeth = teethOf(rule);
  const one = rule.layouts.includes('1x') ? teeth.map((ring) => [ring]) : [];
  const two = rule.layouts.includes('2x')
    ? teeth.flatMap((big) =>
        teeth.filter((small) => small < big && big - small <= rule.ringDifferenceMaxT).map((small) => [big, small]),
      )
    : [];
  return [...one, ...two];
}
