'use client';

import { useMemo, type Ref } from 'react';
import { gearKey, type Gear, type Setup } from '../../core/gears';
import { useUnits } from '../../kit/bench/useUnits';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { useBrief } from '../../kit/bench/useBrief';
import { laneOf } from '../../kit/ladder/request';
import { AxisTitles } from '../../kit/ladder/AxisTitles';
import { Ladder } from '../../kit/ladder/Ladder';
import { frameAtPreferred, laneRequestOf } from '../../kit/ladder/lanes';
import type { LadderPicture } from '../../kit/ladder/scene';

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
  const { bench, preferences } = useReadyBench();
  const inUse = useBrief();
  const { bike } = bench;
  const picture = useMemo(
    (): LadderPicture => ({
      ...frameAtPreferred(inUse, preferences.stepReading, units, HEIGHT),
      lanes: columns.map(({ place, title, setup, rolloutMm, shares }) => ({
        ...laneOf(laneRequestOf(place, title, setup, rolloutMm, bike, inUse)),
        shares: new Map(shares.map(({ gear, share }) => [gearKey(gear), share])),
      })),
      selected: { place: columns[0]!.place, key: '' },
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
