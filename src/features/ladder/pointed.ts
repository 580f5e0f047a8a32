import { cadenceRpm, gearFor, speedKmh, stepBetween, type SizedGear, type Step } from '../../core/gears';
import type { LadderLane } from './layout';

/** The gear of a setup at the height of the pointer. */
interface Pointed {
  readonly place: number;
  /** Of its shift sequence, the one nearest to the cadence at which the axis holds. */
  readonly gear: SizedGear;
  /** At that speed, in that gear. */
  readonly cadenceRpm: number;
  /** To the next harder gear of the sequence; undefined in the hardest. */
  readonly next: Step | undefined;
}

/** Reads every setup at one speed. */
export function pointedAt(lanes: readonly LadderLane[], developmentM: number): readonly Pointed[] {
  return lanes.map(({ place, report, cadenceRpm: shownRpm }) => {
    const speed = speedKmh(developmentM, shownRpm);
    const { gear } = gearFor(report.pathGears, speed, shownRpm);
    const harder = report.pathGears[report.pathGears.indexOf(gear) + 1];
    return {
      place,
      gear,
      cadenceRpm: cadenceRpm(gear.developmentM, speed),
      next: harder && stepBetween(gear, harder),
    };
  });
}
