'use client';

import { useEffect, useMemo, useState } from 'react';
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
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { useBrief } from '../../kit/bench/useBrief';
import { wheelOf, wheelsetOf } from '../../records';
import { readPacked } from '../../store';
import { cogsClient } from '../../workers/find/client';
import { Cancelled } from '../../workers/job-client';
import { t } from './words/text';

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

export interface CassetteBuilder {
  readonly ask: BuilderAsk;
  readonly set: (change: Partial<BuilderAsk>) => void;
  readonly built: CassetteBuilt | undefined;
  /** The nearest that can be bought, with its figures to the same goal. */
  readonly bought: { readonly cogs: readonly number[]; readonly figures: CassetteFigures } | undefined;
  /** Why nothing is built yet. */
  readonly waiting: string | undefined;
}

/** Builds a cassette for the bike on the bench; begins with the ends of the one that is fitted. */
export function useCassetteBuilder(): CassetteBuilder {
  const { bench, workshop } = useReadyBench();
  const { bike, setups } = bench;
  const present = setups[0]!;
  const { brief } = useBrief();
  const [own, setOwn] = useState<Partial<BuilderAsk>>({});
  const ask = useMemo(
    (): BuilderAsk => ({
      goal: 'even',
      count: present.cogs.length,
      smallestT: present.cogs[0]!,
      largestT: present.cogs.at(-1)!,
      forced: [],
      forbidden: [],
      only: undefined,
      fromKmh: brief.climbingBelowKmh,
      toKmh: brief.fastAboveKmh,
      chainring: present.chainrings[0]!,
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

/** The cogs that a ride asked for, worked out in the worker. */
function useWanted({ goal, rideId, chainring }: BuilderAsk, rollout: number): Wanted {
  const { workshop } = useReadyBench();
  const { db } = workshop;
  const key = goal === 'use' && rideId !== undefined ? `${rideId} ${chainring} ${rollout}` : undefined;
  const [answer, setAnswer] = useState<{
    readonly key: string;
    readonly cogs?: readonly CogWanted[];
    readonly problem?: string;
  }>();
  useEffect(() => {
    if (key === undefined || rideId === undefined) return;
    const abort = new AbortController();
    readPacked(db, [rideId])
      .then((packed) => cogsClient().wantedCogs({ packed, chainring, rolloutMm: rollout }, abort.signal))
      .then(
        (cogs) => !abort.signal.aborted && setAnswer({ key, cogs }),
        (error: unknown) => {
          if (error instanceof Cancelled || abort.signal.aborted) return;
          setAnswer({ key, problem: error instanceof Error ? error.message : String(error) });
        },
      );
    return () => abort.abort();
  }, [key, rideId, chainring, rollout, db]);
  if (goal !== 'use') return { cogs: undefined, waiting: undefined };
  if (key === undefined) return { cogs: undefined, waiting: t('useCassetteBuilder.noRideYetBringOne') };
  if (answer?.key !== key) return { cogs: undefined, waiting: t('useCassetteBuilder.readingTheRide') };
  return { cogs: answer.cogs, waiting: answer.problem };
}
