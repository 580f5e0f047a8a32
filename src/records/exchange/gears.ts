import { t } from './text';
import { z } from 'zod';
import { pairSchema } from './pair';
import {
  CADENCE_RPM,
  CLOSENESS_PERCENT,
  CRANK_LENGTH_MM,
  DEFAULT_CADENCE_RPM,
  DEFAULT_CLOSENESS_PERCENT,
} from '../../core/gears';
import { boundedSchema, refineTeeth, teethSchema, wheelSchema } from '../drivetrain.schema';
import { nameSchema } from '../field-schemas';

const SETUPS_MAX = 8;

/** The body of POST /api/gears. */
export const gearsRequestSchema = z.strictObject({
  wheel: wheelSchema,
  crankLengthMm: boundedSchema(CRANK_LENGTH_MM, 'crank length', 'mm').optional(),
  cadenceRpm: boundedSchema(CADENCE_RPM, 'cadence', 'rpm').default(DEFAULT_CADENCE_RPM),
  closenessPercent: boundedSchema(CLOSENESS_PERCENT, 'closeness', '%').default(DEFAULT_CLOSENESS_PERCENT),
  setups: z
    .array(z.strictObject({ name: nameSchema.optional(), ...teethSchema.shape }).superRefine(refineTeeth))
    .refine((setups) => setups.length >= 1 && setups.length <= SETUPS_MAX, {
      error: ({ input }) => t('setupCount', { count: (input as unknown[]).length, most: SETUPS_MAX }),
    })
    .meta({ minItems: 1, maxItems: SETUPS_MAX }),
});

/** The answer of POST /api/gears; full precision, gears easiest first. */
export const gearsResponseSchema = z.object({
  setups: z.array(
    z.object({
      name: z.string().describe('the name sent, else the setup in shorthand'),
      rangePercent: z.number().describe('hardest over easiest gear, %'),
      distinctGears: z.int().describe('gears no two of which are closer than closenessPercent'),
      ringOverlapPercent: z.number().nullable().describe('shared part of both rings, log scale, %; null for one ring'),
      exactDuplicates: z.array(z.tuple([pairSchema, pairSchema])),
      gears: z.array(
        z.object({
          chainring: z.int(),
          cog: z.int(),
          hubStage: z.number(),
          ratio: z.number(),
          gearInches: z.number().describe("by this wheel's own diameter"),
          developmentM: z.number(),
          gainRatio: z.number().nullable().describe('null without a crank length'),
          speedKmh: z.number(),
        }),
      ),
      steps: z.array(
        z.object({
          from: pairSchema,
          to: pairSchema,
          speedStepPercent: z.number(),
          cadenceDropPercent: z.number(),
          logStep: z.number(),
        }),
      ),
    }),
  ),
});

export type GearsRequest = z.output<typeof gearsRequestSchema>;
export type GearsResponse = z.output<typeof gearsResponseSchema>;
