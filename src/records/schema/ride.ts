import { z } from 'zod';
import { refineTeeth, teethSchema } from './drivetrain';
import { idSchema, nameSchema } from './text';
import type { RideRecord, RecordingRecord } from '../ride';

export const rideSchema: z.ZodType<RideRecord> = z.strictObject({
  id: idSchema,
  bikeId: idSchema,
  name: nameSchema,
  startedAtMs: z.number(),
  seconds: z.number().min(0),
  distanceM: z.number().min(0),
  setup: teethSchema.superRefine(refineTeeth),
  wheelsetId: idSchema,
  digest: z.string().min(1).max(100),
});

export const recordingSchema: z.ZodType<RecordingRecord> = z.strictObject({
  id: idSchema,
  packed: z.string().regex(/^[A-Za-z0-9+/]+=*$/, 'samples that are no base64'),
});
