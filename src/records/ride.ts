import type { Setup } from '../core/gears';
import type { Recording } from '../core/recording';
import type { Migration } from './migration';
import type { SetupRecord } from './setup';

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
  /** Pedalled time in each gear of `setup`, in the order of `gearsOf`, s; absent where it was not worked out. */
  readonly gearSeconds?: readonly number[] | undefined;
}

/** A ride on what a setup has now. */
export function rideOf(
  { bikeId, wheelsetId, chainrings, cogs, hubStages }: SetupRecord,
  name: string,
  startedAtMs: number,
  { timeS, distanceM }: Recording,
  digest: string,
  gearSeconds?: readonly number[],
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
    gearSeconds,
  };
}

/** The samples of a ride, packed; under the ride's id. */
export interface RecordingRecord {
  readonly id: string;
  /** Columns one after the other, gzip'd, as base64. */
  readonly packed: string;
}

export const RIDE_MIGRATIONS: readonly Migration[] = [
  { toVersion: 6, name: 'rides and routes are kept', table: 'rides', up: (ride) => ride },
];
