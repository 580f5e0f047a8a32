import type { StepId } from '../core/job';

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
