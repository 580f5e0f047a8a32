import { isSameDerailleur, type CheckId, type Count, type DerailleurMark, type Experience } from '../fit';
import type { Outcome } from '../job';

/** A job that is over, as far as others can learn from it. */
interface TriedSetup {
  readonly outcome: Outcome;
  readonly derailleur?: DerailleurMark | undefined;
  /** Published limits that it passed; of one that was put back those that are named as the cause. */
  readonly passed: readonly { readonly id: CheckId; readonly overT: number }[];
}

/** What each limit that was passed came to. A bike that works with notes works. */
export function experienceOf(tried: readonly TriedSetup[]): Experience[] {
  return tried.flatMap(({ outcome, passed, derailleur }) =>
    passed.map(({ id, overT }) => ({ id, overT, worked: outcome !== 'reverted', derailleur })),
  );
}

/** Jobs that exceeded a limit by exactly this much: with the given derailleur, and with others. */
export interface OutcomeRow {
  readonly id: CheckId;
  readonly overT: number;
  readonly own: Count;
  readonly others: Count;
}

const NONE: Count = { worked: 0, reverted: 0 };

/** Outcomes by limit and how far it was passed, in the order of the limits' names, the least first. */
export function outcomeRows(experience: readonly Experience[], asked: DerailleurMark | undefined): OutcomeRow[] {
  const rows = new Map<string, OutcomeRow>();
  for (const { id, overT, worked, derailleur } of experience) {
    const key = `${id} ${overT}`;
    const row = rows.get(key) ?? { id, overT, own: NONE, others: NONE };
    const isOwn = asked !== undefined && derailleur !== undefined && isSameDerailleur(id, asked, derailleur);
    const side = isOwn ? 'own' : 'others';
    const how = worked ? 'worked' : 'reverted';
    rows.set(key, { ...row, [side]: { ...row[side], [how]: row[side][how] + 1 } });
  }
  return [...rows.values()].sort((a, b) => (a.id === b.id ? a.overT - b.overT : a.id < b.id ? -1 : 1));
}
