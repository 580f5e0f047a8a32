import {
  DRILL_KINDS,
  FIRST_STANDING,
  fingerprintOf,
  newDrill,
  nextKind,
  seedAfter,
  type DrillKind,
  type Level,
  type Question,
} from '../../../core/lesson';
import type { LearnerRecord } from '../../../records';
import type { LearnBike } from '../learner/useLearn';
import { dueOf } from './skill-rows';

interface AskedDrill {
  readonly question: Question<DrillKind>;
  readonly level: Level;
}

/** The next question of a learner: what is due, at their level, and new. */
export function ask(
  learner: LearnerRecord,
  bike: LearnBike,
  only: DrillKind | undefined,
  previous: Question<DrillKind> | undefined,
  nowMs: number,
): AskedDrill {
  const kinds = only ? [only] : DRILL_KINDS;
  const kind = nextKind(kinds, dueOf(learner), nowMs, previous?.kind);
  const { level, lately = [] } = { ...FIRST_STANDING, ...learner.skills[kind] };
  // What was answered a moment ago may not have come back from the store yet.
  const asked = previous ? [...lately, fingerprintOf(previous)] : lately;
  const own = bike.isExample ? [] : bike.lesson.setups;
  return {
    question: newDrill(kind, seedAfter(learner.seed, learner.answered), { level, own }, asked),
    level,
  };
}
