'use client';

import { useEffect, useMemo, useState } from 'react';
import { developedGears, rolloutMm } from '../../core/gears';
import { GENERIC_CASSETTES } from '../../core/parts/cassettes';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { useBrief } from '../../kit/bench/useBrief';
import { wheelOf, wheelsetOf, type RideRecord } from '../../records';
import { readPacked } from '../../store';
import { Cancelled } from '../../workers/job-client';
import { rideClient } from '../../workers/rides/client';
import type { GearUsageResponse } from '../../workers/rides/protocol';

type UseState =
  | { readonly kind: 'none' }
  | { readonly kind: 'working'; readonly done: number }
  | { readonly kind: 'failed'; readonly message: string }
  | { readonly kind: 'told'; readonly told: GearUsageResponse };

/** Rides are told together where they were ridden on the same teeth and wheels. */
const groupOf = ({ setup, wheelsetId }: RideRecord) =>
  JSON.stringify([setup.chainrings, setup.cogs, setup.hubStages, wheelsetId]);

export interface RidesUse {
  readonly state: UseState;
  /** The rides that are told together. */
  readonly rides: readonly RideRecord[];
  /** Chosen, but ridden on something else. */
  readonly leftOut: readonly RideRecord[];
  readonly measured: boolean;
}

/** Tells the gears of the chosen rides in the worker, and replays them on every setup of the bench. */
export function useGearUsage(chosen: readonly RideRecord[]): RidesUse {
  const { bench, workshop } = useReadyBench();
  const { brief } = useBrief();
  const { bike, setups } = bench;
  const { db } = workshop;
  // By what the newest of them was ridden on: the bike as it is now.
  const newest = chosen.at(-1);
  const group = newest && groupOf(newest);
  const rides = useMemo(() => chosen.filter((ride) => groupOf(ride) === group), [chosen, group]);
  const wheelset = rides[0] && wheelsetOf(bike, rides[0]);
  const { lowRpm, highRpm } = brief;
  const asked = useMemo(() => {
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

  const [answer, setAnswer] = useState<{ readonly asked: unknown; readonly state: UseState }>();
  useEffect(() => {
    if (!asked) return;
    const control = new AbortController();
    const say = (state: UseState) => !control.signal.aborted && setAnswer({ asked, state });
    const work = async () => {
      const packed = await readPacked(
        db,
        rides.map(({ id }) => id),
      );
      const onProgress = (done: number) => void say({ kind: 'working', done });
      const told = await rideClient().tellUse({ ...asked, packed }, onProgress, control.signal);
      say({ kind: 'told', told });
    };
    work().catch((error: unknown) => {
      if (error instanceof Cancelled) return;
      say({ kind: 'failed', message: error instanceof Error ? error.message : String(error) });
    });
    return () => control.abort();
  }, [asked, rides, db]);
  const current = answer?.asked === asked ? answer?.state : undefined;
  const state: UseState = asked ? (current ?? { kind: 'working', done: 0 }) : { kind: 'none' };

  return {
    state,
    rides,
    leftOut: chosen.filter((ride) => groupOf(ride) !== group),
    measured: wheelset?.measuredRolloutMm !== undefined,
  };
}
