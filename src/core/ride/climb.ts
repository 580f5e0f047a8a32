import { gearFor, type Gear, type GearAtSpeed } from '../gears';
import { ceilNearly, floorNearly } from '../numbers';
import { speedForPower, type Resistance } from './road-load';
import { kmhOf } from './speed';

/** A steady climb at a rider's power. */
export interface Climb {
  readonly speedKmh: number;
  /** The gear nearest the preferred cadence, and the cadence in it. */
  readonly best: GearAtSpeed<Gear & { readonly developmentM: number }>;
  /** Development that would give the wanted cadence, m. */
  readonly wantedDevelopmentM: number;
}

/** Development for a cadence at a speed, m. */
export function developmentForM(speedKmh: number, cadenceRpm: number): number {
  return (speedKmh * 1000) / (cadenceRpm * 60);
}

/** @param gears easiest first */
export function climb(
  gears: readonly (Gear & { readonly developmentM: number })[],
  powerW: number,
  gradeFraction: number,
  resistance: Resistance,
  wantedRpm: number,
): Climb {
  const speed = kmhOf(speedForPower(powerW, gradeFraction, resistance));
  return {
    speedKmh: speed,
    best: gearFor(gears, speed, wantedRpm),
    wantedDevelopmentM: developmentForM(speed, wantedRpm),
  };
}

/** Largest whole ring that with `cog` stays at or under a development; and the smallest cog that does with `ring`. */
export function teethForEasier(ring: number, cog: number, hubStage: number, rolloutMm: number, wantedM: number) {
  const ratio = (wantedM * 1000) / rolloutMm / hubStage;
  return { ringAtMostT: floorNearly(ratio * cog), cogAtLeastT: ceilNearly(ring / ratio) };
}

/** Smallest whole ring that with `cog` reaches a development; and the largest cog that does with `ring`. */
export function teethForHarder(ring: number, cog: number, hubStage: number, rolloutMm: number, wantedM: number) {
  const ratio = (wantedM * 1000) / rolloutMm / hubStage;
  return { ringAtLeastT: ceilNearly(ratio * cog), cogAtMostT: floorNearly(ring / ratio) };
}
