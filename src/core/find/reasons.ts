import { nearlyEqual } from '../numbers';
import type { FindAim } from './aims';
import type { Found } from './found';

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
 * The shortest thing that can be said for each member of a front: best in an aim, the most important
 * first; else best in one among those no worse in another.
 */
export function reasons(front: readonly Found[], aims: readonly FindAim[]): Reason[] {
  const spans = aims.map((_, a) => {
    const values = front.map((one) => one.values[a]!);
    return { best: Math.min(...values), worst: Math.max(...values) };
  });
  return front.map((one) => ({ ...whyOf(one), givesUp: costOfIt(one) }));

  function whyOf(one: Found): Omit<Reason, 'givesUp'> {
    for (const [a, aim] of aims.entries()) {
      if (spans[a]!.best === spans[a]!.worst || !nearlyEqual(one.values[a]!, spans[a]!.best)) continue;
      return { bestIn: aim, among: undefined, sharedBy: equals(front, a, one) };
    }
    for (const [a, aim] of aims.entries()) {
      for (const [b, among] of aims.entries()) {
        if (a === b || spans[b]!.best === spans[b]!.worst) continue;
        const rivals = front.filter(
          ({ values }) => values[b]! <= one.values[b]! || nearlyEqual(values[b]!, one.values[b]!),
        );
        // Among all of them, or with nobody else, the other aim would say nothing.
        if (rivals.length === 1 || rivals.length === front.length) continue;
        const least = Math.min(...rivals.map(({ values }) => values[a]!));
        if (nearlyEqual(one.values[a]!, least)) return { bestIn: aim, among, sharedBy: equals(rivals, a, one) };
      }
    }
    return { bestIn: undefined, among: undefined, sharedBy: 1 };
  }

  function equals(among: readonly Found[], a: number, one: Found): number {
    return among.filter(({ values }) => nearlyEqual(values[a]!, one.values[a]!)).length;
  }

  function costOfIt(one: Found): Reason['givesUp'] {
    let most = 0;
    let givesUp: Reason['givesUp'];
    for (const [a, aim] of aims.entries()) {
      const { best, worst } = spans[a]!;
      const behind = worst > best ? (one.values[a]! - best) / (worst - best) : 0;
      if (behind <= most || nearlyEqual(one.values[a]!, best)) continue;
      most = behind;
      const leader = front.find(({ values }) => values[a] === best)!;
      givesUp = { aim, value: one.values[a]!, best: leader, bestValue: best };
    }
    return givesUp;
  }
}
