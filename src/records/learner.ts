import { z } from 'zod';
import { DRILL_KINDS, LESSON_IDS, type DrillKind, type LessonId } from '../core/lesson/kinds';
import { LEVELS, type Standing } from '../core/lesson/level';
import { MISTAKES, type Mistake } from '../core/lesson/question';
import type { Migration } from './migration';
import { idSchema, nameSchema, timeSchema } from './text';

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

/** What a learner has shown at one kind of drill. */
export interface Skill extends Standing {
  readonly asked: number;
  readonly right: number;
  /** How often each mistake that has a name was made. */
  readonly mistakes: Readonly<Partial<Record<Mistake, number>>>;
  /** Fingerprints of the last questions, so that they do not come again. */
  readonly lately: readonly number[];
  readonly memory: Memory;
}

export interface LessonMark {
  readonly atMs: number;
  /** Whether the prediction at its end was right. */
  readonly wasRight: boolean;
}

/** Someone who learns here, with what they have done. */
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
const SEED_MAX = 2 ** 32 - 1;

const count = z.int().min(0);

const memorySchema = z.strictObject({
  dueMs: timeSchema,
  lastMs: timeSchema,
  phase: z.enum(MEMORY_PHASES),
  shortSteps: count,
  stabilityDays: z.number().min(0),
  difficulty: z.number().min(0).max(10),
  intervalDays: z.number().min(0),
  repetitions: count,
  lapses: count,
});

const skillSchema = z
  .strictObject({
    level: z.literal(LEVELS),
    run: z.int(),
    asked: count,
    right: count,
    mistakes: z.partialRecord(z.enum(MISTAKES), count),
    lately: z.array(z.int().min(0).max(SEED_MAX)).max(LATELY_MAX),
    memory: memorySchema,
  })
  .refine(({ asked, right }) => right <= asked, {
    error: ({ input }) => {
      const { asked, right } = input as Skill;
      return `${right} right answers of ${asked}: at most ${asked}`;
    },
  });

export const learnerSchema: z.ZodType<LearnerRecord> = z.strictObject({
  id: idSchema,
  name: nameSchema,
  createdAtMs: timeSchema,
  seed: z.int().min(0).max(SEED_MAX),
  answered: count,
  lessons: z.partialRecord(z.enum(LESSON_IDS), z.strictObject({ atMs: timeSchema, wasRight: z.boolean() })),
  skills: z.partialRecord(z.enum(DRILL_KINDS), skillSchema),
});

export const LEARNER_DEFAULTS = { answered: 0, lessons: {}, skills: {} } as const;

export const LEARNER_MIGRATIONS: readonly Migration[] = [
  { toVersion: 8, name: 'learners are kept', table: 'learners', up: (learner) => learner },
];
