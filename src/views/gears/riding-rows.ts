import { bandOf, type FilledBrief } from '../../core/needs';
import { atSpeed, cadenceRpm, gearFor, speedKmh, type GearReport, type SizedGear } from '../../core/gears';
import type { CadenceLine } from '../../features/charts/CadenceChart';
import { gearName } from '../../features/explanations/gears';

/** A gear at a chosen speed, and what a shift there does. */
interface SpeedRow {
  readonly gear: SizedGear;
  readonly cadenceRpm: number;
  readonly inBand: boolean;
  readonly onPath: boolean;
  /** The gear of the shift sequence for the preferred cadence. */
  readonly isNearest: boolean;
  /** Cadence one step easier and one step harder along the shift path; undefined at its ends and off it. */
  readonly easierRpm: number | undefined;
  readonly harderRpm: number | undefined;
  /** Speed at the other chosen figure, a cadence. */
  readonly speedAtCadenceKmh: number;
}

/** Every gear at a speed, easiest first. */
export function speedRows(report: GearReport, brief: FilledBrief, atKmh: number, atRpm: number): SpeedRow[] {
  const path = report.pathGears;
  const nearest = gearFor(path, atKmh, brief.preferredRpm).gear;
  const { lowRpm, highRpm } = bandOf(brief);
  const rpmOf = (gear: SizedGear | undefined) => gear && cadenceRpm(gear.developmentM, atKmh);
  return atSpeed(report.gears, atKmh).map(({ gear, cadenceRpm: rpm }) => {
    const place = path.indexOf(gear);
    return {
      gear,
      cadenceRpm: rpm,
      inBand: rpm >= lowRpm && rpm <= highRpm,
      onPath: place >= 0,
      isNearest: gear === nearest,
      easierRpm: rpmOf(place < 0 ? undefined : path[place - 1]),
      harderRpm: rpmOf(place < 0 ? undefined : path[place + 1]),
      speedAtCadenceKmh: speedKmh(gear.developmentM, atRpm),
    };
  });
}

/** Each gear from the lowest cadence that is accepted to the one at which the rider spins out. */
export function cadenceLines({ gears }: GearReport, { climbingRpm, spinOutRpm }: FilledBrief): CadenceLine[] {
  return gears.map((gear) => ({
    label: gearName(gear),
    fromKmh: speedKmh(gear.developmentM, climbingRpm),
    toKmh: speedKmh(gear.developmentM, spinOutRpm),
    fromRpm: climbingRpm,
    toRpm: spinOutRpm,
    light: gear.crossChained,
  }));
}
