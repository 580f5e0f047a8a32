import type { DrillKind, LessonId } from '../core/lesson/kinds';
import type { Standing } from '../core/lesson/level';
import type { Mistake } from '../core/lesson/question';
import type { Migration } from './migration';

export const MEMORY_PHASES = ['new', 'learning', 'review', 'relearning'] as const;

/** How well something is remembered, in the terms of the scheduler of repetitions. */
export interface Memory {
  readonly dueMs: number;
  readonly lastMs: number;
  readonly phase: (typeof MEMORY_PHASES)[number];
  /** Short repetitions within the phase that are behind. */
  readonly shortSteps: number;
  /** Days after which it would still be remembered nine times out of ten. */
  readonly stabilityDays: number;
  /** 1 easy to 10 hard. */
  readonly difficulty: number;
  readonly intervalDays: number;
  readonly repetitions: number;
  readonly lapses: number;
}

/** A learner's progress in one kind of drill. */
export interface Skill extends Standing {
  readonly asked: number;
  readonly right: number;
  /** How often each mistake that has a name was made. */
  readonly mistakes: Readonly<Partial<Record<Mistake, number>>>;
  /** Fingerprints of the last questions, so that they do not come again. */
  readonly lately: readonly number[];
  readonly memory: Memory;
}

interface LessonMark {
  readonly atMs: number;
  /** Whether the prediction at its end was right. */
  readonly wasRight: boolean;
}

/** A learner with their progress. */
export interface LearnerRecord {
  readonly id: string;
  readonly name: string;
  readonly createdAtMs: number;
  /** What the learner's questions are drawn from, 0 to 2³² − 1. */
  readonly seed: number;
  /** Questions that were answered; with the seed it gives the next. */
  readonly answered: number;
  readonly lessons: Readonly<Partial<Record<LessonId, LessonMark>>>;
  readonly skills: Readonly<Partial<Record<DrillKind, Skill>>>;
}

export const LATELY_MAX = 100;

export const LEARNER_DEFAULTS = { answered: 0, lessons: {}, skills: {} } as const;

export const LEARNER_MIGRATIONS: readonly Migration[] = [
  { toVersion: 8, name: 'learners are kept', table: 'learners', up: (learner) => learner },
];
