import { SLOTS, slotsOf, suitsSlot, withDataInSlot, type FittedSetup, type Slot } from './slots';
import type { PartData } from './kinds';
import { definite } from '../items';

/** A part in stock that a setup uses. */
export interface SlotPart {
  readonly id: string;
  readonly name: string;
  readonly data: PartData;
  readonly massG?: number | undefined;
  readonly price?: number | undefined;
  /** Absent where the price is in the own currency. */
  readonly currency?: string | undefined;
  /** Whether the bike can have it without buying. */
  readonly atHand: boolean;
}

export type PartsInSlots = Readonly<Partial<Record<Slot, SlotPart>>>;

/** Weight and cost of a setup by its parts, and what they wait for. */
export interface SetupSums {
  /** Undefined until every part of the setup is in stock and weighed. */
  readonly massG: number | undefined;
  /** Places without a part, and parts without a weight. */
  readonly unweighed: readonly Slot[];
  /** Cost of parts to buy; undefined until each has a price in the user's currency. */
  readonly cost: number | undefined;
  readonly unpriced: readonly Slot[];
}

/** A setup with the limits and sizes of the parts that it is made of. Parts whose teeth it no longer has are left out. */
export function madeOf<T extends FittedSetup>(setup: T, parts: PartsInSlots): T {
  return SLOTS.reduce((made, slot) => {
    const part = parts[slot];
    return part && suitsSlot(slot, setup, part.data) ? withDataInSlot(slot, made, part.data) : made;
  }, setup);
}

/** The parts that suit the teeth. */
export function suitingParts(setup: FittedSetup, parts: PartsInSlots): PartsInSlots {
  return Object.fromEntries(
    SLOTS.flatMap((slot) => {
      const part = parts[slot];
      return part && suitsSlot(slot, setup, part.data) ? [[slot, part]] : [];
    }),
  );
}

export function setupSums(setup: FittedSetup, parts: PartsInSlots): SetupSums {
  const fitting = suitingParts(setup, parts);
  const { needed, extra } = slotsOf(setup);
  const used = [...needed, ...extra.filter((slot) => fitting[slot])];
  const hasRings = fitting.crank?.massG !== undefined && fitting.crank.data.withRings === true;
  // Rings that were weighed with their crank are in its weight already.
  const weighed = hasRings ? used.filter((slot) => slot !== 'bigRing' && slot !== 'smallRing') : used;
  const unweighed = weighed.filter((slot) => fitting[slot]?.massG === undefined);
  const unpriced = used.filter((slot) => {
    const part = fitting[slot];
    return !part || (!part.atHand && part.price === undefined);
  });
  const isForeign = used.some((slot) => fitting[slot]?.atHand === false && fitting[slot].currency !== undefined);
  const sum = (slots: readonly Slot[], of: (part: SlotPart) => number) =>
    slots.reduce((all, slot) => all + of(definite(fitting[slot])), 0);
  return {
    massG: unweighed.length === 0 ? sum(weighed, ({ massG }) => definite(massG)) : undefined,
    unweighed,
    cost:
      unpriced.length === 0 && !isForeign
        ? sum(used, ({ atHand, price }) => (atHand ? 0 : definite(price)))
        : undefined,
    unpriced,
  };
}
