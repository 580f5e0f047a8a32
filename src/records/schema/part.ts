import { z } from 'zod';
import { SHIFTINGS } from '../../core/fit';
import {
  PART_FLAG_TERMS,
  PART_KM,
  PART_MASS_G,
  PART_NAME_TERMS,
  PART_NUMBER_RULES,
  PART_PRICE,
  PART_QUANTITY,
  SHELF_KINDS,
  WEAR_PERCENT,
  checkPartData,
  type Mount,
  type PartData,
} from '../../core/shelf';
import { SCALE_RESOLUTION_G } from '../../core/job';
import { boundedSchema } from './drivetrain';
import { addProblems } from './problems';
import { currencySchema, idSchema, nameSchema, noteSchema, timeSchema } from './text';
import { CONDITIONS, type PartRecord } from '../part';
import { t } from '../words';

const names = Object.fromEntries(Object.keys(PART_NAME_TERMS).map((field) => [field, nameSchema.optional()]));

const flags = Object.fromEntries(Object.keys(PART_FLAG_TERMS).map((field) => [field, z.boolean().optional()]));

const numbers = Object.fromEntries(Object.keys(PART_NUMBER_RULES).map((field) => [field, z.number().optional()]));

/** Shape only: what can be true of which kind core judges. */
const partDataSchema = z.strictObject({
  ...numbers,
  ...names,
  ...flags,
  cogs: z.array(z.number()).optional(),
  shifting: z.enum(SHIFTINGS).optional(),
}) as unknown as z.ZodType<PartData>;

const mountSchema: z.ZodType<Mount> = z
  .strictObject({ bikeId: idSchema, fromMs: timeSchema, toMs: timeSchema.optional() })
  .refine(({ fromMs, toMs }) => toMs === undefined || toMs >= fromMs, { error: t('refused.takenOffBefore') });

export const partSchema: z.ZodType<PartRecord> = z
  .strictObject({
    id: idSchema,
    kind: z.enum(SHELF_KINDS),
    name: nameSchema,
    data: partDataSchema,
    quantity: boundedSchema(PART_QUANTITY, t('term.quantity'), 'pieces').refine((count) => Number.isInteger(count), {
      error: t('refused.wholePieces'),
    }),
    condition: z.enum(CONDITIONS),
    kmBefore: boundedSchema(PART_KM, t('term.distance'), 'km'),
    massG: boundedSchema(PART_MASS_G, t('term.weight'), 'g').optional(),
    massResolutionG: boundedSchema(SCALE_RESOLUTION_G, t('term.resolution'), 'g').optional(),
    price: boundedSchema(PART_PRICE, t('term.price'), t('term.inItsCurrency')).optional(),
    currency: currencySchema.optional(),
    place: nameSchema.optional(),
    note: noteSchema.optional(),
    mounts: z.array(mountSchema).max(1000),
    wear: z
      .array(
        z.strictObject({
          atMs: timeSchema,
          wearPercent: boundedSchema(WEAR_PERCENT, t('term.wear'), '%'),
          km: boundedSchema(PART_KM, t('term.distance'), 'km').optional(),
        }),
      )
      .max(1000),
  })
  .superRefine(({ kind, data }, context) => {
    addProblems(
      context,
      checkPartData(kind, data).map(({ path, message }) => ({ path: ['data', ...path], message })),
    );
  });
