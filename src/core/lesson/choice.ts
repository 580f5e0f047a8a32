import { DRILL_KINDS, type DrillKind } from './kinds';
import { firstOf, definite } from '../items';

/** When each kind is due again, milliseconds since 1970. */
export type DueMs = Readonly<Partial<Record<DrillKind, number>>>;

/** Kinds whose time has come, the longest overdue first. */
export function dueKinds(dueMs: DueMs, nowMs: number): DrillKind[] {
  const due = (kind: DrillKind) => dueMs[kind] ?? Infinity;
  return DRILL_KINDS.filter((kind) => due(kind) <= nowMs).sort((a, b) => due(a) - due(b));
}

/**
 * Selects the next kind of question: due ones first, then new ones, then the one due soonest; not the same
 * kind twice running where there is another.
 */
export function nextKind(
  kinds: readonly DrillKind[],
  dueMs: DueMs,
  nowMs: number,
  previous: DrillKind | undefined,
): DrillKind {
  const due = dueKinds(dueMs, nowMs);
  const fresh = kinds.filter((kind) => dueMs[kind] === undefined);
  const later = kinds
    .filter((kind) => (dueMs[kind] ?? -Infinity) > nowMs)
    .sort((a, b) => definite(dueMs[a]) - definite(dueMs[b]));
  const inOrder = [...due.filter((kind) => kinds.includes(kind)), ...fresh, ...later];
  return inOrder.find((kind) => kind !== previous) ?? firstOf(inOrder);
}
