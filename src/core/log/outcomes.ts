import type { CheckId, Experience } from '../fit';
import type { Outcome } from '../swap';

/** A job that is over, as far as others can learn from it. */
export interface TriedSetup {
  readonly outcome: Outcome;
  /** Published limits that it passed. */
  readonly passed: readonly { readonly id: CheckId; readonly overT: number }[];
}

/** What each limit that was passed came to. A bike that works with notes works. */
export function experienceOf(tried: readonly TriedSetup[]): Experience[] {
  return tried.flatMap(({ outcome, passed }) =>
    passed.map(({ id, overT }) => ({ id, overT, worked: outcome !== 'reverted' })),
  );
}

/** Jobs that passed a limit by just so much. */
export interface OutcomeRow {
  readonly id: CheckId;
  readonly overT: number;
  readonly worked: number;
  readonly reverted: number;
}

/** Outcomes by limit and how far it was passed, in the order of the limits' names, the least first. */
export function outcomeRows(experience: readonly Experience[]): OutcomeRow[] {
  const rows = new Map<string, OutcomeRow>();
  for (const { id, overT, worked } of experience) {
    const key = `${id} ${overT}`;
    const row = rows.get(key) ?? { id, overT, worked: 0, reverted: 0 };
    rows.set(key, { ...row, [worked ? 'worked' : 'reverted']: row[worked ? 'worked' : 'reverted'] + 1 });
  }
  return [...rows.values()].sort((a, b) => (a.id === b.id ? a.overT - b.overT : a.id < b.id ? -1 : 1));
}
