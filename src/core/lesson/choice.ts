import { DRILL_KINDS, type DrillKind } from './kinds';

/** When each kind that was asked before is due again, milliseconds since 1970. */
export type DueMs = Readonly<Partial<Record<DrillKind, number>>>;

/** Kinds whose time has come, the longest overdue first. */
export function dueKinds(dueMs: DueMs, nowMs: number): DrillKind[] {
  const due = (kind: DrillKind) => dueMs[kind] ?? Infinity;
  return DRILL_KINDS.filter((kind) => due(kind) <= nowMs).sort((a, b) => due(a) - due(b));
}

/**
 * What to ask next: what is due, then what was never asked, then what is due soonest; not the same
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
  const later = kinds.filter((kind) => (dueMs[kind] ?? -Infinity) > nowMs).sort((a, b) => dueMs[a]! - dueMs[b]!);
  const inOrder = [...due.filter((kind) => kinds.includes(kind)), ...fresh, ...later];
  return inOrder.find((kind) => kind !== previous) ?? inOrder[0]!;
}
