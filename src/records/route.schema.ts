import { z } from 'zod';
import { ELEVATION_M } from '../core/world';
import { idSchema, nameSchema } from './field-schemas';
import { t } from './words';
import type { Saved } from './saved';

/** Zod's own bounds: a route has thousands, and each is checked at every write. */
const heightSchema = z
  .number()
  .min(ELEVATION_M.min, t('refused.heightBelow', { least: ELEVATION_M.min }))
  .max(ELEVATION_M.max, t('refused.heightAbove', { most: ELEVATION_M.max }));

export const routeSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  stepM: z.number().min(1).max(200),
  /** At 0, 1, 2 … steps, smoothed. */
  elevationM: z.array(heightSchema).min(3).max(200_000),
});

/** A route with its elevation at equal distances. */
export type RouteRecord = Saved<typeof routeSchema>;
