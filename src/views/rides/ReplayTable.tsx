'use client';

import { gearsOf } from '../../core/gears';
import type { GearUse, Replay } from '../../core/recording';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { gearName } from '../../features/explanations/gears';
import { fixed } from '../../ui/format';
import { shareText } from './ride-words';
import { SetupTable } from './SetupTable';
import { t } from './text';
import { itemAt } from '../../core/items';

/** The same rides on every setup of the workspace: what would have been out of the band, and what in it again. */
export function ReplayTable({ replays, use }: { replays: readonly Replay[]; use: GearUse }) {
  const { workspace } = useReadyWorkspace();
  const { setups } = workspace;
  const mostUsed = (replay: Replay, place: number) => {
    const gears = gearsOf(itemAt(setups, place));
    const most = replay.secondsByGear.reduce(
      (best, one, i) => (one > itemAt(replay.secondsByGear, best) ? i : best),
      0,
    );
    const gear = gears[most];
    return gear ? gearName(gear) : '–';
  };
  const rows: readonly (readonly [string, (replay: Replay, place: number) => string])[] = [
    [t('replayTable.outsideCadenceRange'), ({ belowS, aboveS, drivingS }) => shareText(belowS + aboveS, drivingS)],
    [t('replayTable.rangeRideOutsideSetup'), ({ lostS, drivingS }) => shareText(lostS, drivingS)],
    [t('replayTable.outsideRangeRideRange'), ({ wonS, drivingS }) => shareText(wonS, drivingS)],
    [t('replayTable.meanCadenceDifference'), ({ meanChange }) => `${fixed(meanChange * 100, 1)}%`],
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
