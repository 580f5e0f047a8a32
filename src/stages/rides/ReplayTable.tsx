'use client';

import { gearsOf } from '../../core/gears';
import type { GearUse, Replay } from '../../core/recording';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { fixed } from '../../kit/format';
import { shareText } from './words/ride-words';
import { SetupTable } from './SetupTable';
import { t } from './words/text';

/** The same rides on every setup of the bench: what would have been out of the band, and what in it again. */
export function ReplayTable({ replays, use }: { replays: readonly Replay[]; use: GearUse }) {
  const { bench } = useReadyBench();
  const { setups } = bench;
  const mostUsed = (replay: Replay, place: number) => {
    const gears = gearsOf(setups[place]!);
    const most = replay.secondsByGear.reduce((best, one, i) => (one > replay.secondsByGear[best]! ? i : best), 0);
    const gear = gears[most];
    return gear ? gearName(gear) : '–';
  };
  const rows: readonly (readonly [string, (replay: Replay, place: number) => string])[] = [
    [t('replayTable.outOfTheBand'), ({ belowS, aboveS, drivingS }) => shareText(belowS + aboveS, drivingS)],
    [t('replayTable.wasInWouldBeOut'), ({ lostS, drivingS }) => shareText(lostS, drivingS)],
    [t('replayTable.wasOutWouldBeIn'), ({ wonS, drivingS }) => shareText(wonS, drivingS)],
    [t('replayTable.cadenceOffByMean'), ({ meanChange }) => `${fixed(meanChange * 100, 1)} %`],
    [t('replayTable.mostUsed'), mostUsed],
  ];
  return (
    <SetupTable
      items={replays}
      rows={rows}
      corner="on"
      caption={t('replayTable.theSameSpeedsInThe', { share: shareText(use.belowS + use.aboveS, use.drivingS) })}
      testId="replay"
    />
  );
}
