import { nearlyEqual } from '../numbers';
import type { Gear } from './gear';
import { cadenceRpm } from './size';

type Developed = Gear & { readonly developmentM: number };

/** A gear at a speed. */
export interface GearAtSpeed<G extends Developed = Developed> {
  readonly gear: G;
  readonly cadenceRpm: number;
}

/** The cadence that a speed asks for in every gear, in the order of `gears`. */
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
