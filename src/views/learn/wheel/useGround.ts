'use client';

import { useMemo } from 'react';
import { wheelRadiusMm, type Gear } from '../../../core/gears';
import { onGround, turned, type OnGround } from '../../../core/lesson';

export interface Ground {
  readonly lanes: readonly OnGround[];
  readonly wheelRadiusM: number;
  /** Distance that the strip must show, m. */
  readonly lengthM: number;
}

/** What the ground under one or two gears looks like after so many turns of the crank. */
export function useGround(gears: readonly Gear[], crankTurns: number, rolloutMm: number): Ground {
  return useMemo(() => {
    const lanes = gears.map((gear) => onGround(gear, crankTurns, rolloutMm));
    // A whole turn fits from the first, so that the strip does not shrink while the crank goes round.
    const turns = Math.max(1, Math.ceil(crankTurns));
    const lengthM = Math.max(...gears.map((gear) => turned(gear, turns, rolloutMm).rolledM));
    return { lanes, wheelRadiusM: wheelRadiusMm(rolloutMm) / 1000, lengthM };
  }, [gears, crankTurns, rolloutMm]);
}
