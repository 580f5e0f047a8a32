'use client';

import { useMemo } from 'react';
import {
  bandOf,
  contradictions,
  fillBrief,
  needsOf,
  type Contradiction,
  type FilledBrief,
  type Needs,
} from '../../core/brief';
import type { CadenceBand } from '../../core/gears';
import { useReadyBench } from './BenchProvider';

/** The brief of the bike on the bench, with nothing left open. */
export interface BriefInUse {
  readonly brief: FilledBrief;
  /** Numbers that cannot be true together; figures that hang on them are not shown while there are any. */
  readonly contradictions: readonly Contradiction[];
  readonly needs: Needs;
}

/** The rider's cadences; undefined while the brief contradicts itself. */
export const bandInUse = ({ contradictions, brief }: BriefInUse): CadenceBand | undefined =>
  contradictions.length > 0 ? undefined : bandOf(brief);

export function useBrief(): BriefInUse {
  const { bench } = useReadyBench();
  const { brief: said, cadenceRpm } = bench.bike;
  return useMemo(() => {
    const brief = fillBrief(said, cadenceRpm);
    return { brief, contradictions: contradictions(brief), needs: needsOf(brief) };
  }, [said, cadenceRpm]);
}
