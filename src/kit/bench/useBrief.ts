'use client';

import { useMemo } from 'react';
import { contradictions, fillBrief, needsOf, type Contradiction, type FilledBrief, type Needs } from '../../core/brief';
import { useReadyBench } from './BenchProvider';

/** The brief of the bike on the bench, with nothing left open. */
export interface BriefInUse {
  readonly brief: FilledBrief;
  /** Numbers that cannot be true together; figures that hang on them are not shown while there are any. */
  readonly contradictions: readonly Contradiction[];
  readonly needs: Needs;
}

export function useBrief(): BriefInUse {
  const { bench } = useReadyBench();
  const { brief: said, cadenceRpm } = bench.bike;
  return useMemo(() => {
    const brief = fillBrief(said, cadenceRpm);
    return { brief, contradictions: contradictions(brief), needs: needsOf(brief) };
  }, [said, cadenceRpm]);
}
