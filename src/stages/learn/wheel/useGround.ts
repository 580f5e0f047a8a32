'use client';

import { useMemo } from 'react';
import { wheelRadiusMm, type Gear } from '../../../core/gears';
import { turned } from '../../../core/lesson';

/** A gear on the ground: where its valve came down, where each turn of the crank ended, and where the wheel stands. */
export interface GroundLane {
  readonly rolledM: number;
  readonly wheelTurns: number;
  /** m from the start, the start among them. */
  readonly valveM: readonly number[];
  readonly turnEndsM: readonly number[];
}

export interface Ground {
  readonly lanes: readonly GroundLane[];
  readonly wheelRadiusM: number;
  /** What the strip must have room for, m. */
  readonly lengthM: number;
}

/** What the ground under one or two gears looks like after so many turns of the crank. */
export function useGround(gears: readonly Gear[], crankTurns: number, rolloutMm: number): Ground {
  return useMemo(() => {
    const wholeTurns = Math.floor(crankTurns);
    const lanes = gears.map((gear): GroundLane => {
      const { rolledM, wheelTurns, valvePasses } = turned(gear, crankTurns, rolloutMm);
      return {
        rolledM,
        wheelTurns,
        valveM: Array.from({ length: valvePasses + 1 }, (_, i) => (i * rolloutMm) / 1000),
        turnEndsM: Array.from({ length: wholeTurns }, (_, i) => turned(gear, i + 1, rolloutMm).rolledM),
      };
    });
    // A whole turn fits from the first, so that the strip does not shrink while the crank goes round.
    const turns = Math.max(1, Math.ceil(crankTurns));
    const lengthM = Math.max(...gears.map((gear) => turned(gear, turns, rolloutMm).rolledM));
    return { lanes, wheelRadiusM: wheelRadiusMm(rolloutMm) / 1000, lengthM };
  }, [gears, crankTurns, rolloutMm]);
}
