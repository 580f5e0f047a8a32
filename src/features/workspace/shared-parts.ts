import { SLOTS, type Slot } from '../../core/parts';
import type { BikeRecord, PartsById, SetupRecord } from '../../records';

/** A part in stock that a setup has in common with others, because a person chose it for each of them. */
interface SharedPart {
  readonly slot: Slot;
  readonly name: string;
  /** The other setups with it. */
  readonly others: readonly { readonly setup: SetupRecord; readonly bike: BikeRecord; readonly place: number }[];
}

/** The parts of a setup that other setups have too, of its bike or of others: what is typed of them changes all. */
export function sharedParts(
  setup: SetupRecord,
  setups: readonly SetupRecord[],
  bikes: readonly BikeRecord[],
  parts: PartsById,
): readonly SharedPart[] {
  const bikeOf = new Map(bikes.map((bike) => [bike.id, bike]));
  return SLOTS.flatMap((slot): SharedPart[] => {
    const id = setup.partIds?.[slot];
    const part = parts.get(id ?? '');
    if (!part) return [];
    const others = setups.flatMap((other) => {
      const bike = bikeOf.get(other.bikeId);
      if (!bike || other.id === setup.id || !Object.values(other.partIds ?? {}).includes(part.id)) return [];
      const place = setups.filter(({ bikeId }) => bikeId === other.bikeId).indexOf(other);
      return [{ setup: other, bike, place }];
    });
    return others.length > 0 ? [{ slot, name: part.name, others }] : [];
  });
}
