import { z } from 'zod';
import { CHECK_GROUPS, type CheckId } from '../core/fit';
import { PART_MASS_G, PART_PRICE, SLOTS } from '../core/parts';
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
} from '../core/job';
import { CHAIN_LINKS } from '../core/fit';
import { boundedSchema, freehubSchema } from './drivetrain.schema';
import { gearPairsSchema, setupSchema } from './setup.schema';
import { currencySchema, dateSchema, idSchema, nameSchema, noteSchema, timeSchema } from './field-schemas';
import { JOB_STATES, READING, TRIAL_SUBJECTS } from './job';
import { t } from './words';
import type { Saved } from './saved';

const checkIds = Object.values(CHECK_GROUPS).flat() as [CheckId, ...CheckId[]];

/** A part in stock as it was when the job was planned: the card outlives the stock. */
const jobPartSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  massG: boundedSchema(PART_MASS_G, t('term.weight'), 'g').optional(),
  price: boundedSchema(PART_PRICE, t('term.price'), t('term.inItsCurrency')).optional(),
  currency: currencySchema.optional(),
  chainLinks: boundedSchema(CHAIN_LINKS, t('term.chain'), 'links').optional(),
});

const jobSideSchema = z.strictObject({
  setup: setupSchema,
  freehub: freehubSchema.optional(),
  parts: z.partialRecord(z.enum(SLOTS), jobPartSchema),
});

/** One side of a swap: as it was planned, and once the job is over as it was. */
export type JobSide = Saved<typeof jobSideSchema>;

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

/** A reading is stored as typed, plausible or not: the card judges it. */
const stepProgressSchema = z.strictObject({
  doneAtMs: timeSchema.optional(),
  skipped: z.boolean().optional(),
  values: z.partialRecord(z.enum(READING_IDS), z.number().min(READING.min).max(READING.max)).optional(),
  note: noteSchema.optional(),
  findings: z.array(findingSchema).max(100).optional(),
});

const swapWorkSchema = z.strictObject({
  kind: z.literal('swap'),
  /** While the job is open the card is worked out from what is on the bike, not from this. */
  from: jobSideSchema,
  /** Its `chainLinks` are a wish; absent where none was made. */
  to: jobSideSchema,
  chain: z.enum(CHAIN_CHOICES),
  newChain: z.boolean(),
  weighs: z.boolean(),
  usesQuickLink: z.boolean(),
  /** Whether the bike has crashed or shifted badly. */
  checksHanger: z.boolean().optional(),
  /** Parts that stay on the bike although the new setup describes them otherwise. */
  keeps: z.array(z.enum(DESCRIBED_SLOTS)).max(DESCRIBED_SLOTS.length).optional(),
  /** Whether it takes its pair back. */
  isReturn: z.boolean().optional(),
});

/** From one setup to another. */
export type SwapWork = Saved<typeof swapWorkSchema>;

export const jobSchema = z
  .strictObject({
    id: idSchema,
    bikeId: idSchema,
    name: nameSchema,
    state: z.enum(JOB_STATES),
    createdAtMs: timeSchema,
    /** The day on which it is to be done, as 2026-12-03. */
    dueOn: dateSchema.optional(),
    /** Why on that day: "before the mountain week". */
    occasion: nameSchema.optional(),
    /** The job that takes it back, or that it takes back. */
    pairId: idSchema.optional(),
    work: z.discriminatedUnion('kind', [
      swapWorkSchema,
      z.strictObject({ kind: z.literal('recheck'), ofJobId: idSchema, afterKm: z.number().min(0).max(10_000) }),
      z.strictObject({ kind: z.literal('trial'), about: z.enum(TRIAL_SUBJECTS), side: jobSideSchema }),
    ]),
    progress: z.partialRecord(z.enum(STEP_IDS), stepProgressSchema),
    /** The step that is on screen. */
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
    /** Keys of the purchases that have come. */
    bought: z.array(z.string().min(1).max(60)).max(60),
    /** What kind of swap it was; kept at its sign-off, for the times that its steps took. */
    swapKind: z.enum(SWAP_KINDS).optional(),
    /** How it came out; only with `finishedAtMs`. */
    outcome: z.enum(OUTCOMES).optional(),
    outcomeNote: noteSchema.optional(),
    finishedAtMs: timeSchema.optional(),
    /** Published limits that the new setup passed at its sign-off; of one that was put back those that are named as the cause. */
    passed: z
      .array(z.strictObject({ id: z.enum(checkIds), overT: z.number().min(0).max(100) }))
      .max(20)
      .optional(),
  })
  .refine(({ state, finishedAtMs }) => (state === 'done') === (finishedAtMs !== undefined), {
    error: t('refused.jobDone'),
    path: ['state'],
  });

export type JobRecord = Saved<typeof jobSchema>;
