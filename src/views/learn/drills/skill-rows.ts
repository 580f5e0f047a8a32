import { DRILL_KINDS, type DrillKind, type DueMs, type Level, type Mistake } from '../../../core/lesson';
import type { LearnerRecord } from '../../../records';

/** When each kind is due again. */
export function dueOf({ skills }: LearnerRecord): DueMs {
  return Object.fromEntries(Object.entries(skills).map(([kind, { memory }]) => [kind, memory.dueMs]));
}

/** A line of the progress table. */
interface SkillRow {
  readonly kind: DrillKind;
  /** Undefined if never asked. */
  readonly level: Level | undefined;
  readonly asked: number;
  readonly right: number;
  readonly dueMs: number | undefined;
  /** The mistake made most often, and how often. */
  readonly mistake: readonly [Mistake, number] | undefined;
}

export function skillRows({ skills }: LearnerRecord): SkillRow[] {
  return DRILL_KINDS.map((kind) => {
    const skill = skills[kind];
    const [mistake] = Object.entries(skill?.mistakes ?? {}).sort(([, a], [, b]) => b - a) as [Mistake, number][];
    return {
      kind,
      level: skill?.level,
      asked: skill?.asked ?? 0,
      right: skill?.right ?? 0,
      dueMs: skill?.memory.dueMs,
      mistake,
    };
  });
}
