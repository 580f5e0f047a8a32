import { bandOf, type FilledBrief } from '../../core/brief';
import { atSpeed, gearFor, speedKmh, type GearReport, type SizedGear } from '../../core/gears';

/** A gear of the shift path at a chosen speed, and what a shift there does. */
export interface SpeedRow {
  readonly gear: SizedGear;
  readonly cadenceRpm: number;
  readonly inBand: boolean;
  /** The gear that the preferred cadence asks for. */
  readonly isNearest: boolean;
  /** Cadence one step easier and one step harder along the shift path; undefined at its ends. */
  readonly easierRpm: number | undefined;
  readonly harderRpm: number | undefined;
  /** Speed at the other chosen figure, a cadence. */
  readonly speedAtCadenceKmh: number;
}

/** The shift path at a speed, easiest gear first. */
export function speedRows(report: GearReport, brief: FilledBrief, atKmh: number, atRpm: number): SpeedRow[] {
  const path = report.pathGears;
  const cadences = atSpeed(path, atKmh);
  const nearest = gearFor(path, atKmh, brief.preferredRpm).gear;
  const { lowRpm, highRpm } = bandOf(brief);
  return cadences.map(({ gear, cadenceRpm }, i) => ({
    gear,
    cadenceRpm,
    inBand: cadenceRpm >= lowRpm && cadenceRpm <= highRpm,
    isNearest: gear === nearest,
    easierRpm: cadences[i - 1]?.cadenceRpm,
    harderRpm: cadences[i + 1]?.cadenceRpm,
    speedAtCadenceKmh: speedKmh(gear.developmentM, atRpm),
  }));
}
