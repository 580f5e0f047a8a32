import { z } from 'zod';
import { gearsOf } from '../../core/gears';
import { RIDE_DISTANCE_M, RIDE_SECONDS } from '../../core/world';
import { boundedSchema, refineTeeth, teethSchema } from './drivetrain';
import { idSchema, nameSchema, timeSchema } from './text';
import type { RideRecord, RecordingRecord } from '../ride';
import { t } from '../words';

export const rideSchema: z.ZodType<RideRecord> = z
  .strictObject({
    id: idSchema,
    bikeId: idSchema,
    name: nameSchema,
    startedAtMs: timeSchema,
    seconds: boundedSchema(RIDE_SECONDS, t('term.duration'), 's'),
    distanceM: boundedSchema(RIDE_DISTANCE_M, t('term.distance'), 'm'),
    setup: teethSchema.superRefine(refineTeeth),
    wheelsetId: idSchema,
    digest: z.string().min(1).max(100),
    gearSeconds: z.array(boundedSchema(RIDE_SECONDS, t('term.timeInAGear'), 's')).optional(),
  })
  .refine(({ setup, gearSeconds }) => !gearSeconds || gearSeconds.length === gearsOf(setup).length, {
    error: t('refused.gearTimes'),
    path: ['gearSeconds'],
  });

/** A day at one sample a second is some 1.5 million characters; a file of the largest size comes to less than this. */
const PACKED_LENGTH_MAX = 60_000_000;

export const recordingSchema: z.ZodType<RecordingRecord> = z.strictObject({
  id: idSchema,
  packed: z
    .string()
    .max(PACKED_LENGTH_MAX)
    .regex(/^[A-Za-z0-9+/]+=*$/, t('refused.samples')),
});
