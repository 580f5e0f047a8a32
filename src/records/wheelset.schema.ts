import { z } from 'zod';
import { ROLLOUT_MM, checkWheel } from '../core/gears';
import { boundedSchema, freehubSchema } from './drivetrain.schema';
import { addProblems } from './add-problems';
import { idSchema, nameSchema } from './field-schemas';
import { t } from './words';
import type { Saved } from './saved';

export const wheelsetSchema = z
  .strictObject({
    id: idSchema,
    name: nameSchema,
    /** ISO 5775 rim seat diameter, mm. */
    rimDiameterMm: z.number(),
    /** mm */
    tyreWidthMm: z.number(),
    /** Measured path of one wheel turn, mm; wins over the sizes. */
    measuredRolloutMm: boundedSchema(ROLLOUT_MM, t('term.measuredRollout'), 'mm').optional(),
    freehub: freehubSchema.optional(),
  })
  .superRefine(({ rimDiameterMm, tyreWidthMm }, context) => {
    addProblems(context, checkWheel({ rimDiameterMm, tyreWidthMm }));
  });

/** A pair of wheels with tyres that fits a bike. */
export type WheelsetRecord = Saved<typeof wheelsetSchema>;
