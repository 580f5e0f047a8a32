import { gearKey, type Gear } from './gear';

/**
 * Pairs of gears of exactly the same size in the same hub stage, by integers
 * (ring₁ × cog₂ = ring₂ × cog₁); the gear on the smaller ring first.
 * @param gears easiest first
 */
export function exactTwins(gears: readonly Gear[]): [Gear, Gear][] {
  return gears.flatMap((gear, i) =>
    gears
      .slice(i + 1)
      .filter((other) => other.hubStage === gear.hubStage && gear.chainring * other.cog === other.chainring * gear.cog)
      .map((other): [Gear, Gear] => [gear, other]),
  );
}

/** For each gear that has a twin, its twin, by {@link gearKey}. */
export function twinByKey(twins: readonly (readonly [Gear, Gear])[]): Map<string, Gear> {
  return new Map(
    twins.flatMap(([a, b]): [string, Gear][] => [
      [gearKey(a), b],
      [gearKey(b), a],
    ]),
  );
}
