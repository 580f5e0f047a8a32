import { z } from 'zod';
import { ROLLOUT_MM, checkWheel } from '../../core/gears';
import { boundedSchema, freehubSchema } from './drivetrain';
import { addProblems } from './problems';
import { idSchema, nameSchema } from './text';
import type { WheelsetRecord } from '../wheelset';
import { t } from '../words';

export const wheelsetSchema: z.ZodType<WheelsetRecord> = z
  .strictObject({
    id: idSchema,
    name: nameSchema,
    rimDiameterMm: z.number(),
    tyreWidthMm: z.number(),
    measuredRolloutMm: boundedSchema(ROLLOUT_MM, t('term.measuredRollout'), 'mm').optional(),
    freehub: freehubSchema.optional(),
  })
  .superRefine(({ rimDiameterMm, tyreWidthMm }, context) => {
    addProblems(context, checkWheel({ rimDiameterMm, tyreWidthMm }));
  });
