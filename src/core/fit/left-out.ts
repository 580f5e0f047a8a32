import type { GearIndex } from './allowed';
import { isOtherDerailleur } from './other-derailleur';
import type { RearDerailleur } from './rear-derailleur';
import { itemAt } from '../items';

/**
 * Gears that a rider never uses of one combination of rings, cassette and rear derailleur. On another combination
 * they do not apply: the same position on another cassette is another gear.
 */
interface LeftOutGears {
  readonly chainrings: readonly number[];
  readonly cogs: readonly number[];
  readonly rearDerailleur: RearDerailleur;
  /** The part in stock that the derailleur is. */
  readonly rearPartId?: string | undefined;
  readonly gears: readonly { readonly chainring: number; readonly cog: number }[];
}

/** A setup as far as left-out gears can belong to it. */
interface Combination {
  readonly chainrings: readonly number[];
  readonly cogs: readonly number[];
  readonly rearDerailleur: RearDerailleur;
  readonly rearPartId?: string | undefined;
}

/** Whether left-out gears were left out of just this combination. */
function belongsTo(leftOut: LeftOutGears, combination: Combination): boolean {
  const [before, now] = [leftOut.rearPartId, combination.rearPartId];
  if (before !== undefined && now !== undefined && before !== now) return false;
  return (
    leftOut.chainrings.join() === combination.chainrings.join() &&
    leftOut.cogs.join() === combination.cogs.join() &&
    (before === now && before !== undefined ? true : !isOtherDerailleur(leftOut, combination))
  );
}

/** The places of the gears that are left out of a combination; none where they belong to another. */
export function leftOutPlaces(leftOut: LeftOutGears | undefined, combination: Combination): readonly GearIndex[] {
  if (!leftOut || !belongsTo(leftOut, combination)) return [];
  return leftOut.gears.flatMap(({ chainring, cog }): GearIndex[] => {
    const place = { ring: combination.chainrings.indexOf(chainring), cog: combination.cogs.indexOf(cog) };
    return place.ring < 0 || place.cog < 0 ? [] : [place];
  });
}

/** Places with one more, or without it where it was among them. */
export function toggledGear(place: GearIndex, places: readonly GearIndex[]): readonly GearIndex[] {
  const others = places.filter(({ ring, cog }) => ring !== place.ring || cog !== place.cog);
  return others.length < places.length ? others : [...places, place];
}

/** Leaves the gears at some places out of a combination; undefined where none is. */
export function leaveOut(places: readonly GearIndex[], combination: Combination): LeftOutGears | undefined {
  if (places.length === 0) return undefined;
  const { chainrings, cogs, rearDerailleur, rearPartId } = combination;
  return {
    chainrings,
    cogs,
    rearDerailleur,
    ...(rearPartId !== undefined && { rearPartId }),
    gears: places.map(({ ring, cog }) => ({ chainring: itemAt(chainrings, ring), cog: itemAt(cogs, cog) })),
  };
}
