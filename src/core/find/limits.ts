import type { FindAim } from './aims';
import type { Found } from './found';
import { itemAt } from '../items';

/** From the best value of an aim in a front to its worst; less is better. */
export interface AimSpan {
  readonly aim: FindAim;
  readonly best: number;
  readonly worst: number;
}

export function aimSpans(front: readonly Found[], aims: readonly FindAim[]): AimSpan[] {
  return aims.map((aim, a) => {
    const values = front.map((one) => itemAt(one.values, a));
    return { aim, best: Math.min(...values), worst: Math.max(...values) };
  });
}

/**
 * Those of a front that stay within limits on its aims, by their places. They are also those that none
 * dominates among all setups within the limits: a setup that dominates one of them is within them as well.
 * @param limits maximum of each criterion; undefined if there is none
 */
export function withinLimits(front: readonly Found[], limits: readonly (number | undefined)[]): number[] {
  return front.flatMap(({ values }, place) =>
    values.every((value, a) => limits[a] === undefined || value <= limits[a]) ? [place] : [],
  );
}

/** The two aims that part a front best, for a picture: those with most different values; of equals the more important. */
export function partingAims(front: readonly Found[], aims: readonly FindAim[]): readonly FindAim[] {
  const different = aims.map((_, a) => new Set(front.map(({ values }) => values[a])).size);
  const order = aims.map((_, a) => a).sort((a, b) => itemAt(different, b) - itemAt(different, a) || a - b);
  return order
    .slice(0, 2)
    .sort((a, b) => a - b)
    .map((a) => itemAt(aims, a));
}
