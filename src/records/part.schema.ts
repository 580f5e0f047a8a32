import { z } from 'zod';
import { SHIFTINGS } from '../core/fit';
import {
  PART_FLAG_TERMS,
  PART_KM,
  PART_MASS_G,
  PART_NAME_TERMS,
  PART_NUMBER_RULES,
  PART_PRICE,
  PART_QUANTITY,
  STOCK_KINDS,
  WEAR_PERCENT,
  checkPartData,
  type Mount,
  type PartData,
} from '../core/parts';
import { SCALE_RESOLUTION_G } from '../core/job';
import { boundedSchema } from './drivetrain.schema';
import { addProblems } from './add-problems';
import { currencySchema, idSchema, nameSchema, noteSchema, timeSchema } from './field-schemas';
import { CONDITIONS } from './part';
import { t } from './words';
import type { Saved, ShapeOf } from './saved';

/** Returns a shape with one schema for every field of a table of core. */
const each = <Field extends string, Schema extends z.ZodType>(
  table: Readonly<Record<Field, unknown>>,
  schema: Schema,
) => Object.fromEntries(Object.keys(table).map((field) => [field, schema])) as Record<Field, Schema>;

/** Shape only: which fields a kind has is checked by core. */
const partDataSchema: z.ZodType<PartData> = z.strictObject({
  ...each(PART_NUMBER_RULES, z.number().optional()),
  ...each(PART_NAME_TERMS, nameSchema.optional()),
  ...each(PART_FLAG_TERMS, z.boolean().optional()),
  cogs: z.array(z.number()).optional(),
  shifting: z.enum(SHIFTINGS).optional(),
} satisfies ShapeOf<PartData>);

const mountSchema: z.ZodType<Mount> = z
  .strictObject({ bikeId: idSchema, fromMs: timeSchema, toMs: timeSchema.optional() })
  .refine(({ fromMs, toMs }) => toMs === undefined || toMs >= fromMs, { error: t('refused.takenOffBefore') });

export const partSchema = z
  .strictObject({
    id: idSchema,
    kind: z.enum(STOCK_KINDS),
    name: nameSchema,
    /** Data that compatibility and the search use. */
    data: partDataSchema,
    /** How many there are, fitted ones among them; 0 for one that is to be bought. */
    quantity: boundedSchema(PART_QUANTITY, t('term.quantity'), 'pieces').refine((count) => Number.isInteger(count), {
      error: t('refused.wholePieces'),
    }),
    condition: z.enum(CONDITIONS),
    /** Kilometres that it had when it came. */
    kmBefore: boundedSchema(PART_KM, t('term.distance'), 'km'),
    /** g, each. */
    massG: boundedSchema(PART_MASS_G, t('term.weight'), 'g').optional(),
    /** Of the scale that it was weighed on; absent where the weight is from a sheet. */
    massResolutionG: boundedSchema(SCALE_RESOLUTION_G, t('term.resolution'), 'g').optional(),
    /** Each, in `currency`. */
    price: boundedSchema(PART_PRICE, t('term.price'), t('term.inItsCurrency')).optional(),
    currency: currencySchema.optional(),
    /** Storage place. */
    place: nameSchema.optional(),
    note: noteSchema.optional(),
    /** When it was on which bike. */
    mounts: z.array(mountSchema).max(1000),
    /** Readings of the chain gauge. */
    wear: z
      .array(
        z.strictObject({
          atMs: timeSchema,
          /** Longer than new by, percent. */
          wearPercent: boundedSchema(WEAR_PERCENT, t('term.wear'), '%'),
          /** Distance of the chain at that time, km; takes precedence over the log. */
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

/** An entry of the stock: a part, or several that are alike. */
export type PartRecord = Saved<typeof partSchema>;
