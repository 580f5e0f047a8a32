import { nearlyEqual } from '../numbers';
import type { FindAim } from './aims';
import type { Found } from './found';
import type { Miss } from './misses';
import { LAYOUTS, type Layout } from './ring-choices';
import type { FindResult } from './search';
import { itemAt } from '../items';

/** Compares 1x with 2x by a search: the best of each that meets the brief, and what would change the answer. */
export interface LayoutAdvice {
  readonly kind: 'both' | 'only' | 'neither' | 'notSearched';
  /** For `only`: the layout that meets the needs. For `both`: the layout favoured by the first aim on which they differ. */
  readonly layout: Layout | undefined;
  readonly searched: readonly Layout[];
  readonly sides: Readonly<
    Record<Layout, { readonly best: Found | undefined; readonly closest: Miss | undefined; readonly met: number }>
  >;
  /** The aims in which the two differ, in order, and which is better in each. */
  readonly speaks: readonly { readonly aim: FindAim; readonly layout: Layout }[];
}

/** @param searched the layouts that were searched */
export function layoutAdvice(
  { layouts }: FindResult,
  aims: readonly FindAim[],
  searched: readonly Layout[],
): LayoutAdvice {
  const side = (layout: Layout) => {
    const { best, closest, met } = layouts[layout];
    return { best, met, closest: best ? undefined : closest[0] };
  };
  const sides = { '1x': side('1x'), '2x': side('2x') };
  const [one, two] = [sides['1x'].best, sides['2x'].best];
  const speaks =
    one && two
      ? aims.flatMap((aim, a) => {
          const [ofOne, ofTwo] = [itemAt(one.values, a), itemAt(two.values, a)];
          return nearlyEqual(ofOne, ofTwo) ? [] : [{ aim, layout: LAYOUTS[ofOne < ofTwo ? 0 : 1] }];
        })
      : [];
  if (searched.length < 2) return { kind: 'notSearched', layout: undefined, searched, sides, speaks };
  if (one && two) return { kind: 'both', layout: speaks[0]?.layout, searched, sides, speaks };
  if (one ?? two) return { kind: 'only', layout: one ? '1x' : '2x', searched, sides, speaks };
  return { kind: 'neither', layout: undefined, searched, sides, speaks };
}
