'use client';

import { useMemo, useState } from 'react';
import { DEFAULT_STEEP_ANGLE_DEG, backPedalRisk, type ChainlineGeometry } from '../../core/fit';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { topViewGears, type TopViewGear } from '../../features/top-view/top-view-gears';
import type { Fit } from './useFit';

interface ChainlineRow extends TopViewGear {
  readonly mayDrop: boolean;
}

interface Chainline {
  readonly rows: readonly ChainlineRow[];
  readonly geometry: ChainlineGeometry;
  /** How far the rings are tried outwards of where they are, mm; not kept. */
  readonly shiftMm: number;
  readonly tryShift: (shiftMm: number) => void;
  readonly steepDeg: number;
}

/** The sideways angle of the chain in every gear, with the rings where they are or tried elsewhere. */
export function useChainline({ report }: Fit): Chainline {
  const { workspace } = useReadyWorkspace();
  const { setup, bike } = workspace;
  const { chainline } = report;
  const steepDeg = bike.steepAngleDeg ?? DEFAULT_STEEP_ANGLE_DEG;
  const [shiftMm, tryShift] = useState(0);
  return useMemo(() => {
    const geometry = { ...chainline, frontChainlineMm: chainline.frontChainlineMm + shiftMm };
    return {
      rows: topViewGears(setup, geometry, steepDeg).map((gear) => ({
        ...gear,
        mayDrop: backPedalRisk(setup, gear, steepDeg),
      })),
      geometry,
      shiftMm,
      tryShift,
      steepDeg,
    };
  }, [setup, chainline, shiftMm, steepDeg]);
}
