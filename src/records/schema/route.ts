import { z } from 'zod';
import { ELEVATION_M } from '../../core/world';
import { idSchema, nameSchema } from './text';
import type { RouteRecord } from '../route';
import { t } from '../words';

/** Zod's own bounds: a route has thousands, and each is checked at every write. */
const heightSchema = z
  .number()
  .min(ELEVATION_M.min, t('refused.heightBelow', { least: ELEVATION_M.min }))
  .max(ELEVATION_M.max, t('refused.heightAbove', { most: ELEVATION_M.max }));

export const routeSchema: z.ZodType<RouteRecord> = z.strictObject({
  id: idSchema,
  name: nameSchema,
  stepM: z.number().min(1).max(200),
  elevationM: z.array(heightSchema).min(3).max(200_000),
});
