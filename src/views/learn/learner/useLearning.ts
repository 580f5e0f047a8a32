'use client';

import { useWorkspace } from '../../../features/workspace/WorkspaceProvider';
import type { LearnerRecord } from '../../../records';
import {
  addLearner,
  keepAnswer,
  keepLesson,
  readLearners,
  removeLearner,
  renameLearner,
  useDb,
  type DrillAnswer,
  useLive,
} from '../../../store';
import type { LessonId } from '../../../core/lesson';
import { anyWhole } from './chance';

export interface Learning {
  readonly learners: readonly LearnerRecord[];
  /** The current learner, if any. */
  readonly learner: LearnerRecord | undefined;
  readonly add: (name: string) => void;
  readonly choose: (id: string) => void;
  readonly rename: (id: string, name: string) => void;
  readonly remove: (learner: LearnerRecord) => void;
  readonly answer: (answer: DrillAnswer) => void;
  readonly finishLesson: (lesson: LessonId, wasRight: boolean) => void;
}

/** Who learns here, and what they do is kept; undefined until it has been read. */
export function useLearning(): Learning | undefined {
  const db = useDb();
  const state = useWorkspace();
  const learners = useLive(db, readLearners);
  if (state.kind !== 'ready' || !learners) return undefined;
  const { preferences, edits } = state;
  const learner = learners.find(({ id }) => id === preferences.currentLearnerId) ?? learners[0];
  const { write } = edits;
  return {
    learners,
    learner,
    add: (name) => write(() => addLearner(db, name, anyWhole(), Date.now())),
    choose: (currentLearnerId) => edits.editPreferences({ currentLearnerId }),
    rename: (id, name) => write(() => renameLearner(db, id, name, Date.now())),
    remove: (one) => write(() => removeLearner(db, one, Date.now())),
    answer: (answer) => learner && write(() => keepAnswer(db, learner.id, answer, Date.now())),
    finishLesson: (lesson, wasRight) =>
      learner && write(() => keepLesson(db, learner.id, lesson, wasRight, Date.now())),
  };
}
