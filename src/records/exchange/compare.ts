import { t } from './text';
import { z } from 'zod';
import { pairSchema } from './pair';
import { PRIORITIES } from '../../core/compare';
import { rearDerailleurSchema, refineTeeth, teethSchema, wheelSchema } from '../drivetrain.schema';
import { nameSchema } from '../field-schemas';
import { riderSchema } from './rider';

const SETUPS_MAX = 4;

/** The body of POST /api/compare. */
export const compareRequestSchema = z.strictObject({
  wheel: wheelSchema,
  rider: riderSchema,
  setups: z
    .array(
      z
        .strictObject({
          name: nameSchema.optional(),
          ...teethSchema.shape,
          rearDerailleur: rearDerailleurSchema.default({}),
        })
        .superRefine(refineTeeth),
    )
    .refine((setups) => setups.length >= 1 && setups.length <= SETUPS_MAX, {
      error: ({ input }) => t('setupCountFittedFirst', { count: (input as unknown[]).length, most: SETUPS_MAX }),
    })
    .meta({ minItems: 1, maxItems: SETUPS_MAX, description: 'the first is on the bike' }),
});
export type CompareRequest = z.output<typeof compareRequestSchema>;

/** The answer of POST /api/compare; full precision. */
export const compareResponseSchema = z.object({
  setups: z.array(
    z.object({
      name: z.string().describe('the name sent, else the setup in shorthand'),
      meets: z.array(
        z.object({
          id: z.string(),
          met: z.boolean(),
          justAbout: z.boolean().describe('missed by less than tyre and power are known to'),
          value: z.number().nullable().describe('null where it is no number, or not known'),
          limit: z.number().nullable(),
          unit: z.string().nullable(),
          message: z.string(),
        }),
      ),
      cruisingGear: pairSchema.describe('the gear of the shift sequence for the usual speed'),
      lossPercent: z.number().describe('of the power, in the chain, in that gear'),
      gaps: z.array(z.object({ fromKmh: z.number(), toKmh: z.number() })),
      sequence: z.array(pairSchema).describe('easiest first'),
      better: z.array(z.string()).describe('figures in which it is better than the first, for this rider'),
      worse: z.array(z.string()),
      headline: z.string(),
    }),
  ),
  priorities: z.array(
    z.object({
      id: z.enum(PRIORITIES),
      best: z.string().nullable().describe('name of the setup; null where it is not one'),
      code: z.enum(['chooses', 'noDifference', 'notKnown']),
      message: z.string(),
    }),
  ),
});
export type CompareResponse = z.infer<typeof compareResponseSchema>;
