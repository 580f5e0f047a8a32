import { t } from './text';
import { z } from 'zod';
import { pairSchema } from './pair';
import {
  CHAIN_LINKS,
  DRIVE_BOUNDS,
  DRIVE_DEFAULTS,
  DRIVE_PART_DATA,
  FREEHUB_DATA,
  SHIFTINGS,
  SUSPENSION_GROWTH_MM,
} from '../../core/fit';
import { CHAIN_CHOICES, ENDINGS, STEP_IDS, SYMPTOMS } from '../../core/job';
import { boundedSchema, rearDerailleurSchema, refineTeeth, teethSchema } from '../drivetrain.schema';
import { nameSchema } from '../field-schemas';

const wholeSchema = (bounds: { readonly min: number; readonly max: number }, what: string, unit: string) =>
  boundedSchema(bounds, what, unit)
    .refine((value) => Number.isInteger(value), {
      error: ({ input }) => t('whole', { term: what, value: String(input) }),
    })
    .optional();

/** A setup with its parts, as far as they are known. */
const buildSchema = z
  .strictObject({
    name: nameSchema.optional(),
    ...teethSchema.shape,
    chainLinks: wholeSchema(CHAIN_LINKS, 'chain links', 'links').describe('counted, with the quick link'),
    chainSpeeds: wholeSchema(DRIVE_PART_DATA.chainSpeeds.bounds, 'chain speeds', 'speeds'),
    shifterSpeeds: wholeSchema(DRIVE_PART_DATA.shifterSpeeds.bounds, 'shifter speeds', 'speeds'),
    shifting: z.enum(SHIFTINGS).optional(),
    rearDerailleur: rearDerailleurSchema.optional(),
    freehubType: nameSchema.optional(),
    freehubBodyMm: boundedSchema(FREEHUB_DATA.bodyLengthMm.bounds, 'freehub body', 'mm').optional(),
    cassetteMm: boundedSchema(DRIVE_PART_DATA.cassetteLengthMm.bounds, 'cassette', 'mm').optional(),
    spacerMm: boundedSchema(DRIVE_PART_DATA.spacerMm.bounds, 'spacer', 'mm').optional(),
    excludedGears: z
      .array(pairSchema)
      .max(40)
      .optional()
      .describe('of just this combination; big-big cannot be excluded'),
  })
  .superRefine(refineTeeth)
  .superRefine(({ chainrings, cogs, excludedGears = [] }, context) => {
    excludedGears.forEach(({ chainring, cog }, i) => {
      const path = ['excludedGears', i];
      const gear = `${chainring}/${cog}`;
      if (!chainrings.includes(chainring) || !cogs.includes(cog)) {
        context.addIssue({ code: 'custom', path, message: t('noSuchGear', { gear }) });
      } else if (chainring === chainrings[0] && cog === cogs.at(-1)) {
        context.addIssue({
          code: 'custom',
          path,
          message: t('bigBigExcluded', { gear }),
        });
      }
    });
  });

/** The body of POST /api/job-card. */
export const jobCardRequestSchema = z.strictObject({
  chainstayMm: boundedSchema(DRIVE_BOUNDS.chainstayMm, 'chainstay', 'mm'),
  bbDropMm: boundedSchema(DRIVE_BOUNDS.bbDropMm, 'bottom bracket drop', 'mm').default(DRIVE_DEFAULTS.bbDropMm),
  suspensionGrowthMm: boundedSchema(SUSPENSION_GROWTH_MM, 'growth of the chainstay', 'mm').default(0),
  from: buildSchema.describe('what is on the bike now'),
  to: buildSchema,
  chain: z.enum(CHAIN_CHOICES).default('fit').describe('leave: wherever the present count passes both end checks'),
  alternates: z.boolean().default(false).describe('whether the bike goes back and forth between the two setups'),
  usesQuickLink: z.boolean().default(true),
  done: z
    .array(
      z.strictObject({
        step: z.enum(STEP_IDS),
        outcome: z.enum(['ok', 'skipped', ...SYMPTOMS, ...ENDINGS]),
        value: z.number().min(-1000).max(100_000).optional().describe('of the first reading of the step'),
      }),
    )
    .max(STEP_IDS.length)
    .default([]),
});

const partSchema = z.object({
  slot: z.string(),
  name: z.string(),
  assumed: z.boolean().describe('listed because something is not known'),
});

/** The answer of POST /api/job-card. */
export const jobCardResponseSchema = z.object({
  kind: z.string(),
  chain: z.object({
    linksNow: z.int().nullable(),
    linksAfter: z.int().nullable(),
    action: z.enum(['leave', 'shorten', 'newChain', 'ask']),
    reason: z.string(),
    message: z.string(),
  }),
  off: z.array(partSchema),
  on: z.array(partSchema),
  buy: z.array(partSchema),
  steps: z.array(
    z.object({
      id: z.string(),
      title: z.string(),
      text: z.string(),
      readings: z.array(z.object({ id: z.string(), unit: z.string(), target: z.number().optional() })),
      outcomes: z.array(z.string()),
      torqueNm: z.number().optional().describe('usual; the part maker’s figure takes precedence'),
      done: z.boolean(),
    }),
  ),
  warnings: z.array(z.object({ code: z.string(), message: z.string() })),
});

export type JobCardRequest = z.output<typeof jobCardRequestSchema>;
export type JobCardResponse = z.output<typeof jobCardResponseSchema>;
