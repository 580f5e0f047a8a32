import { nearlyEqual } from '../numbers';
import type { Gear } from './gear';
import { cadenceRpm, speedKmh } from './size';

type Developed = Gear & { readonly developmentM: number };

/** A gear at a speed. */
export interface GearAtSpeed<G extends Developed = Developed> {
  readonly gear: G;
  readonly cadenceRpm: number;
}

/** Cadence at a speed in every gear, rpm, in the order of `gears`. */
export function atSpeed<G extends Developed>(gears: readonly G[], speedKmh: number): GearAtSpeed<G>[] {
  return gears.map((gear) => ({ gear, cadenceRpm: cadenceRpm(gear.developmentM, speedKmh) }));
}

/** The gear whose cadence at a speed is nearest to the preferred one by quotient; of equals the easier. */
export function gearFor<G extends Developed>(
  gears: readonly G[],
  speedKmh: number,
  preferredRpm: number,
): GearAtSpeed<G> {
  const distance = ({ cadenceRpm: rpm }: GearAtSpeed) => Math.abs(Math.log(rpm / preferredRpm));
  return atSpeed(gears, speedKmh).reduce((best, other) => {
    const closer = distance(best) - distance(other);
    return closer > 0 && !nearlyEqual(distance(best), distance(other)) ? other : best;
  });
}

/** The gear of a list nearest in size to one development: the one that does the same job. */
export function nearestGear<G extends Developed>(gears: readonly G[], developmentM: number): G {
  const distance = (gear: G) => Math.abs(Math.log(gear.developmentM / developmentM));
  return gears.reduce((best, gear) => (distance(gear) < distance(best) ? gear : best));
}

/** A stretch of speeds ridden in one gear, with the cadence at its ends. */
export interface CadenceRun<G extends Developed = Developed> {
  readonly gear: G;
  readonly fromKmh: number;
  readonly toKmh: number;
  readonly fromRpm: number;
  readonly toRpm: number;
}

/**
 * The cadence over speed of a rider who is always in the gear nearest the preferred cadence: one run
 * a gear, with changes at the geometric mean of neighbours.
 * @param gears easiest first, no two of the same size
 */
export function cadenceRuns<G extends Developed>(
  gears: readonly G[],
  preferredRpm: number,
  lowestKmh: number,
  highestKmh: number,
): CadenceRun<G>[] {
  const changeAt = (easier: G, harder: G) =>
    speedKmh(Math.sqrt(easier.developmentM * harder.developmentM), preferredRpm);
  return gears
    .map((gear, i) => {
      const easier = gears[i - 1];
      const harder = gears[i + 1];
      const fromKmh = Math.max(lowestKmh, easier ? changeAt(easier, gear) : lowestKmh);
      const toKmh = Math.min(highestKmh, harder ? changeAt(gear, harder) : highestKmh);
      return {
        gear,
        fromKmh,
        toKmh,
        fromRpm: cadenceRpm(gear.developmentM, fromKmh),
        toRpm: cadenceRpm(gear.developmentM, toKmh),
      };
    })
    .filter(({ fromKmh, toKmh }) => fromKmh < toKmh);
}
