'use client';

import { useMemo } from 'react';
import { developedGears, rolloutMm } from '../../core/gears';
import { GENERIC_CASSETTES } from '../../core/catalog/cassettes';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useWorkerQuery, type WorkerQuery } from '../../features/worker-query/useWorkerQuery';
import { useBrief } from '../../features/workspace/useBrief';
import { wheelOf, wheelsetOf, type RideRecord } from '../../records';
import { readPacked } from '../../store';
import { rideClient } from '../../workers/rides/client';
import type { GearUsageResponse } from '../../workers/rides/protocol';

/** Rides on the same teeth and wheels are analysed together. */
const groupOf = ({ setup, wheelsetId }: RideRecord) =>
  JSON.stringify([setup.chainrings, setup.cogs, setup.hubStages, wheelsetId]);

export interface RidesUse {
  readonly state: WorkerQuery<number, GearUsageResponse>;
  /** The rides that are analysed together. */
  readonly rides: readonly RideRecord[];
  /** Chosen, but ridden on something else. */
  readonly leftOut: readonly RideRecord[];
  readonly measured: boolean;
}

/** Detects the gears of the selected rides in a worker, and replays them on every setup. */
export function useGearUsage(chosen: readonly RideRecord[]): RidesUse {
  const { workspace, workshop } = useReadyWorkspace();
  const { brief } = useBrief();
  const { bike, setups } = workspace;
  const { db } = workshop;
  // By what the newest of them was ridden on: the bike as it is now.
  const newest = chosen.at(-1);
  const group = newest && groupOf(newest);
  const rides = useMemo(() => chosen.filter((ride) => groupOf(ride) === group), [chosen, group]);
  const wheelset = rides[0] && wheelsetOf(bike, rides[0]);
  const { lowRpm, highRpm } = brief;
  const request = useMemo(() => {
    const [first] = rides;
    if (!first || !wheelset) return undefined;
    const band = { crossedCogs: bike.crossedCogs, lowRpm, highRpm };
    return {
      setup: first.setup,
      rolloutMm: rolloutMm(wheelOf(wheelset)),
      ...band,
      cassettes: GENERIC_CASSETTES.map(({ cogs }) => cogs),
      replayOn: setups.map((setup) => {
        const wheelMm = rolloutMm(wheelOf(wheelsetOf(bike, setup)));
        const { chainrings, cogs, hubStages } = setup;
        const gears = developedGears(setup, wheelMm);
        return { setup: { chainrings, cogs, hubStages }, gears, ...band };
      }),
    };
  }, [rides, wheelset, bike, setups, lowRpm, highRpm]);

  const { state } = useWorkerQuery(request, async (sent, onProgress: (share: number) => void, signal) => {
    const packed = await readPacked(
      db,
      rides.map(({ id }) => id),
    );
    return rideClient().gearUsage({ ...sent, packed }, onProgress, signal);
  });

  return {
    state,
    rides,
    leftOut: chosen.filter((ride) => groupOf(ride) !== group),
    measured: wheelset?.measuredRolloutMm !== undefined,
  };
}
