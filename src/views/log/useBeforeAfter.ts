'use client';

import { useMemo } from 'react';
import { coverage, developedGears, rolloutMm, sameGears, type Setup } from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useWorkerQuery } from '../../features/worker-query/useWorkerQuery';
import { useBrief } from '../../features/workspace/useBrief';
import { wheelOf, wheelsetOf, type JobRecord, type RideRecord } from '../../records';
import { readPacked } from '../../store';
import { rideClient } from '../../workers/rides/client';
import type { GearUsageResponse } from '../../workers/rides/protocol';
import { t } from './text';

/** Rides on one side of a swap, and what they come to. */
export interface Side {
  readonly setup: Setup;
  readonly rides: readonly RideRecord[];
  /** Speeds without a gear in the band. */
  readonly gaps: number;
  readonly usage: GearUsageResponse['use'] | undefined;
}

interface BeforeAfter {
  readonly before: Side;
  readonly after: Side;
  /** Why there is nothing to compare. */
  readonly missing: string | undefined;
  readonly failure: string | undefined;
}

/** Compares gear usage before and after a swap. */
export function useBeforeAfter(job: JobRecord | undefined): BeforeAfter | undefined {
  const { workspace, workshop } = useReadyWorkspace();
  const { brief } = useBrief();
  const { bike } = workspace;
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
      const { gaps } = coverage(gears, { lowRpm, highRpm });
      return {
        setup,
        gaps: gaps.length,
        rides: rides.filter((ride) => isOfIt(ride) && sameGears(ride.setup, setup)),
      };
    };
    return {
      wheelMm,
      before: side(from.setup, ({ startedAtMs }) => startedAtMs < at),
      after: side(to.setup, ({ startedAtMs }) => startedAtMs >= at),
    };
  }, [job, bike, rides, lowRpm, highRpm]);

  const { state } = useWorkerQuery(sides, async ({ before, after, wheelMm }, _onProgress, signal) => {
    const usageOf = async ({ setup, rides: own }: { readonly setup: Setup; readonly rides: readonly RideRecord[] }) => {
      if (own.length === 0) return undefined;
      const { chainrings, cogs, hubStages } = setup;
      const packed = await readPacked(
        db,
        own.map(({ id }) => id),
      );
      const request = {
        setup: { chainrings, cogs, hubStages },
        rolloutMm: wheelMm,
        crossedCogs: bike.crossedCogs,
        lowRpm,
        highRpm,
        packed,
        cassettes: [],
        replayOn: [],
      };
      return (await rideClient().gearUsage(request, () => undefined, signal)).use;
    };
    return [await usageOf(before), await usageOf(after)] as const;
  });

  if (!sides) return undefined;
  const [usageBefore, usageAfter] = state.kind === 'answered' ? state.answer : [];
  const { before, after } = sides;
  const lacks = { before: before.rides.length === 0, after: after.rides.length === 0 };
  const missing =
    lacks.before || lacks.after
      ? t('useBeforeAfter.ridesMissing', { side: !lacks.after ? 'before' : !lacks.before ? 'after' : 'both' })
      : undefined;
  return {
    before: { ...before, usage: usageBefore },
    after: { ...after, usage: usageAfter },
    missing,
    failure: state.kind === 'failed' ? state.message : undefined,
  };
}
