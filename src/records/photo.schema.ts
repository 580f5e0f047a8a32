import { z } from 'zod';
import { STEP_IDS } from '../core/job';
import { idSchema, timeSchema } from './field-schemas';
import { bytesSchema } from './bytes.schema';
import { PHOTO_BYTES_MAX } from './photo';
import { t } from './words';
import type { Saved } from './saved';

export const photoSchema = z.strictObject({
  id: idSchema,
  jobId: idSchema,
  stepId: z.enum(STEP_IDS),
  takenAtMs: timeSchema,
  jpeg: bytesSchema(PHOTO_BYTES_MAX, t('refused.photo')),
});

/** A picture taken at a step of a job, made small. */
export type PhotoRecord = Saved<typeof photoSchema>;
