import { gearKey, type Gear } from './gear';

/**
 * Pairs of gears of exactly the same size in the same hub stage, by integers
 * (ring₁ × cog₂ = ring₂ × cog₁); the gear on the smaller ring first.
 * @param gears easiest first
 */
export function exactDuplicates(gears: readonly Gear[]): [Gear, Gear][] {
  return gears.flatMap((gear, i) =>
    gears
      .slice(i + 1)
      .filter((other) => other.hubStage === gear.hubStage && gear.chainring * other.cog === other.chainring * gear.cog)
      .map((other): [Gear, Gear] => [gear, other]),
  );
}

/**
 * Pairs of gears on different rings, in the same hub stage, that are closer than `closenessPercent` and not exactly the
 * same; each gear with the nearest on the other ring alone. The gear on the smaller ring first.
 * @param gears easiest first
 */
export function nearDuplicates(gears: readonly Gear[], closenessPercent: number): [Gear, Gear][] {
  const threshold = 1 + closenessPercent / 100;
  const apart = (a: Gear, b: Gear) => Math.max(a.ratio / b.ratio, b.ratio / a.ratio);
  const nearestOf = (gear: Gear): Gear | undefined =>
    gears
      .filter(({ chainring, hubStage }) => chainring !== gear.chainring && hubStage === gear.hubStage)
      .reduce<Gear | undefined>((best, one) => (!best || apart(one, gear) < apart(best, gear) ? one : best), undefined);
  return gears.flatMap((gear): [Gear, Gear][] => {
    const near = nearestOf(gear);
    if (!near || gear.chainring > near.chainring || gear.chainring * near.cog === near.chainring * gear.cog) return [];
    // Each is the other's nearest: of several in a row the closest pair alone.
    return nearestOf(near) === gear && apart(gear, near) < threshold ? [[gear, near]] : [];
  });
}

/** For each gear that has a duplicate, its duplicate, by {@link gearKey}. */
export function duplicateByKey(duplicates: readonly (readonly [Gear, Gear])[]): Map<string, Gear> {
  return new Map(
    duplicates.flatMap(([a, b]): [string, Gear][] => [
      [gearKey(a), b],
      [gearKey(b), a],
    ]),
  );
}
