import {
  SLOTS,
  dataInSlot,
  isAtHand,
  madeOf,
  setupSums,
  suitsSlot,
  withDataInSlot,
  type PartData,
  type PartsInSlots,
  type SetupSums,
  type Slot,
  type SlotPart,
} from '../core/parts';
import type { PartRecord } from './part';
import type { SetupRecord } from './setup';
import { defined } from '../core/optional';

export type PartsById = ReadonlyMap<string, PartRecord>;

/** Returns the parts that a setup uses and that still exist. */
export function partsInSlots({ partIds = {}, bikeId }: SetupRecord, parts: PartsById): PartsInSlots {
  return Object.fromEntries(
    SLOTS.flatMap((slot): [Slot, SlotPart][] => {
      const part = parts.get(partIds[slot] ?? '');
      if (!part) return [];
      const { id, name, data, massG, price, currency } = part;
      return [[slot, { id, name, data, massG, price, currency, atHand: isAtHand(part, bikeId) }]];
    }),
  );
}

export function sumsOf(setup: SetupRecord, parts: PartsById): SetupSums {
  return setupSums(setup, partsInSlots(setup, parts));
}

/** Returns a setup with the limits, weight and cost of its parts where known, as pages use it. */
export function resolvedSetup(setup: SetupRecord, parts: PartsById): SetupRecord {
  if (!setup.partIds) return setup;
  const inSlots = partsInSlots(setup, parts);
  const { massG, cost } = setupSums(setup, inSlots);
  return {
    ...madeOf(setup, inSlots),
    ...(massG !== undefined && { massG }),
    ...(cost !== undefined && { cost }),
  };
}

/** An edit of a resolved setup: the setup record, and new data of its parts. */
interface SetupEdit {
  readonly setup: SetupRecord;
  readonly partData: ReadonlyMap<string, PartData>;
}

/**
 * Splits an edit of a resolved setup into changes of the setup and changes of its parts: a limit typed on Compatibility
 * belongs to the derailleur, on whichever bike it is.
 */
export function editThroughParts(
  kept: SetupRecord,
  parts: PartsById,
  edit: (seen: SetupRecord) => SetupRecord,
): SetupEdit {
  const seen = resolvedSetup(kept, parts);
  const after = edit(seen);
  const partData = new Map<string, PartData>();
  let setup: SetupRecord = {
    ...after,
    ...(after.massG === seen.massG && { massG: kept.massG }),
    ...(after.cost === seen.cost && { cost: kept.cost }),
  };
  for (const slot of SLOTS) {
    const id = after.partIds?.[slot];
    const part = parts.get(id ?? '');
    // An edit applies only to a part that was already chosen and has the same teeth.
    if (!part || kept.partIds?.[slot] !== id || !suitsSlot(slot, kept, part.data)) continue;
    const [was, is] = [dataInSlot(slot, seen), dataInSlot(slot, after)];
    setup = withDataInSlot(slot, setup, dataInSlot(slot, kept));
    if (!suitsSlot(slot, after, part.data) || JSON.stringify(was) === JSON.stringify(is)) continue;
    partData.set(part.id, withChanges(part.data, was, is));
  }
  return { setup: defined(setup), partData };
}

function withChanges(data: PartData, was: PartData, is: PartData): PartData {
  const changed = Object.keys({ ...was, ...is }) as (keyof PartData)[];
  const others = Object.entries(data).filter(([field]) => !changed.includes(field as keyof PartData));
  return { ...Object.fromEntries(others), ...is };
}

/** What the stock would hold of a setup: a part for each place that names none yet. */
export function stockOfSetup(
  setup: SetupRecord,
  slots: readonly Slot[],
): readonly { readonly slot: Slot; readonly data: PartData }[] {
  return slots
    .filter((slot) => setup.partIds?.[slot] === undefined)
    .map((slot) => ({ slot, data: dataInSlot(slot, setup) }));
}
