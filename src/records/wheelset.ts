import { z } from 'zod';
import { ROLLOUT_MM, checkWheel, type Wheel } from '../core/gears';
import type { Freehub } from '../core/fit';
import { boundedSchema, freehubSchema } from './drivetrain';
import { addProblems } from './problems';
import { idSchema, nameSchema } from './text';

/** A pair of wheels with tyres that fits a bike. */
export interface WheelsetRecord {
  readonly id: string;
  readonly name: string;
  /** ISO 5775 rim seat diameter, mm. */
  readonly rimDiameterMm: number;
  /** mm */
  readonly tyreWidthMm: number;
  /** Measured path of one wheel turn, mm; wins over the sizes. */
  readonly measuredRolloutMm?: number | undefined;
  readonly freehub?: Freehub | undefined;
}

export const wheelsetSchema: z.ZodType<WheelsetRecord> = z
  .strictObject({
    id: idSchema,
    name: nameSchema,
    rimDiameterMm: z.number(),
    tyreWidthMm: z.number(),
    measuredRolloutMm: boundedSchema(ROLLOUT_MM, 'measured rollout', 'mm').optional(),
    freehub: freehubSchema.optional(),
  })
  .superRefine(({ rimDiameterMm, tyreWidthMm }, context) => {
    addProblems(context, checkWheel({ rimDiameterMm, tyreWidthMm }));
  });

export const WHEEL_DEFAULTS = {
  id: 'wheels-1',
  name: 'Wheels',
  rimDiameterMm: 622,
  tyreWidthMm: 40,
} as const satisfies WheelsetRecord;

/** The wheel to reckon with: as measured, where it was. */
export function wheelOf({ measuredRolloutMm, rimDiameterMm, tyreWidthMm }: WheelsetRecord): Wheel {
  return measuredRolloutMm === undefined ? { rimDiameterMm, tyreWidthMm } : { rolloutMm: measuredRolloutMm };
}
