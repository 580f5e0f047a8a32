import { matchesSlot, SLOTS, type FittedSetup, type PartData, type StockKind, type Slot } from '../parts';
import type { StockPart } from './build';

/** A part available to a job: unused in stock, or on the shopping list. */
export interface StockCandidate extends StockPart {
  readonly kind: StockKind;
  readonly data: PartData;
}

/** Places for which a part is found by what it is. */
type StockSlot = Slot | 'freehub';

/**
 * Finds parts that suit a setup, for the places in which none was chosen: nothing is bought that is there. What is
 * on the list to be bought gives its price and weight if no suitable part is available.
 */
export function inStockFor(
  setup: FittedSetup,
  candidates: readonly StockCandidate[],
  taken: ReadonlySet<Slot>,
): readonly (readonly [StockSlot, StockPart])[] {
  const { cassetteSpline } = setup.parts;
  const found = SLOTS.filter((slot) => !taken.has(slot)).map((slot): [StockSlot, StockCandidate | undefined] => [
    slot,
    slot === 'chain'
      ? longestChain(candidates, setup.cogs.length)
      : theFirst(candidates, (part) => matchesSlot(slot, setup, part)),
  ]);
  const body = theFirst(
    candidates,
    ({ kind, data }) => kind === 'freehub' && data.spline !== undefined && data.spline === cassetteSpline,
  );
  return [...found, ['freehub', body] as const].flatMap(([slot, part]) => {
    if (!part) return [];
    const { kind: _kind, data: _data, ...stock } = part;
    return [[slot, stock] as const];
  });
}

/** The first unused one; else the first. */
function theFirst(
  candidates: readonly StockCandidate[],
  suits: (part: StockCandidate) => boolean,
): StockCandidate | undefined {
  const suiting = candidates.filter(suits);
  return suiting.find(({ inStock }) => inStock) ?? suiting[0];
}

/** A chain made for as many speeds as there are cogs; of several that lie free the longest. */
function longestChain(candidates: readonly StockCandidate[], cogs: number): StockCandidate | undefined {
  const suiting = candidates
    .filter(({ kind, data }) => kind === 'chain' && data.chainSpeeds === Math.max(8, cogs))
    .sort((a, b) => (b.data.chainLinks ?? 0) - (a.data.chainLinks ?? 0));
  return suiting.find(({ inStock }) => inStock) ?? suiting[0];
}
