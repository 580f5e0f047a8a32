'use client';

import { useMemo } from 'react';
import {
  bandOf,
  contradictions,
  fillBrief,
  needsOf,
  riddenSizes,
  usedGears,
  type Contradiction,
  type FilledBrief,
  type Needs,
  type UsedGears,
} from '../../core/brief';
import { rolloutMm, type CadenceBand } from '../../core/gears';
import { recordedSeconds, wheelOf, wheelsetOf } from '../../records';
import { useReadyBench } from './BenchProvider';

/** The brief of the bike on the bench, with nothing left open. */
export interface BriefInUse {
  readonly brief: FilledBrief;
  /** Numbers that cannot be true together; figures that hang on them are not shown while there are any. */
  readonly contradictions: readonly Contradiction[];
  readonly needs: Needs;
  /** Which gears of A are in use; undefined where nothing is known. */
  readonly used: UsedGears | undefined;
}

/** The rider's cadences; undefined while the brief contradicts itself. */
export const bandInUse = ({ contradictions, brief }: BriefInUse): CadenceBand | undefined =>
  contradictions.length > 0 ? undefined : bandOf(brief);

export function useBrief(): BriefInUse {
  const { bench, workshop } = useReadyBench();
  const { bike, setups } = bench;
  const { rides } = workshop;
  const fitted = setups[0]!;
  return useMemo(() => {
    const { brief: said } = bike;
    const recordedS = recordedSeconds(rides, bike.id, fitted);
    const wheel = wheelOf(wheelsetOf(bike, fitted));
    const brief = fillBrief(said, riddenSizes(fitted, said, recordedS, rolloutMm(wheel)));
    return {
      brief,
      contradictions: contradictions(brief),
      needs: needsOf(brief),
      used: usedGears(fitted, said, recordedS),
    };
  }, [bike, fitted, rides]);
}
