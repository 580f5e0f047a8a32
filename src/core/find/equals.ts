import { compareInOrder, nearlyEqual } from '../numbers';
import type { Found } from './found';
import { firstOf, itemAt, lastOf, definite } from '../items';

/** Setups with the same figures in every aim, as one answer. */
export interface Equals {
  /** The one that is likeliest to be bought. */
  readonly lead: Found;
  /** All of them, the lead first. */
  readonly all: readonly Found[];
}

/** Joins setups whose values are the same in every aim, in the order of their leads' first places. */
export function joinEquals(front: readonly Found[]): Equals[] {
  const groups: Found[][] = [];
  for (const found of front) {
    const same = groups.find(([first]) =>
      definite(first).values.every((value, i) => nearlyEqual(value, itemAt(found.values, i))),
    );
    if (same) same.push(found);
    else groups.push([found]);
  }
  return groups.map((group) => {
    const all = [...group].sort((a, b) => compareInOrder(buyingEffort(a), buyingEffort(b)));
    return { lead: firstOf(all), all };
  });
}

/** How far a setup is from being bought in the next shop, the weightiest first: less is likelier. */
function buyingEffort({ build, cassette, metrics }: Found): readonly number[] {
  return [
    build.buy.filter(({ comesWith }) => !comesWith).length,
    build.lessCommon ? 1 : 0,
    build.cost,
    build.capacityRequiredT,
    metrics.easiestDevelopmentM,
    lastOf(cassette.cogs),
  ];
}
