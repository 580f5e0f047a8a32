import { z } from 'zod';
import { CHAINRING_TEETH, COG_COUNT, checkCogs } from '../core/gears';
import {
  BRIEF_ASKS,
  FIND_AIMS,
  FIND_AIMS_MAX,
  FIND_COST,
  FIND_MASS_CHANGE_G,
  LAYOUTS,
  PRICE,
  SEARCHED_RING_DIFFERENCE_T,
  type FindSettings,
} from '../core/find';
import { PART_KINDS } from '../core/catalog/price-list';
import { boundedSchema, teethSchema } from './drivetrain.schema';
import { addProblems } from './add-problems';
import { idSchema, nameSchema } from './field-schemas';
import { t } from './words';
import type { ShapeOf } from './saved';

const once = <T extends z.ZodType>(item: T) =>
  z.array(item).refine((list) => new Set(list).size === list.length, { error: t('refused.twice') });

const whole = (bounds: typeof CHAINRING_TEETH, what: string, unit: string) =>
  boundedSchema(bounds, what, unit).refine((value) => Number.isInteger(value), {
    error: t('refused.whole', { term: what }),
  });

const ring = whole(CHAINRING_TEETH, t('term.ring'), 'T');

const price = boundedSchema(PRICE, t('term.price'), t('term.inYourMoney')).optional();

/** Checks bounds only: contradictory settings are stored as entered and reported. */
export const findSettingsSchema: z.ZodType<FindSettings> = z.strictObject({
  layouts: once(z.enum(LAYOUTS)).optional(),
  ringMinT: ring.optional(),
  ringMaxT: ring.optional(),
  ringDifferenceMaxT: whole(SEARCHED_RING_DIFFERENCE_T, t('term.ringDifference'), 'T').optional(),
  ringsAtHand: once(ring).optional(),
  anyTeeth: z.boolean().optional(),
  speeds: once(whole(COG_COUNT, t('term.speeds'), 'cogs')).optional(),
  keep: once(z.enum(PART_KINDS)).optional(),
  asks: once(z.enum(BRIEF_ASKS)).optional(),
  costMax: boundedSchema(FIND_COST, t('term.budget'), t('term.inYourMoney')).optional(),
  massChangeMaxG: boundedSchema(FIND_MASS_CHANGE_G, t('term.weightChange'), 'g').optional(),
  aims: once(z.enum(FIND_AIMS)).max(FIND_AIMS_MAX).optional(),
  prices: z.strictObject(Object.fromEntries(PART_KINDS.map((part) => [part, price]))).optional(),
  road: z.strictObject({ kind: z.enum(['route', 'ride']), id: idSchema }).optional(),
} satisfies ShapeOf<FindSettings>);

/** A search that is kept under a name. */
export const savedSearchSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  find: findSettingsSchema,
});

/** A cassette that was built for a bike. */
export const builtCassetteSchema = z
  .strictObject({ id: idSchema, name: nameSchema, cogs: teethSchema.shape.cogs })
  .superRefine(({ cogs }, context) => {
    addProblems(context, checkCogs(cogs));
  });
