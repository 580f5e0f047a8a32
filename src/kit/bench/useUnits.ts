'use client';

import { useMemo } from 'react';
import { rolloutMm } from '../../core/gears';
import { wheelOf } from '../../records';
import { gearSizeOf, unitsOf, type Units } from '../measures';
import { useReadyBench } from './BenchProvider';

/** The units that this person reads; gears are sized on the wheel and crank of the setup in depth. */
export function useUnits(): Units {
  const { bench, preferences } = useReadyBench();
  const { speedUnit, massUnit, quantity, gearInchSchool } = preferences;
  const { wheelset, bike } = bench;
  return useMemo(
    () =>
      unitsOf(
        { speedUnit, massUnit },
        gearSizeOf({ quantity, gearInchSchool }, rolloutMm(wheelOf(wheelset)), bike.crankLengthMm),
      ),
    [speedUnit, massUnit, quantity, gearInchSchool, wheelset, bike.crankLengthMm],
  );
}
