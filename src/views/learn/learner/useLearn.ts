'use client';

import { useMemo } from 'react';
import { DRIVE_DEFAULTS, chainlineOf, type DriveGeometry } from '../../../core/fit';
import { NO_HUB_STAGE, gearsOf, rolloutMm, type Gear, type Setup } from '../../../core/gears';
import type { LessonBike } from '../../../core/lesson';
import { formatShorthand } from '../../../formats/shorthand';
import { useWorkspace } from '../../../features/workspace/WorkspaceProvider';
import { letterOf } from '../../../features/setup-mark/setup-sign';
import { wheelOf } from '../../../records';
import { t } from './text';

/** A setup to learn on, with its place in the workspace. */
interface LearnSetup {
  readonly place: number;
  /** Such as “A 48/32 x 11-36”. */
  readonly name: string;
  readonly setup: Setup;
  /** Easiest first. */
  readonly gears: readonly Gear[];
}

/** The bike that everything in Learn is about. */
export interface LearnBike {
  readonly name: string;
  /** Whether it is a made-up one, because the workspace is empty. */
  readonly isExample: boolean;
  readonly setups: readonly LearnSetup[];
  readonly rolloutMm: number;
  readonly crankLengthMm: number;
  /** Where its parts lie; its cage a long one, which a lesson may exchange. */
  readonly geometry: DriveGeometry;
  readonly lesson: LessonBike;
}

/** The bike used where there is none: a generic touring bike. */
const EXAMPLE = {
  name: t('useLearn.anExampleBike'),
  setups: [
    { chainrings: [48, 32], cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32, 36], hubStages: NO_HUB_STAGE },
    { chainrings: [44], cogs: [10, 11, 13, 15, 17, 19, 21, 24, 28, 32, 38, 44], hubStages: NO_HUB_STAGE },
  ],
  wheel: { rimDiameterMm: 622, tyreWidthMm: 38 },
} as const;
/** The default crank length; cranks range from 165 to 175. */
const TYPICAL_CRANK_MM = 170;
const TYPICAL_CAGE_MM = 93;

export function useLearnBike(): LearnBike {
  const state = useWorkspace();
  const workspace = state.kind === 'ready' ? state.workspace : undefined;
  return useMemo(() => {
    const setups: readonly Setup[] = workspace?.setups ?? EXAMPLE.setups;
    const chainstayMm = workspace?.bike.chainstayMm ?? DRIVE_DEFAULTS.chainstayMm;
    const rollout = rolloutMm(workspace ? wheelOf(workspace.wheelset) : EXAMPLE.wheel);
    return {
      name: workspace?.bike.name ?? EXAMPLE.name,
      isExample: workspace === undefined,
      setups: setups.map((setup, place) => ({
        place,
        name: `${letterOf(place)} ${formatShorthand(setup)}`,
        setup,
        gears: gearsOf(setup),
      })),
      rolloutMm: rollout,
      crankLengthMm: workspace?.bike.crankLengthMm ?? TYPICAL_CRANK_MM,
      geometry: {
        ...DRIVE_DEFAULTS,
        chainstayMm,
        bbDropMm: workspace?.bike.bbDropMm ?? DRIVE_DEFAULTS.bbDropMm,
        cageLengthMm: TYPICAL_CAGE_MM,
      },
      lesson: {
        setups,
        rolloutMm: rollout,
        chainline: (setup) =>
          chainlineOf({ setup, chainstayMm, chainline: workspace?.setups.find((one) => one === setup) }),
      },
    };
  }, [workspace]);
}
