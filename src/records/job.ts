import { z } from 'zod';
import { CHECK_GROUPS, type CheckId } from '../core/fit';
import type { Freehub } from '../core/fit';
import { PART_MASS_G, PART_PRICE, SLOTS, type Slot } from '../core/shelf';
import {
  OUTCOMES,
  SCALE_RESOLUTION_G,
  STEP_IDS,
  SYMPTOMS,
  type Outcome,
  type PartWeighing,
  type Progress,
  type Run,
  type StepId,
} from '../core/swap';
import { CHAIN_LINKS } from '../core/fit';
import { boundedSchema, freehubSchema } from './drivetrain';
import { setupSchema, type SetupRecord } from './setup';
import { currencySchema, dateSchema, idSchema, nameSchema, noteSchema, timeSchema } from './text';

export const JOB_STATES = ['asked', 'waiting', 'ready', 'inHand', 'done'] as const;
export type JobState = (typeof JOB_STATES)[number];

/** A part of the shelf as it was when the job was planned: the card outlives the shelf. */
export interface JobPart {
  readonly id: string;
  readonly name: string;
  readonly massG?: number | undefined;
  readonly price?: number | undefined;
  readonly currency?: string | undefined;
  readonly chainLinks?: number | undefined;
}

/** One side of a swap, as it was planned. */
export interface JobSide {
  readonly setup: SetupRecord;
  readonly freehub?: Freehub | undefined;
  readonly parts: Readonly<Partial<Record<Slot, JobPart>>>;
}

/** What a job does: swap one setup for another, or look a bike over after a swap. */
export type JobWork =
  | {
      readonly kind: 'swap';
      readonly from: JobSide;
      readonly to: JobSide;
      readonly newChain: boolean;
      readonly weighs: boolean;
      readonly usesQuickLink: boolean;
      /** Whether it takes another job back. */
      readonly isReturn?: boolean | undefined;
    }
  | { readonly kind: 'recheck'; readonly ofJobId: string; readonly afterKm: number };

export interface JobRecord {
  readonly id: string;
  readonly bikeId: string;
  readonly name: string;
  readonly state: JobState;
  readonly createdAtMs: number;
  /** The day on which it is to be done, as 2026-12-03. */
  readonly dueOn?: string | undefined;
  /** Why on that day: "before the mountain week". */
  readonly occasion?: string | undefined;
  /** The job that takes it back, or that it takes back. */
  readonly pairId?: string | undefined;
  readonly work: JobWork;
  readonly progress: Progress;
  /** The step that is on screen. */
  readonly at?: StepId | undefined;
  readonly runs: readonly Run[];
  readonly weighings: readonly PartWeighing[];
  /** Keys of the purchases that have come. */
  readonly bought: readonly string[];
  /** How it came out; only with `finishedAtMs`. */
  readonly outcome?: Outcome | undefined;
  readonly outcomeNote?: string | undefined;
  readonly finishedAtMs?: number | undefined;
  /** Published limits that the new setup passed at its sign-off; of one that was reverted those that it was reverted for. */
  readonly passed?: readonly { readonly id: CheckId; readonly overT: number }[] | undefined;
}

export const RECHECK_AFTER_KM = 100;

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

export const JOB_DEFAULTS = {
  state: 'asked',
  progress: {},
  runs: [],
  weighings: [],
  bought: [],
} as const satisfies Partial<JobRecord>;
