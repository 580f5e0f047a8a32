import { z } from 'zod';
import { gearsOf } from '../core/gears';
import { SURFACES } from '../core/needs';
import { RIDE_DISTANCE_M, RIDE_SECONDS } from '../core/world';
import { bytesSchema } from './bytes.schema';
import { boundedSchema, refineTeeth, teethSchema } from './drivetrain.schema';
import { idSchema, nameSchema, timeSchema } from './field-schemas';
import { t } from './words';
import type { Saved } from './saved';

export const rideSchema = z
  .strictObject({
    id: idSchema,
    bikeId: idSchema,
    name: nameSchema,
    /** Milliseconds since 1970. */
    startedAtMs: timeSchema,
    /** From the first to the last sample. */
    seconds: boundedSchema(RIDE_SECONDS, t('term.duration'), 's'),
    distanceM: boundedSchema(RIDE_DISTANCE_M, t('term.distance'), 'm'),
    /** What was on the bike then, whatever it has now. */
    setup: teethSchema.superRefine(refineTeeth),
    wheelsetId: idSchema,
    /** Of its samples: the same ride from another file has the same. */
    digest: z.string().min(1).max(100),
    /** Whether its samples have positions, which show where the rider lives. */
    hasPositions: z.boolean().optional(),
    /** What it was ridden on, where the rider said so. */
    surface: z.enum(SURFACES).optional(),
    /** Pedalled time in each gear of `setup`, in the order of `gearsOf`, s; absent where it was not worked out. */
    gearSeconds: z.array(boundedSchema(RIDE_SECONDS, t('term.timeInAGear'), 's')).optional(),
  })
  .refine(({ setup, gearSeconds }) => !gearSeconds || gearSeconds.length === gearsOf(setup).length, {
    error: t('refused.gearTimes'),
    path: ['gearSeconds'],
  });

/** A ride that was recorded on a bike; its samples are a record of their own. */
export type RideRecord = Saved<typeof rideSchema>;

/** A day at one sample a second is some 1.1 million bytes; a file of the largest size comes to less than this. */
const PACKED_BYTES_MAX = 45_000_000;

export const recordingSchema = z.strictObject({
  id: idSchema,
  /** Columns one after the other, gzip'd. */
  packed: bytesSchema(PACKED_BYTES_MAX, t('refused.samples')),
});

/** The samples of a ride, packed; under the ride's id. */
export type RecordingRecord = Saved<typeof recordingSchema>;
