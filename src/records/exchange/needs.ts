import { z } from 'zod';
import { wheelSchema } from '../drivetrain.schema';
import { RIDER_NUMBERS, RIDINGS, riderSchema, type RiderNumber } from './rider';

/** The body of POST /api/needs. */
export const needsRequestSchema = z.strictObject({ wheel: wheelSchema, rider: riderSchema });
export type NeedsRequest = z.infer<typeof needsRequestSchema>;

const filled = Object.fromEntries(Object.keys(RIDER_NUMBERS).map((name) => [name, z.number()])) as Record<
  RiderNumber,
  z.ZodNumber
>;

/** The answer of POST /api/needs; full precision. */
export const needsResponseSchema = z.object({
  rider: z.object({
    riding: z.enum(RIDINGS),
    ...filled,
    cda: z.number(),
    crr: z.number(),
    lowestRatio: z.number().nullable().describe('null where none was asked for'),
    stepTolerancePercent: z.object({ climbing: z.number(), cruising: z.number(), fast: z.number() }),
    assist: z.object({ supportFactor: z.number(), maxW: z.number(), cutOffKmh: z.number() }).nullable(),
  }),
  assumed: z.array(z.string()).describe('names of what was not given'),
  conflicts: z.array(
    z.object({
      fields: z.array(z.string()),
      code: z.string().describe('names the rule that is broken'),
      values: z.record(z.string(), z.unknown()).describe('what stands in the message, by name'),
      message: z.string(),
    }),
  ),
  needs: z
    .object({
      easiestDevelopmentMaxM: z.number().describe('of the climb, or of the lowest ratio where that is lower'),
      hardestDevelopmentMinM: z.number(),
      climb: z.object({
        powerW: z.number().describe('of the rider, held to the end of the climb'),
        speedKmh: z.number(),
        minutes: z.number(),
        walks: z.boolean().describe('slower than a bike can be balanced: the need is worked out at 4.5 km/h'),
      }),
    })
    .nullable()
    .describe('null where details conflict'),
});
export type NeedsResponse = z.infer<typeof needsResponseSchema>;
