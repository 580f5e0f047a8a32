import { climbEffort, developmentForM, kmhOf, type Resistance } from '../ride';
import { resistanceOf, staminaOf, type FilledBrief } from './fill';

/** Minimum speed at which a bike is balanced, km/h. */
export const BALANCE_KMH = 4.5;

/** The needs of a brief, computed by road load and power by duration. */
export interface Needs {
  /** The rider's own power on the steepest climb, held to its end, W. */
  readonly climbPowerW: number;
  /** Speed on the steepest climb at that power, km/h. */
  readonly climbSpeedKmh: number;
  /** Minutes that the steepest climb takes. */
  readonly climbMinutes: number;
  /** Whether the rider is too slow there to stay upright, and will walk whatever the gear. */
  readonly walks: boolean;
  /** The easiest gear must go no farther for a crank turn, m. */
  readonly easiestMaxM: number;
  /** The hardest gear must go at least as far, m. */
  readonly hardestMinM: number;
}

/**
 * The needed easiest and hardest gear: the climbing rpm held on the steepest climb, or at {@link BALANCE_KMH} where the
 * climb is slower, and the top speed reached at the high rpm.
 * @param resistance where it is known better than by position and surface
 */
export function needsOf(brief: FilledBrief, resistance: Resistance = resistanceOf(brief)): Needs {
  const grade = brief.steepestGradePercent / 100;
  const climb = climbEffort(brief.steepestLengthM, grade, staminaOf(brief), resistance);
  const climbSpeedKmh = kmhOf(climb.speedMs);
  return {
    climbPowerW: climb.powerW,
    climbSpeedKmh,
    climbMinutes: climb.seconds / 60,
    walks: climbSpeedKmh < BALANCE_KMH,
    easiestMaxM: developmentForM(Math.max(BALANCE_KMH, climbSpeedKmh), brief.climbingRpm),
    hardestMinM: developmentForM(brief.topSpeedKmh, brief.highRpm),
  };
}
