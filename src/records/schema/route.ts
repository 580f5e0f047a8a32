import { z } from 'zod';
import { idSchema, nameSchema } from './text';
import type { RouteRecord } from '../route';

export const routeSchema: z.ZodType<RouteRecord> = z.strictObject({
  id: idSchema,
  name: nameSchema,
  stepM: z.number().min(1).max(200),
  elevationM: z.array(z.number().min(-500).max(9000)).min(3).max(200_000),
});
