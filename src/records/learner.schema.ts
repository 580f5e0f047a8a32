import { z } from 'zod';
import { DRILL_KINDS, LESSON_IDS } from '../core/lesson/kinds';
import { LEVELS } from '../core/lesson/level';
import { MISTAKES } from '../core/lesson/question';
import { countSchema, idSchema, nameSchema, timeSchema } from './field-schemas';
import { MEMORY_PHASES, LATELY_MAX } from './learner';
import { t } from './words';
import type { Saved } from './saved';

const SEED_MAX = 2 ** 32 - 1;

/** A century: the scheduler of repetitions looks no farther. */
const daysSchema = z.number().min(0).max(36_500);

const memorySchema = z.strictObject({
  dueMs: timeSchema,
  lastMs: timeSchema,
  phase: z.enum(MEMORY_PHASES),
  /** Short repetitions within the phase that are behind. */
  shortSteps: countSchema,
  /** Days after which it would still be remembered nine times out of ten. */
  stabilityDays: daysSchema,
  /** 1 easy to 10 hard. */
  difficulty: z.number().min(0).max(10),
  intervalDays: daysSchema,
  repetitions: countSchema,
  lapses: countSchema,
});

/** How well something is remembered, in the terms of the scheduler of repetitions. */
export type Memory = Saved<typeof memorySchema>;

const skillSchema = z
  .strictObject({
    level: z.literal(LEVELS),
    run: z.int().min(-10_000_000).max(10_000_000),
    asked: countSchema,
    right: countSchema,
    /** How often each mistake that has a name was made. */
    mistakes: z.partialRecord(z.enum(MISTAKES), countSchema),
    /** Fingerprints of the last questions, so that they do not come again. */
    lately: z.array(z.int().min(0).max(SEED_MAX)).max(LATELY_MAX),
    memory: memorySchema,
  })
  .refine(({ asked, right }) => right <= asked, {
    error: ({ input }) => {
      const { asked, right } = input as { readonly asked: number; readonly right: number };
      return t('refused.rightAnswers', { right, asked, most: asked });
    },
  });

/** A learner's progress in one kind of drill. */
export type Skill = Saved<typeof skillSchema>;

export const learnerSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  createdAtMs: timeSchema,
  /** What the learner's questions are drawn from, 0 to 2³² − 1. */
  seed: z.int().min(0).max(SEED_MAX),
  /** Questions that were answered; with the seed it gives the next. */
  answered: countSchema,
  lessons: z.partialRecord(
    z.enum(LESSON_IDS),
    z.strictObject({
      atMs: timeSchema,
      /** Whether the prediction at its end was right. */
      wasRight: z.boolean(),
    }),
  ),
  skills: z.partialRecord(z.enum(DRILL_KINDS), skillSchema),
});

/** A learner with their progress. */
export type LearnerRecord = Saved<typeof learnerSchema>;
