'use client';

import { useMemo } from 'react';
import { checkCapacity, type Check } from '../../core/fit';
import {
  bigChange,
  coverage,
  distinctCurve,
  gearReport,
  rolloutMm,
  speedKmh,
  type BigChange,
  type Coverage,
  type DistinctPoint,
  type GearReport,
  type Riding,
} from '../../core/gears';
import { useReadyBench, type Bench } from '../../kit/bench/BenchProvider';
import { bandInUse, useBrief, type BriefInUse } from '../../kit/bench/useBrief';
import type { GearContext } from '../../kit/explain/gears';
import type { LaneRequest } from '../../kit/ladder/request';
import { leftOutOf, wheelOf } from '../../records';

/** Right end of the distinct-gears curve: past it hardly a rider calls two gears one. */
const CURVE_MAX_PERCENT = 20;
const CURVE_STEP_PERCENT = 0.25;

export interface Gears {
  readonly report: GearReport;
  readonly checks: readonly Check[];
  readonly curve: readonly DistinctPoint[];
  readonly context: GearContext;
  readonly inUse: BriefInUse;
  /** Undefined while the brief contradicts itself. */
  readonly coverage: Coverage | undefined;
  readonly spinOutKmh: number;
  readonly bigChange: BigChange;
}

function ridingOf({ bike, wheelset }: Pick<Bench, 'bike' | 'wheelset'>): Riding {
  const { cadenceRpm, crankLengthMm, closenessPercent, crossedCogs } = bike;
  return { rolloutMm: rolloutMm(wheelOf(wheelset)), cadenceRpm, crankLengthMm, closenessPercent, crossedCogs };
}

/** What the lane of the setup in depth is worked out from. */
export function laneRequest(bench: Bench, inUse: BriefInUse): LaneRequest {
  const { chainrings, cogs, hubStages } = bench.setup;
  return {
    place: bench.place,
    title: '',
    setup: { chainrings, cogs, hubStages },
    riding: ridingOf(bench),
    band: bandInUse(inUse),
  };
}

/** Everything that core says of the setup in depth: the one place where this stage asks it. */
export function useGears(): Gears {
  const { bench, preferences } = useReadyBench();
  const inUse = useBrief();
  const { bike, setup, wheelset } = bench;
  const riding = useMemo(() => ridingOf({ bike, wheelset }), [bike, wheelset]);
  const report = useMemo(() => gearReport(setup, riding), [setup, riding]);
  const covered = useMemo(() => {
    const band = bandInUse(inUse);
    return band && coverage(report.gears, band);
  }, [report, inUse]);
  const checks = useMemo(
    () => checkCapacity({ setup, rearDerailleur: setup.rearDerailleur, avoided: leftOutOf(setup) }),
    [setup],
  );
  const curve = useMemo(() => distinctCurve(report.gears, CURVE_MAX_PERCENT, CURVE_STEP_PERCENT), [report]);
  return {
    report,
    context: { riding, wheel: wheelOf(wheelset), speedUnit: preferences.speedUnit },
    inUse,
    coverage: covered,
    checks,
    curve,
    spinOutKmh: speedKmh(report.gears.at(-1)!.developmentM, inUse.brief.spinOutRpm),
    bigChange: bigChange(setup, report.path, setup.clicksPerPush),
  };
}
