'use client';

import { useMemo } from 'react';
import { checkCapacity, type Check } from '../../core/fit';
import {
  distinctCurve,
  gearReport,
  rolloutMm,
  type DistinctPoint,
  type GearReport,
  type Riding,
} from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import type { GearContext } from '../../kit/explain/gears';

/** Right end of the distinct-gears curve: past it hardly a rider calls two gears one. */
const CURVE_MAX_PERCENT = 20;
const CURVE_STEP_PERCENT = 0.25;

export interface Gears {
  readonly report: GearReport;
  readonly checks: readonly Check[];
  readonly curve: readonly DistinctPoint[];
  readonly context: GearContext;
}

/** Everything that core says of the setup on the bench: the one place where this stage asks it. */
export function useGears(): Gears {
  const { bench, preferences } = useReadyBench();
  const { bike, setup, wheel } = bench;
  const { cadenceRpm, crankLengthMm, closenessPercent } = bike;
  const rollout = rolloutMm(wheel);
  const riding = useMemo(
    (): Riding => ({ rolloutMm: rollout, cadenceRpm, crankLengthMm, closenessPercent }),
    [rollout, cadenceRpm, crankLengthMm, closenessPercent],
  );
  const report = useMemo(() => gearReport(setup, riding), [setup, riding]);
  const checks = useMemo(() => checkCapacity(setup, setup.rearDerailleur), [setup]);
  const curve = useMemo(() => distinctCurve(report.gears, CURVE_MAX_PERCENT, CURVE_STEP_PERCENT), [report]);
  return { report, checks, curve, context: { riding, wheel, speedUnit: preferences.speedUnit } };
}
