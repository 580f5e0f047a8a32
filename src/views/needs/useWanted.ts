'use client';

import { cadenceRpm, developmentM, gearsOf, rangeOf, rolloutMm, speedKmh } from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import type { BriefInUse } from '../../features/workspace/brief-in-use';
import { useBrief } from '../../features/workspace/useBrief';
import { wheelOf } from '../../records';

/** The needs and the selected setup's figures. */
interface Wanted extends BriefInUse {
  readonly easiestM: number;
  readonly hardestM: number;
  /** Cadence in the easiest gear on the steepest climb. */
  readonly climbRpm: number;
  /** Speed in the hardest gear at the high rpm. */
  readonly topKmh: number;
  readonly easyEnough: boolean;
  readonly hardEnough: boolean;
}

export function useWanted(): Wanted {
  const { workspace } = useReadyWorkspace();
  const inUse = useBrief();
  const { brief, needs } = inUse;
  const { easiest, hardest } = rangeOf(gearsOf(workspace.setup));
  const rollout = rolloutMm(wheelOf(workspace.wheelset));
  const easiestM = developmentM(easiest.ratio, rollout);
  const hardestM = developmentM(hardest.ratio, rollout);
  return {
    ...inUse,
    easiestM,
    hardestM,
    climbRpm: cadenceRpm(easiestM, needs.climbSpeedKmh),
    topKmh: speedKmh(hardestM, brief.highRpm),
    easyEnough: easiestM <= needs.easiestMaxM,
    hardEnough: hardestM >= needs.hardestMinM,
  };
}
