import { z } from 'zod';
import type { Setup } from '../core/gears';
import type { Recording } from '../core/recording';
import { refineTeeth, teethSchema } from './drivetrain';
import type { Migration } from './migration';
import type { SetupRecord } from './setup';
import { idSchema, nameSchema } from './text';

/** A ride that was recorded on a bike; its samples are a record of their own. */
export interface RideRecord {
  readonly id: string;
  readonly bikeId: string;
  readonly name: string;
  /** Milliseconds since 1970. */
  readonly startedAtMs: number;
  /** From the first to the last sample. */
  readonly seconds: number;
  readonly distanceM: number;
  /** What was on the bike then, whatever it has now. */
  readonly setup: Setup;
  readonly wheelsetId: string;
  /** Of its samples: the same ride from another file has the same. */
  readonly digest: string;
}

/** A ride on what a setup has now. */
export function rideOf(
  { bikeId, wheelsetId, chainrings, cogs, hubStages }: SetupRecord,
  name: string,
  startedAtMs: number,
  { timeS, distanceM }: Recording,
  digest: string,
): Omit<RideRecord, 'id'> {
  return {
    bikeId,
    name,
    startedAtMs,
    seconds: timeS.at(-1)!,
    distanceM: distanceM.at(-1)!,
    setup: { chainrings, cogs, hubStages },
    wheelsetId,
    digest,
  };
}

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

/** The samples of a ride, packed; under the ride's id. */
export interface RecordingRecord {
  readonly id: string;
  /** Columns one after the other, gzip'd, as base64. */
  readonly packed: string;
}

export const recordingSchema: z.ZodType<RecordingRecord> = z.strictObject({
  id: idSchema,
  packed: z.string().regex(/^[A-Za-z0-9+/]+=*$/, 'samples that are no base64'),
});

export const RIDE_MIGRATIONS: readonly Migration[] = [
  { toVersion: 6, name: 'rides and routes are kept', table: 'rides', up: (ride) => ride },
];
