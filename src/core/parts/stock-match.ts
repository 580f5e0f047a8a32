import type { PartData, StockKind } from './kinds';
import { SLOT_KIND, dataInSlot, type FittedSetup, type Slot } from './slots';

/** Data that identify the part of each slot: all must be known of both, and equal. */
const IDENTIFIED_BY: Readonly<Partial<Record<Slot, readonly (keyof PartData)[]>>> = {
  cassette: ['cogs'],
  bigRing: ['ringT'],
  smallRing: ['ringT'],
  rearDerailleur: ['totalCapacityT', 'largestCogMaxT'],
  frontDerailleur: ['ringDifferenceMaxT', 'frontBigRingMaxT'],
  shifter: ['shifterSpeeds', 'cablePullMm'],
  spacer: ['spacerMm'],
};

/** Data that must not differ where known of both. */
const NEVER_DIFFERS: Readonly<Partial<Record<Slot, readonly (keyof PartData)[]>>> = {
  cassette: ['cassetteSpline'],
  bigRing: ['boltCircleMm'],
  smallRing: ['boltCircleMm'],
  rearDerailleur: ['cageLengthMm', 'derailleurFamily', 'speeds'],
  shifter: ['shifterFamily', 'shifting'],
};

/** Whether a part in stock is the one that a setup needs in a slot, by the known data of both. */
export function matchesSlot(
  slot: Slot,
  setup: FittedSetup,
  { kind, data }: { readonly kind: StockKind; readonly data: PartData },
): boolean {
  const identifying = IDENTIFIED_BY[slot];
  if (!identifying || kind !== SLOT_KIND[slot]) return false;
  const needed = dataInSlot(slot, setup);
  const isSame = (field: keyof PartData) => JSON.stringify(needed[field]) === JSON.stringify(data[field]);
  return (
    identifying.every((field) => needed[field] !== undefined && isSame(field)) &&
    (NEVER_DIFFERS[slot] ?? []).every(
      (field) => needed[field] === undefined || data[field] === undefined || isSame(field),
    )
  );
}
