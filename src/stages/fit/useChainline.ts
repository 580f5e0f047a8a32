'use client';

import { useMemo, useState } from 'react';
import {
  CHAINLINE_DEFAULTS,
  DEFAULT_STEEP_ANGLE_DEG,
  backPedalRisk,
  chainAngles,
  straightest,
  typicalCogPitchMm,
  type ChainAngle,
  type ChainlineGeometry,
} from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';

export interface ChainlineRow extends ChainAngle {
  readonly isStraightest: boolean;
  readonly isSteep: boolean;
  readonly mayDrop: boolean;
}

export interface Chainline {
  readonly rows: readonly ChainlineRow[];
  readonly geometry: ChainlineGeometry;
  /** How far the rings are tried outwards of where they are, mm; not kept. */
  readonly shiftMm: number;
  readonly tryShift: (shiftMm: number) => void;
  readonly steepDeg: number;
  readonly setSteepDeg: (steepDeg: number) => void;
}

/** The sideways angle of the chain in every gear. */
export function useChainline(chainstayMm: number): Chainline {
  const { bench } = useReadyBench();
  const { setup } = bench;
  const [shiftMm, tryShift] = useState(0);
  const [steepDeg, setSteepDeg] = useState(DEFAULT_STEEP_ANGLE_DEG);
  return useMemo(() => {
    const geometry = {
      chainstayMm,
      frontChainlineMm: (setup.frontChainlineMm ?? CHAINLINE_DEFAULTS.frontChainlineMm) + shiftMm,
      ringSpacingMm: setup.ringSpacingMm ?? CHAINLINE_DEFAULTS.ringSpacingMm,
      rearChainlineMm: setup.rearChainlineMm ?? CHAINLINE_DEFAULTS.rearChainlineMm,
      cogPitchMm: setup.cogPitchMm ?? typicalCogPitchMm(setup.cogs.length),
    };
    const angles = chainAngles(setup, geometry);
    const straight = setup.chainrings.map((ring) => straightest(angles, ring));
    return {
      rows: angles.map((angle) => ({
        ...angle,
        isStraightest: straight.includes(angle),
        isSteep: Math.abs(angle.angleDeg) > steepDeg,
        mayDrop: backPedalRisk(setup, angle, steepDeg),
      })),
      geometry,
      shiftMm,
      tryShift,
      steepDeg,
      setSteepDeg,
    };
  }, [setup, chainstayMm, shiftMm, steepDeg]);
}
