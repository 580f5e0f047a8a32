import { t } from './text';
import { z } from 'zod';
import { CHAIN_LINKS, DRIVE_BOUNDS, DRIVE_DEFAULTS, SUSPENSION_GROWTH_MM } from '../../core/fit';
import {
  boundedSchema,
  drivePartsSchema,
  freehubSchema,
  rearDerailleurSchema,
  refineTeeth,
  teethSchema,
} from '../drivetrain.schema';
import { nameSchema } from '../field-schemas';

const whole = (what: string) => (value: number, context: z.RefinementCtx) => {
  if (!Number.isInteger(value)) context.addIssue({ code: 'custom', message: t('whole', { term: what, value }) });
};

/** The body of POST /api/fit. */
export const fitRequestSchema = z.strictObject({
  setup: z.strictObject({ name: nameSchema.optional(), ...teethSchema.shape }).superRefine(refineTeeth),
  chainstayMm: boundedSchema(DRIVE_BOUNDS.chainstayMm, 'chainstay', 'mm'),
  bbDropMm: boundedSchema(DRIVE_BOUNDS.bbDropMm, 'bottom bracket drop', 'mm').default(DRIVE_DEFAULTS.bbDropMm),
  pitchLineGapMm: boundedSchema(DRIVE_BOUNDS.pitchLineGapMm, 'pitch-line gap', 'mm').default(
    DRIVE_DEFAULTS.pitchLineGapMm,
  ),
  chainLinks: boundedSchema(CHAIN_LINKS, 'chain', 'links').superRefine(whole('chain links')).optional(),
  rearDerailleur: rearDerailleurSchema,
  suspensionGrowthMm: boundedSchema(SUSPENSION_GROWTH_MM, 'growth of the chainstay', 'mm').default(0),
  parts: drivePartsSchema.default({}),
  freehub: freehubSchema.default({}),
});

/** The answer of POST /api/fit. */
export const fitResponseSchema = z.object({
  checks: z.array(
    z.object({
      id: z.string(),
      verdict: z.enum(['inside', 'at', 'outside', 'cannotWork', 'notKnown']),
      required: z.number().optional(),
      limit: z.number().optional(),
      margin: z.number().optional().describe('limit − required'),
      unit: z.string().optional(),
      missing: z.string().optional(),
      code: z.string().describe('of the message'),
      values: z.record(z.string(), z.unknown()).describe('what stands in the message, by name'),
      message: z.string(),
    }),
  ),
  chain: z.object({
    directPitches: z.number(),
    links: z.object({
      bigBigPlusTwo: z.int(),
      equation: z.int(),
      smallSmall: z.int().nullable(),
      pulleysUpright: z.int().nullable(),
    }),
  }),
  cage: z
    .array(
      z.object({
        chainring: z.int(),
        cog: z.int(),
        angleDeg: z.number().nullable(),
        state: z.enum(['ok', 'tooShort', 'slack']),
      }),
    )
    .describe('for chainLinks, else for big-big + 2; empty without a cage length'),
});

export type FitRequest = z.output<typeof fitRequestSchema>;
export type FitResponse = z.output<typeof fitResponseSchema>;
