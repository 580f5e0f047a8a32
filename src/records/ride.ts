import type { Recording } from '../core/recording';
import type { Migration } from './migration';
import type { SetupRecord } from './setup';
import type { RideRecord, RecordingRecord } from './ride.schema';
import { lastOf } from '../core/items';

export type { RideRecord, RecordingRecord };

/** A ride on what a setup has now. */
export function rideOf(
  { bikeId, wheelsetId, chainrings, cogs, hubStages }: SetupRecord,
  name: string,
  startedAtMs: number,
  { timeS, distanceM, positions }: Recording,
  digest: string,
  gearSeconds?: readonly number[],
): Omit<RideRecord, 'id'> {
  return {
    bikeId,
    name,
    startedAtMs,
    seconds: lastOf(timeS),
    distanceM: lastOf(distanceM),
    setup: { chainrings, cogs, hubStages },
    wheelsetId,
    digest,
    ...(positions && { hasPositions: true }),
    gearSeconds,
  };
}

export const RIDE_MIGRATIONS: readonly Migration[] = [
  { toVersion: 6, name: 'rides and routes are kept', table: 'rides', up: (ride) => ride },
  {
    toVersion: 17,
    name: 'rides say whether they have positions, and their surface',
    table: 'rides',
    up: (ride) => ride,
  },
];
