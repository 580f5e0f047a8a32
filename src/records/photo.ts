import { z } from 'zod';
import { STEP_IDS, type StepId } from '../core/swap';
import { idSchema, timeSchema } from './text';

/** A picture taken at a step of a job, made small. */
export interface PhotoRecord {
  readonly id: string;
  readonly jobId: string;
  readonly stepId: StepId;
  readonly takenAtMs: number;
  /** JPEG as base64. */
  readonly jpeg: string;
}

/** Photos are made smaller than this before they are kept, characters of base64. */
export const PHOTO_LENGTH_MAX = 1_500_000;

export const photoSchema: z.ZodType<PhotoRecord> = z.strictObject({
  id: idSchema,
  jobId: idSchema,
  stepId: z.enum(STEP_IDS),
  takenAtMs: timeSchema,
  jpeg: z
    .string()
    .max(PHOTO_LENGTH_MAX)
    .regex(/^[A-Za-z0-9+/]+=*$/, 'a photo that is no base64'),
});
