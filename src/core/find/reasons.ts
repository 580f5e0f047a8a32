import { nearlyEqual } from '../numbers';
import type { FindAim } from './aims';
import type { Found } from './found';
import { itemAt, definite } from '../items';

/** Why a setup is among those that none beats, and what it gives up for it. */
export interface Reason {
  /** What it is best in; undefined where only all aims together speak for it. */
  readonly bestIn: FindAim | undefined;
  /** It is best among those that are no worse than it in this; undefined where it is best of all. */
  readonly among: FindAim | undefined;
  /** How many share that best. */
  readonly sharedBy: number;
  /** Where it is farthest behind the best, by the span of the front; undefined where it is behind in nothing. */
  readonly givesUp:
    { readonly aim: FindAim; readonly value: number; readonly best: Found; readonly bestValue: number } | undefined;
}

/**
 * Finds the simplest reason for each member of a front: best in a criterion, the most important
 * first; else best in one among those no worse in another.
 */
export function reasons(front: readonly Found[], aims: readonly FindAim[]): Reason[] {
  const spans = aims.map((_, a) => {
    const values = front.map((one) => itemAt(one.values, a));
    return { best: Math.min(...values), worst: Math.max(...values) };
  });
  return front.map((one) => ({ ...whyOf(one), givesUp: costOfIt(one) }));

  function whyOf(one: Found): Omit<Reason, 'givesUp'> {
    for (const [a, aim] of aims.entries()) {
      if (
        itemAt(spans, a).best === itemAt(spans, a).worst ||
        !nearlyEqual(itemAt(one.values, a), itemAt(spans, a).best)
      )
        continue;
      return { bestIn: aim, among: undefined, sharedBy: equals(front, a, one) };
    }
    for (const [a, aim] of aims.entries()) {
      for (const [b, among] of aims.entries()) {
        if (a === b || itemAt(spans, b).best === itemAt(spans, b).worst) continue;
        const rivals = front.filter(
          ({ values }) =>
            itemAt(values, b) <= itemAt(one.values, b) || nearlyEqual(itemAt(values, b), itemAt(one.values, b)),
        );
        // Among all of them, or none, the other criterion would add nothing.
        if (rivals.length === 1 || rivals.length === front.length) continue;
        const least = Math.min(...rivals.map(({ values }) => itemAt(values, a)));
        if (nearlyEqual(itemAt(one.values, a), least)) return { bestIn: aim, among, sharedBy: equals(rivals, a, one) };
      }
    }
    return { bestIn: undefined, among: undefined, sharedBy: 1 };
  }

  function equals(among: readonly Found[], a: number, one: Found): number {
    return among.filter(({ values }) => nearlyEqual(itemAt(values, a), itemAt(one.values, a))).length;
  }

  function costOfIt(one: Found): Reason['givesUp'] {
    let most = 0;
    let givesUp: Reason['givesUp'];
    for (const [a, aim] of aims.entries()) {
      const { best, worst } = itemAt(spans, a);
      const behind = worst > best ? (itemAt(one.values, a) - best) / (worst - best) : 0;
      if (behind <= most || nearlyEqual(itemAt(one.values, a), best)) continue;
      most = behind;
      const leader = definite(front.find(({ values }) => values[a] === best));
      givesUp = { aim, value: itemAt(one.values, a), best: leader, bestValue: best };
    }
    return givesUp;
  }
}
