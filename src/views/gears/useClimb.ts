'use client';

import { useState } from 'react';
import { resistanceOf, totalMassKg } from '../../core/needs';
import { cadenceRpm, type SizedGear } from '../../core/gears';
import { climb, teethForEasier, type Climb, type Resistance } from '../../core/ride';
import type { Gears } from './useGears';
import { firstOf } from '../../core/items';

/** Input of the climb panel; blanks default to Needs. */
export interface ClimbTyped {
  readonly gradePercent?: number | undefined;
  readonly powerW?: number | undefined;
  readonly massKg?: number | undefined;
  readonly wantedRpm?: number | undefined;
}

interface ClimbView {
  readonly typed: ClimbTyped;
  readonly type: (edit: ClimbTyped) => void;
  readonly used: Required<{ readonly [K in keyof ClimbTyped]: number }>;
  readonly result: Climb;
  readonly resistance: Resistance;
  readonly easiest: SizedGear;
  readonly easiestRpm: number;
  /** Whether the easiest gear is easy enough. */
  readonly enough: boolean;
  readonly remedy: { readonly ringAtMostT: number; readonly cogAtLeastT: number };
}

/** A climb at a power, in the gears of the selected setup. */
export function useClimb({ report, inUse, context }: Gears): ClimbView {
  const { brief } = inUse;
  const [typed, setTyped] = useState<ClimbTyped>({});
  const used = {
    gradePercent: typed.gradePercent ?? brief.steepestGradePercent,
    powerW: typed.powerW ?? brief.powerW,
    massKg: typed.massKg ?? totalMassKg(brief),
    wantedRpm: typed.wantedRpm ?? brief.climbingRpm,
  };
  const resistance = { ...resistanceOf(brief), massKg: used.massKg };
  const result = climb(report.gears, used.powerW, used.gradePercent / 100, resistance, used.wantedRpm);
  const easiest = firstOf(report.gears);
  const easiestRpm = cadenceRpm(easiest.developmentM, result.speedKmh);
  return {
    typed,
    type: (edit) => setTyped({ ...typed, ...edit }),
    used,
    result,
    resistance,
    easiest,
    easiestRpm,
    enough: easiest.developmentM <= result.wantedDevelopmentM,
    remedy: teethForEasier(
      easiest.chainring,
      easiest.cog,
      easiest.hubStage,
      context.riding.rolloutMm,
      result.wantedDevelopmentM,
    ),
  };
}
