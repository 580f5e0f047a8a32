'use client';

import { gearsOf } from '../../core/gears';
import type { GearUse, Replay } from '../../core/recording';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { fixed } from '../../kit/format';
import { shareText } from './ride-words';
import { SetupTable } from './SetupTable';

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
    ['out of the band', ({ belowS, aboveS, drivingS }) => shareText(belowS + aboveS, drivingS)],
    ['was in, would be out', ({ lostS, drivingS }) => shareText(lostS, drivingS)],
    ['was out, would be in', ({ wonS, drivingS }) => shareText(wonS, drivingS)],
    ['cadence off by, mean', ({ meanChange }) => `${fixed(meanChange * 100, 1)} %`],
    ['most used', mostUsed],
  ];
  return (
    <SetupTable
      items={replays}
      rows={rows}
      corner="on"
      caption={`The same speeds in the nearest gear of each setup; as ridden ${shareText(use.belowS + use.aboveS, use.drivingS)} were out of the band`}
      testId="replay"
    />
  );
}
