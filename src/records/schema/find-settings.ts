import { z } from 'zod';
import { CHAINRING_TEETH, COG_COUNT, checkCogs } from '../../core/gears';
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
} from '../../core/find';
import { PART_KINDS } from '../../core/parts/price-list';
import { boundedSchema, teethSchema } from './drivetrain';
import { addProblems } from './problems';
import { idSchema, nameSchema } from './text';
import type { SavedSearch, BuiltCassette } from '../find-settings';
import { t } from '../words';

const once = <T extends z.ZodType>(item: T) =>
  z.array(item).refine((list) => new Set(list).size === list.length, { error: t('refused.twice') });

const whole = (bounds: typeof CHAINRING_TEETH, what: string, unit: string) =>
  boundedSchema(bounds, what, unit).refine((value) => Number.isInteger(value), {
    error: t('refused.whole', { term: what }),
  });

const ring = whole(CHAINRING_TEETH, t('term.ring'), 'T');

const price = boundedSchema(PRICE, t('term.price'), t('term.inYourMoney')).optional();

/** Bounds only: a search that contradicts itself is kept as it was said, and told. */
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
});

export const savedSearchSchema: z.ZodType<SavedSearch> = z.strictObject({
  id: idSchema,
  name: nameSchema,
  find: findSettingsSchema,
});

export const builtCassetteSchema: z.ZodType<BuiltCassette> = z
  .strictObject({ id: idSchema, name: nameSchema, cogs: teethSchema.shape.cogs })
  .superRefine(({ cogs }, context) => {
    addProblems(context, checkCogs(cogs));
  });
