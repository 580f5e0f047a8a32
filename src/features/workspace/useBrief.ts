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
} from '../../core/needs';
import { rolloutMm, type CadenceBand } from '../../core/gears';
import { wheelOf, wheelsetOf } from '../../records';
import { recordedSeconds } from '../../records/selectors/recorded-seconds';
import { useReadyWorkspace } from './WorkspaceProvider';
import { firstOf } from '../../core/items';

/** The needs of the open bike, with defaults for blanks. */
export interface BriefInUse {
  readonly brief: FilledBrief;
  /** Conflicting numbers; figures that depend on them are hidden meanwhile. */
  readonly contradictions: readonly Contradiction[];
  readonly needs: Needs;
  /** Which gears of A are in use; undefined where nothing is known. */
  readonly used: UsedGears | undefined;
}

/** The rider's cadences; undefined while the needs conflict. */
export const bandInUse = ({ contradictions, brief }: BriefInUse): CadenceBand | undefined =>
  contradictions.length > 0 ? undefined : bandOf(brief);

export function useBrief(): BriefInUse {
  const { workspace, workshop } = useReadyWorkspace();
  const { bike, setups } = workspace;
  const { rides } = workshop;
  const fitted = firstOf(setups);
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
