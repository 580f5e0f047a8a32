import { z } from 'zod';
import { STEP_IDS } from '../../core/job';
import { idSchema, timeSchema } from './text';
import { type PhotoRecord, PHOTO_LENGTH_MAX } from '../photo';
import { t } from '../words';

export const photoSchema: z.ZodType<PhotoRecord> = z.strictObject({
  id: idSchema,
  jobId: idSchema,
  stepId: z.enum(STEP_IDS),
  takenAtMs: timeSchema,
  jpeg: z
    .string()
    .max(PHOTO_LENGTH_MAX)
    .regex(/^[A-Za-z0-9+/]+=*$/, t('refused.photo')),
});
