import { developmentForM, kmhOf, speedForPower } from '../ride';
import { resistanceOf, type FilledBrief } from './fill';

/** What the brief asks of a setup, worked out by road load. */
export interface Needs {
  /** Speed on the steepest climb at the rider's power, km/h. */
  readonly climbSpeedKmh: number;
  /** Minutes that the steepest climb takes. */
  readonly climbMinutes: number;
  /** The easiest gear must go no farther for a crank turn, m. */
  readonly easiestMaxM: number;
  /** The hardest gear must go at least as far, m. */
  readonly hardestMinM: number;
}

/** The needed easiest and hardest gear: the climbing rpm held on the steepest climb, the top speed reached at the high rpm. */
export function needsOf(brief: FilledBrief): Needs {
  const climbMs = speedForPower(brief.powerW, brief.steepestGradePercent / 100, resistanceOf(brief));
  const climbSpeedKmh = kmhOf(climbMs);
  return {
    climbSpeedKmh,
    climbMinutes: brief.steepestLengthM / climbMs / 60,
    easiestMaxM: developmentForM(climbSpeedKmh, brief.climbingRpm),
    hardestMinM: developmentForM(brief.topSpeedKmh, brief.highRpm),
  };
}
