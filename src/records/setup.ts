import { z } from 'zod';
import type { Setup } from '../core/gears';
import type { RearDerailleur } from '../core/fit';
import { rearDerailleurSchema, refineTeeth, teethSchema } from './drivetrain';
import type { Migration } from './migration';
import { idSchema } from './text';

/** A setup of a bike: the one fitted, or a candidate. */
export interface SetupRecord extends Setup {
  readonly id: string;
  readonly bikeId: string;
  /** Place on the bench: the lowest of a bike is the one fitted now. */
  readonly rank: number;
  readonly rearDerailleur: RearDerailleur;
}

export const setupSchema: z.ZodType<SetupRecord> = z
  .strictObject({
    id: idSchema,
    bikeId: idSchema,
    rank: z.number(),
    chainrings: teethSchema.shape.chainrings,
    cogs: teethSchema.shape.cogs,
    // Bikes are kept with plain hubs so far.
    hubStages: z.tuple([z.literal(1)]),
    rearDerailleur: rearDerailleurSchema,
  })
  .superRefine(refineTeeth);

export const SETUP_DEFAULTS = { rearDerailleur: {} } as const satisfies Partial<SetupRecord>;

export const SETUP_MIGRATIONS: readonly Migration[] = [];
