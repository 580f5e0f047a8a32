'use client';

import { useEffect, useMemo, useState } from 'react';
import { coverage, developedGears, rolloutMm, sameGears, type Setup } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { useBrief } from '../../kit/bench/useBrief';
import { wheelOf, wheelsetOf, type JobRecord, type RideRecord } from '../../records';
import { readPacked } from '../../store';
import { Cancelled } from '../../workers/job-client';
import { rideClient } from '../../workers/rides/client';
import type { GearUsageResponse } from '../../workers/rides/protocol';
import { t } from './words/text';

/** Rides on one side of a swap, and what they come to. */
export interface Side {
  readonly setup: Setup;
  readonly rides: readonly RideRecord[];
  /** Speeds without a gear in the band. */
  readonly holes: number;
  readonly told: GearUsageResponse['use'] | undefined;
}

export interface BeforeAfter {
  readonly before: Side;
  readonly after: Side;
  /** Why there is nothing to compare. */
  readonly missing: string | undefined;
  readonly failure: string | undefined;
}

/** Rides before and after a swap that stayed, told by the same band. */
export function useBeforeAfter(job: JobRecord | undefined): BeforeAfter | undefined {
  const { bench, workshop } = useReadyBench();
  const { brief } = useBrief();
  const { bike } = bench;
  const { db, rides } = workshop;
  const { lowRpm, highRpm } = brief;
  const sides = useMemo(() => {
    if (job?.work.kind !== 'swap' || job.finishedAtMs === undefined) return undefined;
    const { from, to } = job.work;
    const at = job.finishedAtMs;
    const wheelset = wheelsetOf(bike, to.setup);
    const wheelMm = rolloutMm(wheelOf(wheelset));
    const side = (setup: Setup, isOfIt: (ride: RideRecord) => boolean) => {
      const gears = developedGears(setup, wheelMm);
      const { holes } = coverage(gears, { lowRpm, highRpm });
      return {
        setup,
        holes: holes.length,
        rides: rides.filter((ride) => isOfIt(ride) && sameGears(ride.setup, setup)),
      };
    };
    return {
      wheelMm,
      before: side(from.setup, ({ startedAtMs }) => startedAtMs < at),
      after: side(to.setup, ({ startedAtMs }) => startedAtMs >= at),
    };
  }, [job, bike, rides, lowRpm, highRpm]);

  const [answer, setAnswer] = useState<{
    readonly of: unknown;
    readonly told?: readonly (GearUsageResponse['use'] | undefined)[];
    readonly failure?: string;
  }>();
  useEffect(() => {
    if (!sides) return;
    const control = new AbortController();
    const tell = async ({ setup, rides: own }: { readonly setup: Setup; readonly rides: readonly RideRecord[] }) => {
      if (own.length === 0) return undefined;
      const { chainrings, cogs, hubStages } = setup;
      const packed = await readPacked(
        db,
        own.map(({ id }) => id),
      );
      const asked = {
        setup: { chainrings, cogs, hubStages },
        rolloutMm: sides.wheelMm,
        crossedCogs: bike.crossedCogs,
        lowRpm,
        highRpm,
        packed,
        cassettes: [],
        replayOn: [],
      };
      return (await rideClient().tellUse(asked, () => undefined, control.signal)).use;
    };
    const work = async () => {
      const told = [await tell(sides.before), await tell(sides.after)];
      if (!control.signal.aborted) setAnswer({ of: sides, told });
    };
    work().catch((error: unknown) => {
      if (error instanceof Cancelled || control.signal.aborted) return;
      setAnswer({ of: sides, failure: error instanceof Error ? error.message : String(error) });
    });
    return () => control.abort();
  }, [sides, db, bike.crossedCogs, lowRpm, highRpm]);

  if (!sides) return undefined;
  const current = answer?.of === sides ? answer : undefined;
  const { before, after } = sides;
  const missing =
    before.rides.length === 0 || after.rides.length === 0
      ? t('useBeforeAfter.ridesValueItAreMissing', {
          value: [
            ...(before.rides.length === 0 ? ['before'] : []),
            ...(after.rides.length === 0 ? ['after'] : []),
          ].join(' and '),
        })
      : undefined;
  return {
    before: { ...before, told: current?.told?.[0] },
    after: { ...after, told: current?.told?.[1] },
    missing,
    failure: current?.failure,
  };
}
