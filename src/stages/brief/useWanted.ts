'use client';

import { cadenceRpm, developmentM, gearsOf, rangeOf, rolloutMm, speedKmh } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { useBrief, type BriefInUse } from '../../kit/bench/useBrief';
import { wheelOf } from '../../records';

/** What the brief asks for and what the setup in depth gives. */
export interface Wanted extends BriefInUse {
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
  const { bench } = useReadyBench();
  const inUse = useBrief();
  const { brief, needs } = inUse;
  const { easiest, hardest } = rangeOf(gearsOf(bench.setup));
  const rollout = rolloutMm(wheelOf(bench.wheelset));
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
