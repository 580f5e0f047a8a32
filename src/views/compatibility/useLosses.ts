'use client';

import { useMemo } from 'react';
import { frontDragW } from '../../core/compare';
import { lossWatts, type LossWatts } from '../../core/fit';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useBrief } from '../../features/workspace/useBrief';
import type { LossSchool } from '../../records';
import type { Fit } from './useFit';

/** Speeds at which the drag of front derailleur and second ring is shown, km/h. */
const SPEEDS_KMH = [15, 25, 35, 45] as const;

interface Losses {
  readonly school: LossSchool;
  readonly powerW: number;
  /** A row a ring, big first; cogs smallest first. */
  readonly rows: readonly (readonly LossWatts[])[];
  readonly most: LossWatts;
  readonly least: LossWatts;
  readonly anglePercentPerDeg: number;
  readonly frontDragCm2: number;
  readonly drag: readonly { readonly speedKmh: number; readonly watts: number }[];
}

/** What the chain loses in every gear at the rider's power, and what leaving out the front parts saves in the air. */
export function useLosses({ report }: Fit): Losses {
  const { workspace } = useReadyWorkspace();
  const { brief } = useBrief();
  const { bike, setup } = workspace;
  const { powerW, frontDragCm2 } = brief;
  const { lossSchool: school = 'count', angleLossPercentPerDeg: anglePercentPerDeg = 0 } = bike;
  return useMemo(() => {
    const all = report.angles.map((angle) => lossWatts(angle, powerW, anglePercentPerDeg));
    return {
      school,
      powerW,
      rows: setup.chainrings.map((ring) => all.filter(({ chainring }) => chainring === ring)),
      most: all.reduce((most, one) => (one.watts > most.watts ? one : most)),
      least: all.reduce((least, one) => (one.watts < least.watts ? one : least)),
      anglePercentPerDeg,
      frontDragCm2,
      drag: SPEEDS_KMH.map((speedKmh) => ({ speedKmh, watts: frontDragW(frontDragCm2, speedKmh) })),
    };
  }, [report, setup, powerW, frontDragCm2, school, anglePercentPerDeg]);
}
