import { z } from 'zod';
import { gearsOf } from '../../core/gears';
import { RIDE_DISTANCE_M, RIDE_SECONDS } from '../../core/world';
import { boundedSchema, refineTeeth, teethSchema } from './drivetrain';
import { idSchema, nameSchema, timeSchema } from './text';
import type { RideRecord, RecordingRecord } from '../ride';

export const rideSchema: z.ZodType<RideRecord> = z
  .strictObject({
    id: idSchema,
    bikeId: idSchema,
    name: nameSchema,
    startedAtMs: timeSchema,
    seconds: boundedSchema(RIDE_SECONDS, 'duration', 's'),
    distanceM: boundedSchema(RIDE_DISTANCE_M, 'distance', 'm'),
    setup: teethSchema.superRefine(refineTeeth),
    wheelsetId: idSchema,
    digest: z.string().min(1).max(100),
    gearSeconds: z.array(boundedSchema(RIDE_SECONDS, 'time in a gear', 's')).optional(),
  })
  .refine(({ setup, gearSeconds }) => !gearSeconds || gearSeconds.length === gearsOf(setup).length, {
    error: 'one time for each gear of the setup',
    path: ['gearSeconds'],
  });

/** A day at one sample a second is some 1.5 million characters; a file of the largest size comes to less than this. */
const PACKED_LENGTH_MAX = 60_000_000;

export const recordingSchema: z.ZodType<RecordingRecord> = z.strictObject({
  id: idSchema,
  packed: z
    .string()
    .max(PACKED_LENGTH_MAX)
    .regex(/^[A-Za-z0-9+/]+=*$/, 'samples that are no base64'),
});
