'use client';

import { useMemo, type Ref } from 'react';
import { gearKey, type Gear, type Setup } from '../../core/gears';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useBrief } from '../../features/workspace/useBrief';
import { laneOf } from '../../features/ladder/request';
import { AxisTitles } from '../../features/ladder/AxisTitles';
import { Ladder } from '../../features/ladder/Ladder';
import { frameAtPreferred, laneRequestOf } from '../../features/ladder/lanes';
import type { LadderPicture } from '../../features/ladder/scene';
import { firstOf } from '../../core/items';

const HEIGHT = 440;

/** The time in each gear of a setup, as it was ridden or would be. */
export interface TimeInGears {
  /** Letter and colour; of two columns no two are alike. */
  readonly place: number;
  readonly title: string;
  readonly setup: Setup;
  readonly rolloutMm: number;
  readonly shares: readonly { readonly gear: Gear; readonly share: number }[];
}

interface UseLadderProps {
  readonly columns: readonly TimeInGears[];
  readonly drawingRef?: Ref<SVGSVGElement>;
}

/** The ladder with the time in each gear as a bar on its rung. */
export function UseLadder({ columns, drawingRef }: UseLadderProps) {
  const units = useUnits();
  const { workspace, preferences } = useReadyWorkspace();
  const inUse = useBrief();
  const { bike } = workspace;
  const picture = useMemo(
    (): LadderPicture => ({
      ...frameAtPreferred(inUse, preferences.stepReading, units, HEIGHT),
      lanes: columns.map(({ place, title, setup, rolloutMm, shares }) => ({
        ...laneOf(laneRequestOf(place, title, setup, rolloutMm, bike, inUse)),
        shares: new Map(shares.map(({ gear, share }) => [gearKey(gear), share])),
      })),
      selected: { place: firstOf(columns).place, key: '' },
    }),
    [columns, bike, inUse, preferences.stepReading, units],
  );
  return (
    <>
      <AxisTitles of={picture} />
      <Ladder picture={picture} {...(drawingRef && { drawingRef })} />
    </>
  );
}
