import { z } from 'zod';
import { DRILL_KINDS, LESSON_IDS } from '../../core/lesson/kinds';
import { LEVELS } from '../../core/lesson/level';
import { MISTAKES } from '../../core/lesson/question';
import { idSchema, nameSchema, timeSchema } from './text';
import { MEMORY_PHASES, type Skill, type LearnerRecord, LATELY_MAX } from '../learner';

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
