'use client';

import { useMemo, useState } from 'react';
import {
  buildCassette,
  cassetteFigures,
  nearestBought,
  type CassetteBuilt,
  type CassetteFigures,
  type CassetteGoal,
  type CogWanted,
} from '../../core/find';
import { checkCogs, rolloutMm } from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useWorkerQuery } from '../../features/worker-query/useWorkerQuery';
import { useBrief } from '../../features/workspace/useBrief';
import { wheelOf, wheelsetOf } from '../../records';
import { readPacked } from '../../store';
import { cogsClient } from '../../workers/find/client';
import { t } from './text';
import { firstOf, lastOf } from '../../core/items';

export type GoalKind = CassetteGoal['kind'] | 'hand';

/** What a cassette is built to; not kept, the cassettes themselves are. */
export interface BuilderAsk {
  readonly goal: GoalKind;
  readonly count: number;
  readonly smallestT: number;
  readonly largestT: number;
  readonly forced: readonly number[];
  readonly forbidden: readonly number[];
  readonly only: readonly number[] | undefined;
  readonly fromKmh: number;
  readonly toKmh: number;
  readonly chainring: number;
  readonly rideId: string | undefined;
  /** Chosen cog by cog. */
  readonly byHand: readonly number[];
}

interface CassetteBuilder {
  readonly ask: BuilderAsk;
  readonly set: (change: Partial<BuilderAsk>) => void;
  readonly built: CassetteBuilt | undefined;
  /** The nearest that can be bought, with its figures to the same goal. */
  readonly bought: { readonly cogs: readonly number[]; readonly figures: CassetteFigures } | undefined;
  /** Why nothing is built yet. */
  readonly waiting: string | undefined;
}

/** Builds a cassette for the bike in the workspace; begins with the ends of the one that is fitted. */
export function useCassetteBuilder(): CassetteBuilder {
  const { workspace, workshop } = useReadyWorkspace();
  const { bike, setups } = workspace;
  const present = firstOf(setups);
  const { brief } = useBrief();
  const [own, setOwn] = useState<Partial<BuilderAsk>>({});
  const ask = useMemo(
    (): BuilderAsk => ({
      goal: 'even',
      count: present.cogs.length,
      smallestT: firstOf(present.cogs),
      largestT: lastOf(present.cogs),
      forced: [],
      forbidden: [],
      only: undefined,
      fromKmh: brief.climbingBelowKmh,
      toKmh: brief.fastAboveKmh,
      chainring: firstOf(present.chainrings),
      rideId: workshop.rides.at(-1)?.id,
      byHand: present.cogs,
      ...own,
    }),
    [present, brief, workshop.rides, own],
  );
  const rollout = rolloutMm(wheelOf(wheelsetOf(bike, present)));
  const wanted = useWanted(ask, rollout);
  const goal = useMemo((): CassetteGoal | undefined => {
    switch (ask.goal) {
      case 'hand':
      case 'even':
        return { kind: 'even' };
      case 'zone': {
        const { fromKmh, toKmh, chainring } = ask;
        return { kind: 'zone', zone: { fromKmh, toKmh, chainring, rolloutMm: rollout, cadenceRpm: bike.cadenceRpm } };
      }
      case 'use':
        return wanted.cogs && { kind: 'use', wanted: wanted.cogs };
    }
  }, [ask, rollout, bike.cadenceRpm, wanted.cogs]);
  return useMemo(() => {
    const set = (change: Partial<BuilderAsk>) => setOwn((before) => ({ ...before, ...change }));
    const nothing = { ask, set, built: undefined, bought: undefined };
    if (!goal) return { ...nothing, waiting: wanted.waiting };
    const built = ask.goal === 'hand' ? byHand(ask.byHand, goal) : buildCassette(ask, goal);
    const cogs = built.ok ? nearestBought(built.cogs) : undefined;
    return { ask, set, built, bought: cogs && { cogs, figures: cassetteFigures(cogs, goal) }, waiting: undefined };
  }, [ask, goal, wanted.waiting]);
}

function byHand(cogs: readonly number[], goal: CassetteGoal): CassetteBuilt {
  const [problem] = checkCogs(cogs);
  return problem ? { ok: false, message: problem.message } : { ok: true, cogs, figures: cassetteFigures(cogs, goal) };
}

interface Wanted {
  readonly cogs: readonly CogWanted[] | undefined;
  readonly waiting: string | undefined;
}

/** The cogs that a ride needed, computed in a worker. */
function useWanted({ goal, rideId, chainring }: BuilderAsk, rollout: number): Wanted {
  const { workshop } = useReadyWorkspace();
  const { db } = workshop;
  const request = useMemo(
    () => (goal === 'use' && rideId !== undefined ? { rideId, chainring, rolloutMm: rollout } : undefined),
    [goal, rideId, chainring, rollout],
  );
  const { state } = useWorkerQuery(request, async ({ rideId: id, ...rest }, _onProgress, signal) =>
    cogsClient().wantedCogs({ packed: await readPacked(db, [id]), ...rest }, signal),
  );
  if (goal !== 'use') return { cogs: undefined, waiting: undefined };
  switch (state.kind) {
    case 'idle':
      return { cogs: undefined, waiting: t('useCassetteBuilder.noRideYetBringOne') };
    case 'answered':
      return { cogs: state.answer, waiting: undefined };
    case 'failed':
      return { cogs: undefined, waiting: state.message };
    case 'working':
    case 'cancelled':
      return { cogs: undefined, waiting: t('useCassetteBuilder.readingTheRide') };
  }
}
