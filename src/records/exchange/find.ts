import { t } from './text';
import { z } from 'zod';
import { CADENCE_RPM, CHAINRING_TEETH, checkCogs } from '../../core/gears';
import { DEFAULT_RING_DIFFERENCE_MAX_T, LAYOUTS, SEARCHED_RING_DIFFERENCE_T } from '../../core/find';
import { boundedSchema, rearDerailleurSchema, teethSchema, wheelSchema } from '../drivetrain.schema';
import { addProblems } from '../add-problems';
import { nameSchema } from '../field-schemas';

const CASSETTES_MAX = 1000;
const LIMIT = { min: 1, max: 1000 };
const DEFAULT_LIMIT = 50;

const wholeTeeth = (bounds: typeof CHAINRING_TEETH, what: string) =>
  boundedSchema(bounds, what, 'T').refine((teeth) => Number.isInteger(teeth), {
    error: t('wholeTeeth', { term: what }),
  });

const cassetteSchema = z
  .strictObject({ name: nameSchema, cogs: teethSchema.shape.cogs })
  .superRefine(({ cogs }, context) => {
    addProblems(context, checkCogs(cogs));
  });

/** The body of POST /api/find. */
export const findRequestSchema = z.strictObject({
  wheel: wheelSchema,
  cadence: z
    .strictObject({
      lowRpm: boundedSchema(CADENCE_RPM, 'lowest comfortable cadence', 'rpm'),
      highRpm: boundedSchema(CADENCE_RPM, 'highest comfortable cadence', 'rpm'),
    })
    .refine(({ lowRpm, highRpm }) => lowRpm < highRpm, {
      error: ({ input }) => {
        const { lowRpm, highRpm } = input as { lowRpm: number; highRpm: number };
        return t('cadenceOrder', { lowRpm, highRpm });
      },
    }),
  needs: z.strictObject({
    easiestDevelopmentMaxM: boundedSchema({ min: 0.1, max: 30 }, 'development of the easiest gear', 'm'),
    topSpeedMinKmh: boundedSchema({ min: 0, max: 200 }, 'top speed', 'km/h').describe('at the high rpm'),
    largestStepMaxPercent: boundedSchema({ min: 0, max: 1000 }, 'largest step', '%')
      .describe('speed step along the shift path')
      .optional(),
  }),
  rings: z
    .strictObject({
      min: wholeTeeth(CHAINRING_TEETH, 'smallest ring'),
      max: wholeTeeth(CHAINRING_TEETH, 'largest ring'),
    })
    .refine(({ min, max }) => min <= max, {
      error: ({ input }) => {
        const { min, max } = input as { min: number; max: number };
        return t('ringOrder', { min, max });
      },
    }),
  layouts: z
    .array(z.enum(LAYOUTS))
    .refine((layouts) => layouts.length > 0, { error: t('noLayout') })
    .refine((layouts) => new Set(layouts).size === layouts.length, { error: t('layoutTwice') })
    .meta({ minItems: 1, maxItems: LAYOUTS.length }),
  cassettes: z
    .array(cassetteSchema)
    .refine((cassettes) => cassettes.length >= 1 && cassettes.length <= CASSETTES_MAX, {
      error: ({ input }) => t('cassetteCount', { count: (input as unknown[]).length, most: CASSETTES_MAX }),
    })
    .meta({ minItems: 1, maxItems: CASSETTES_MAX })
    .optional()
    .describe('those that are sold, each named by its teeth, where none are sent'),
  anyTeeth: z
    .boolean()
    .default(true)
    .describe('false: only single rings and ring pairs that are sold, and within the other limits'),
  ringDifferenceMaxT: wholeTeeth(SEARCHED_RING_DIFFERENCE_T, 'ring difference').default(DEFAULT_RING_DIFFERENCE_MAX_T),
  rearDerailleur: rearDerailleurSchema.default({}),
  limit: boundedSchema(LIMIT, 'limit', 'candidates')
    .refine((limit) => Number.isInteger(limit), {
      error: ({ input }) => t('whole', { term: 'limit', value: String(input) }),
    })
    .default(DEFAULT_LIMIT),
});

/** The answer of POST /api/find. */
export const findResponseSchema = z.object({
  searched: z.int().describe('every ring choice with every cassette'),
  met: z.int().describe('those that meet all needs and are not cannotWork'),
  candidates: z
    .array(
      z.object({
        chainrings: z.array(z.int()),
        cassette: z.string().describe('its name'),
        easiestDevelopmentM: z.number(),
        topSpeedKmh: z.number(),
        largestStepPercent: z.number(),
        meanStepPercent: z.number().describe('the even step that, taken as often, spans the same range'),
        frontShifts: z.int(),
        capacityRequiredT: z.int(),
        verdict: z
          .enum(['inside', 'at', 'outside', 'cannotWork', 'notKnown'])
          .describe('the gravest of the checks that rearDerailleur has a number for; notKnown where it has none'),
      }),
    )
    .describe(
      'those that none beats on largestStepPercent, meanStepPercent, frontShifts and capacityRequiredT together',
    ),
});

export type FindRequest = z.output<typeof findRequestSchema>;
export type FindResponse = z.output<typeof findResponseSchema>;
