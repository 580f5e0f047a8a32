import { z } from 'zod';
import { DRILL_KINDS, LESSON_IDS } from '../../core/lesson/kinds';
import { LEVELS } from '../../core/lesson/level';
import { MISTAKES } from '../../core/lesson/question';
import { countSchema, idSchema, nameSchema, timeSchema } from './text';
import { MEMORY_PHASES, type Skill, type LearnerRecord, LATELY_MAX } from '../learner';
import { t } from '../words';

const SEED_MAX = 2 ** 32 - 1;

/** A century: the scheduler of repetitions looks no farther. */
const daysSchema = z.number().min(0).max(36_500);

const memorySchema = z.strictObject({
  dueMs: timeSchema,
  lastMs: timeSchema,
  phase: z.enum(MEMORY_PHASES),
  shortSteps: countSchema,
  stabilityDays: daysSchema,
  difficulty: z.number().min(0).max(10),
  intervalDays: daysSchema,
  repetitions: countSchema,
  lapses: countSchema,
});

const skillSchema = z
  .strictObject({
    level: z.literal(LEVELS),
    run: z.int().min(-10_000_000).max(10_000_000),
    asked: countSchema,
    right: countSchema,
    mistakes: z.partialRecord(z.enum(MISTAKES), countSchema),
    lately: z.array(z.int().min(0).max(SEED_MAX)).max(LATELY_MAX),
    memory: memorySchema,
  })
  .refine(({ asked, right }) => right <= asked, {
    error: ({ input }) => {
      const { asked, right } = input as Skill;
      return t('refused.rightAnswers', { right, asked, most: asked });
    },
  });

export const learnerSchema: z.ZodType<LearnerRecord> = z.strictObject({
  id: idSchema,
  name: nameSchema,
  createdAtMs: timeSchema,
  seed: z.int().min(0).max(SEED_MAX),
  answered: countSchema,
  lessons: z.partialRecord(z.enum(LESSON_IDS), z.strictObject({ atMs: timeSchema, wasRight: z.boolean() })),
  skills: z.partialRecord(z.enum(DRILL_KINDS), skillSchema),
});
