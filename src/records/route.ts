import { z } from 'zod';
import { idSchema, nameSchema } from './text';

/** A way with its heights, at even steps. */
export interface RouteRecord {
  readonly id: string;
  readonly name: string;
  readonly stepM: number;
  /** At 0, 1, 2 … steps, smoothed. */
  readonly elevationM: readonly number[];
}

export const routeSchema: z.ZodType<RouteRecord> = z.strictObject({
  id: idSchema,
  name: nameSchema,
  stepM: z.number().min(1).max(200),
  elevationM: z.array(z.number().min(-500).max(9000)).min(3).max(200_000),
});
