import { z } from 'zod';
import { CHECK_GROUPS, type CheckId } from '../../core/fit';
import { PART_MASS_G, PART_PRICE, SLOTS } from '../../core/shelf';
import {
  CHAIN_CHOICES,
  DESCRIBED_SLOTS,
  ENDINGS,
  JOINTS,
  OUTCOMES,
  SCALE_RESOLUTION_G,
  STEP_IDS,
  SWAP_KINDS,
  SYMPTOMS,
  type ReadingId,
} from '../../core/job';
import { CHAIN_LINKS } from '../../core/fit';
import { boundedSchema, freehubSchema } from './drivetrain';
import { gearPairsSchema, setupSchema } from './setup';
import { currencySchema, dateSchema, idSchema, nameSchema, noteSchema, timeSchema } from './text';
import { JOB_STATES, READING, TRIAL_SUBJECTS, type JobPart, type JobSide, type JobRecord } from '../job';
import { t } from '../words';

const checkIds = Object.values(CHECK_GROUPS).flat() as [CheckId, ...CheckId[]];

const jobPartSchema: z.ZodType<JobPart> = z.strictObject({
  id: idSchema,
  name: nameSchema,
  massG: boundedSchema(PART_MASS_G, t('term.weight'), 'g').optional(),
  price: boundedSchema(PART_PRICE, t('term.price'), t('term.inItsCurrency')).optional(),
  currency: currencySchema.optional(),
  chainLinks: boundedSchema(CHAIN_LINKS, t('term.chain'), 'links').optional(),
});

const jobSideSchema: z.ZodType<JobSide> = z.strictObject({
  setup: setupSchema,
  freehub: freehubSchema.optional(),
  parts: z.partialRecord(z.enum(SLOTS), jobPartSchema),
});

const READING_IDS = [
  'links',
  'speeds',
  'shifterSpeeds',
  'gapMm',
  'turns',
  'spacerMm',
  'cageHeightMm',
  'clearanceMm',
  'km',
  'wearPercent',
  ...JOINTS.map((joint) => `torque.${joint}` as const),
] as const satisfies readonly ReadingId[];

const findingSchema = z.strictObject({
  symptom: z.enum(SYMPTOMS),
  ending: z.enum(ENDINGS).optional(),
  gears: gearPairsSchema.optional(),
  dropsCogs: z.int().min(1).max(14).optional(),
});

/** A reading is kept as typed, plausible or not: the card says what it thinks of it. */
const stepProgressSchema = z.strictObject({
  doneAtMs: timeSchema.optional(),
  skipped: z.boolean().optional(),
  values: z.partialRecord(z.enum(READING_IDS), z.number().min(READING.min).max(READING.max)).optional(),
  note: noteSchema.optional(),
  findings: z.array(findingSchema).max(100).optional(),
});

const swapWorkSchema = z.strictObject({
  kind: z.literal('swap'),
  from: jobSideSchema,
  to: jobSideSchema,
  chain: z.enum(CHAIN_CHOICES),
  newChain: z.boolean(),
  weighs: z.boolean(),
  usesQuickLink: z.boolean(),
  checksHanger: z.boolean().optional(),
  keeps: z.array(z.enum(DESCRIBED_SLOTS)).max(DESCRIBED_SLOTS.length).optional(),
  isReturn: z.boolean().optional(),
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
      swapWorkSchema,
      z.strictObject({ kind: z.literal('recheck'), ofJobId: idSchema, afterKm: z.number().min(0).max(10_000) }),
      z.strictObject({ kind: z.literal('trial'), about: z.enum(TRIAL_SUBJECTS), side: jobSideSchema }),
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
          resolutionG: boundedSchema(SCALE_RESOLUTION_G, t('term.resolution'), 'g'),
        }),
      )
      .max(200),
    bought: z.array(z.string().min(1).max(60)).max(60),
    swapKind: z.enum(SWAP_KINDS).optional(),
    outcome: z.enum(OUTCOMES).optional(),
    outcomeNote: noteSchema.optional(),
    finishedAtMs: timeSchema.optional(),
    passed: z
      .array(z.strictObject({ id: z.enum(checkIds), overT: z.number().min(0).max(100) }))
      .max(20)
      .optional(),
  })
  .refine(({ state, finishedAtMs }) => (state === 'done') === (finishedAtMs !== undefined), {
    error: t('refused.jobDone'),
    path: ['state'],
  });
