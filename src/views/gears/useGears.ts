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
import { useReadyWorkspace, type Workspace } from '../../features/workspace/WorkspaceProvider';
import { bandInUse, type BriefInUse } from '../../features/workspace/brief-in-use';
import { useBrief } from '../../features/workspace/useBrief';
import type { GearContext } from '../../features/explanations/gears';
import type { LaneRequest } from '../../features/ladder/request';
import { wheelOf } from '../../records';
import { leftOutOf } from '../../records/selectors/fit-input';
import { lastOf } from '../../core/items';

/** Right end of the distinct-gears curve: past it hardly a rider calls two gears one. */
const CURVE_MAX_PERCENT = 20;
const CURVE_STEP_PERCENT = 0.25;

export interface Gears {
  readonly report: GearReport;
  readonly checks: readonly Check[];
  readonly curve: readonly DistinctPoint[];
  readonly context: GearContext;
  readonly inUse: BriefInUse;
  /** Undefined while the needs conflict. */
  readonly coverage: Coverage | undefined;
  readonly spinOutKmh: number;
  readonly bigChange: BigChange;
}

function ridingOf({ bike, wheelset }: Pick<Workspace, 'bike' | 'wheelset'>): Riding {
  const { cadenceRpm, crankLengthMm, closenessPercent, crossedCogs } = bike;
  return { rolloutMm: rolloutMm(wheelOf(wheelset)), cadenceRpm, crankLengthMm, closenessPercent, crossedCogs };
}

/** Input of the ladder column of the selected setup. */
export function laneRequest(workspace: Workspace, inUse: BriefInUse): LaneRequest {
  const { chainrings, cogs, hubStages } = workspace.setup;
  return {
    place: workspace.place,
    title: '',
    setup: { chainrings, cogs, hubStages },
    riding: ridingOf(workspace),
    band: bandInUse(inUse),
  };
}

/** All results of core for the selected setup: the only call of this view. */
export function useGears(): Gears {
  const { workspace, preferences } = useReadyWorkspace();
  const inUse = useBrief();
  const { bike, setup, wheelset } = workspace;
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
    spinOutKmh: speedKmh(lastOf(report.gears).developmentM, inUse.brief.spinOutRpm),
    bigChange: bigChange(setup, report.path, setup.clicksPerPush),
  };
}
