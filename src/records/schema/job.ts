import { z } from 'zod';
import { CHECK_GROUPS, type CheckId } from '../../core/fit';
import { PART_MASS_G, PART_PRICE, SLOTS } from '../../core/shelf';
import { OUTCOMES, SCALE_RESOLUTION_G, STEP_IDS, SYMPTOMS } from '../../core/swap';
import { CHAIN_LINKS } from '../../core/fit';
import { boundedSchema, freehubSchema } from './drivetrain';
import { setupSchema } from './setup';
import { currencySchema, dateSchema, idSchema, nameSchema, noteSchema, timeSchema } from './text';
import { JOB_STATES, type JobPart, type JobSide, type JobRecord } from '../job';

const checkIds = Object.values(CHECK_GROUPS).flat() as [CheckId, ...CheckId[]];

const jobPartSchema: z.ZodType<JobPart> = z.strictObject({
  id: idSchema,
  name: nameSchema,
  massG: boundedSchema(PART_MASS_G, 'weight', 'g').optional(),
  price: boundedSchema(PART_PRICE, 'price', 'in its currency').optional(),
  currency: currencySchema.optional(),
  chainLinks: boundedSchema(CHAIN_LINKS, 'chain', 'links').optional(),
});

const jobSideSchema: z.ZodType<JobSide> = z.strictObject({
  setup: setupSchema,
  freehub: freehubSchema.optional(),
  parts: z.partialRecord(z.enum(SLOTS), jobPartSchema),
});

const stepProgressSchema = z.strictObject({
  doneAtMs: timeSchema.optional(),
  skipped: z.boolean().optional(),
  value: z.number().min(-1000).max(100_000).optional(),
  note: noteSchema.optional(),
  trouble: z.enum(SYMPTOMS).optional(),
  mended: z.array(z.enum(SYMPTOMS)).max(100).optional(),
});

export const jobSchema: z.ZodType<JobRecord> = z
  .strictObject({
    id: idSchema,
    bikeId: idSchema,
    name: nameSchema,
    state: z.enum(JOB_STATES),
    createdAtMs: timeSchema,
    dueOn: dateSchema.optional(),
    occasion: nameSchema.optional(),
    pairId: idSchema.optional(),
    work: z.discriminatedUnion('kind', [
      z.strictObject({
        kind: z.literal('swap'),
        from: jobSideSchema,
        to: jobSideSchema,
        newChain: z.boolean(),
        weighs: z.boolean(),
        usesQuickLink: z.boolean(),
        isReturn: z.boolean().optional(),
      }),
      z.strictObject({ kind: z.literal('recheck'), ofJobId: idSchema, afterKm: z.number().min(0).max(10_000) }),
    ]),
    progress: z.partialRecord(z.enum(STEP_IDS), stepProgressSchema),
    at: z.enum(STEP_IDS).optional(),
    runs: z.array(z.strictObject({ fromMs: timeSchema, toMs: timeSchema.optional() })).max(2000),
    weighings: z
      .array(
        z.strictObject({
          what: nameSchema,
          side: z.enum(['off', 'on']),
          together: z.boolean(),
          grams: z.number().min(0).max(50_000),
          resolutionG: boundedSchema(SCALE_RESOLUTION_G, 'resolution', 'g'),
        }),
      )
      .max(200),
    bought: z.array(z.string().min(1).max(60)).max(60),
    outcome: z.enum(OUTCOMES).optional(),
    outcomeNote: noteSchema.optional(),
    finishedAtMs: timeSchema.optional(),
    passed: z
      .array(z.strictObject({ id: z.enum(checkIds), overT: z.number().min(0).max(100) }))
      .max(20)
      .optional(),
  })
  .refine(({ state, finishedAtMs }) => (state === 'done') === (finishedAtMs !== undefined), {
    error: 'a job is done when it has a time at which it was, and only then',
    path: ['state'],
  });
