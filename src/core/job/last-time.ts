import { isOtherDerailleur } from '../fit';
import { sameTeeth } from '../catalog/cassettes';
import type { Build } from './build';
import type { Outcome, Progress } from './progress';

/** A finished swap of the same bike. */
export interface PastSwap {
  readonly from: Pick<Build, 'setup' | 'rearDerailleur' | 'parts' | 'wheels'>;
  readonly to: Pick<Build, 'setup' | 'rearDerailleur' | 'parts' | 'wheels'>;
  readonly progress: Progress;
  readonly outcome: Outcome;
  readonly finishedAtMs: number;
}

/** Facts of a swap from an earlier one, in either direction. */
export interface LastTime {
  /** B-tension screw, turns in (clockwise); below 0 out. */
  readonly turns: number | undefined;
  /** B-gap with which the new cassette worked, mm. */
  readonly gapMm: number | undefined;
  /** Spacers behind the new cassette, mm. */
  readonly spacerMm: number | undefined;
}

export const NOTHING_KNOWN: LastTime = { turns: undefined, gapMm: undefined, spacerMm: undefined };

/** Returns the results of the latest swaps between these two cassettes, with the same derailleur and wheels. */
export function lastTimeOf(past: readonly PastSwap[], from: PastSwap['from'], to: PastSwap['to']): LastTime {
  const worked = past
    .filter(({ outcome }) => outcome === 'works' || outcome === 'worksWithNotes')
    .sort((a, b) => b.finishedAtMs - a.finishedAtMs);
  const turns = worked.flatMap((swap) => {
    const turned = swap.progress.bGap?.values?.turns;
    if (turned === undefined) return [];
    if (isSame(swap.from, from) && isSame(swap.to, to)) return [turned];
    // The return swap reverses the turns.
    return isSame(swap.from, to) && isSame(swap.to, from) ? [-turned || 0] : [];
  });
  // What was read with this cassette on: after a swap to it, or before one away from it.
  const gaps = worked.flatMap(({ from: before, to: after, progress }) => [
    ...(isSame(after, to) ? [progress.bGap?.values?.gapMm] : []),
    ...(isSame(before, to) ? [progress.oldGap?.values?.gapMm] : []),
  ]);
  const spacers = worked.flatMap((swap) => (isSame(swap.to, to) ? [swap.progress.spacer?.values?.spacerMm] : []));
  const known = (values: readonly (number | undefined)[]) => values.find((value) => value !== undefined);
  return { turns: turns[0], gapMm: known(gaps), spacerMm: known(spacers) };
}

function isSame(a: PastSwap['from'], b: PastSwap['from']): boolean {
  return sameTeeth(a.setup.cogs, b.setup.cogs) && !isOtherDerailleur(a, b) && a.wheels?.id === b.wheels?.id;
}
