'use client';

import { useMemo } from 'react';
import { unitsOf, type Units } from '../measures';
import { useReadyBench } from './BenchProvider';

/** The units that this person reads. */
export function useUnits(): Units {
  const { speedUnit, massUnit } = useReadyBench().preferences;
  return useMemo(() => unitsOf({ speedUnit, massUnit }), [speedUnit, massUnit]);
}
