import { nanoid } from 'nanoid';
import type { LessonId } from '../core/lesson';
import { LEARNER_DEFAULTS, type LearnerRecord } from '../records';
import { change } from './change';
import type { RontelDatabase } from './db';
import { afterAnswer, type DrillAnswer } from './progress';
import { setPreferences } from './workshop';
import { t } from './words';

/** Reads all learners in the order of creation. */
export async function readLearners(db: RontelDatabase): Promise<LearnerRecord[]> {
  const learners = await db.learners.toArray();
  return learners.sort((a, b) => a.createdAtMs - b.createdAtMs || a.id.localeCompare(b.id));
}

/** Adds a learner and selects them. @param seed random, 0 to 2³² − 1 */
export async function addLearner(db: RontelDatabase, name: string, seed: number, now: number): Promise<string> {
  const id = nanoid();
  await change(db, { label: t('undo.learner', { name }), now }, (draft) =>
    draft.put('learners', { ...LEARNER_DEFAULTS, id, name, createdAtMs: now, seed }),
  );
  await setPreferences(db, { currentLearnerId: id });
  return id;
}

export async function renameLearner(db: RontelDatabase, id: string, name: string, now: number): Promise<void> {
  await change(db, { label: t('undo.learnerName', { name }), now }, (draft) =>
    draft.update('learners', id, (learner) => ({ ...learner, name })),
  );
}

/** Deletes a learner with all progress; can be undone. */
export async function removeLearner(db: RontelDatabase, { id, name }: LearnerRecord, now: number): Promise<void> {
  await change(db, { label: t('undo.removeLearner', { name }), now }, (draft) => draft.remove('learners', id));
}

/** Saves an answer to a drill as one undo step. */
export async function keepAnswer(db: RontelDatabase, id: string, answer: DrillAnswer, now: number): Promise<void> {
  await change(db, { label: t('undo.answer'), now }, (draft) =>
    draft.update('learners', id, (learner) => afterAnswer(learner, answer, now)),
  );
}

/** Saves that a lesson was completed; the latest completion counts. */
export async function keepLesson(
  db: RontelDatabase,
  id: string,
  lesson: LessonId,
  wasRight: boolean,
  now: number,
): Promise<void> {
  await change(db, { label: 'lesson', now }, (draft) =>
    draft.update('learners', id, (learner) => ({
      ...learner,
      lessons: { ...learner.lessons, [lesson]: { atMs: now, wasRight } },
    })),
  );
}
