import { z } from 'zod';
import { ELEVATION_M } from '../../core/world';
import { idSchema, nameSchema } from './text';
import type { RouteRecord } from '../route';

/** Zod's own bounds: a route has thousands, and each is checked at every write. */
const heightSchema = z
  .number()
  .min(ELEVATION_M.min, `a height below ${ELEVATION_M.min} m`)
  .max(ELEVATION_M.max, `a height above ${ELEVATION_M.max} m`);

export const routeSchema: z.ZodType<RouteRecord> = z.strictObject({
  id: idSchema,
  name: nameSchema,
  stepM: z.number().min(1).max(200),
  elevationM: z.array(heightSchema).min(3).max(200_000),
});
