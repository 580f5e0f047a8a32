import { nanoid } from 'nanoid';
import { SLOTS, SLOT_KIND, mountedOn, slotsOf, suitingParts, unmountedFrom, type Slot } from '../core/parts';
import {
  PART_DEFAULTS,
  editThroughParts,
  partsInSlots,
  resolvedSetup,
  stockOfSetup,
  type PartRecord,
  type PartsById,
  type SetupRecord,
} from '../records';
import { change, type Draft, type EditStep } from './change';
import type { RontelDatabase } from './db';
import { t } from './words';
import { firstOf } from '../core/items';

export type PartContent = Partial<Omit<PartRecord, 'id'>> & Pick<PartRecord, 'kind' | 'name'>;

const byId = (parts: readonly PartRecord[]): PartsById => new Map(parts.map((part) => [part.id, part]));

export async function readParts(db: RontelDatabase): Promise<PartsById> {
  return byId(await db.parts.toArray());
}

/** Adds parts as one undo step; returns their ids. */
export async function addParts(db: RontelDatabase, contents: readonly PartContent[], now: number): Promise<string[]> {
  const records = contents.map((content): PartRecord => ({ ...PART_DEFAULTS, ...content, id: nanoid() }));
  const label =
    records.length === 1
      ? t('undo.partInStock', { part: firstOf(records).name })
      : t('undo.partsInStock', { parts: records.length });
  await change(db, { label, now }, async (draft) => {
    for (const record of records) await draft.put('parts', record);
  });
  return records.map(({ id }) => id);
}

/** Edits several parts as one undo step. */
export async function editParts(
  db: RontelDatabase,
  ids: readonly string[],
  { label, key }: EditStep,
  edit: (part: PartRecord) => PartRecord,
  now: number,
): Promise<void> {
  await change(db, { label, mergeKey: `${key} ${ids.join()}`, now }, async (draft) => {
    for (const id of ids) await draft.update('parts', id, edit);
  });
}

/** Imports the additions and changes of a table in one transaction. */
export async function importParts(
  db: RontelDatabase,
  records: readonly PartRecord[],
  label: string,
  now: number,
): Promise<void> {
  await change(db, { label, now }, async (draft) => {
    for (const record of records) await draft.put('parts', record);
  });
}

/** Deletes parts. Setups that use them keep a copy of their data; jobs keep their cards. */
export async function removeParts(
  db: RontelDatabase,
  ids: readonly string[],
  label: string,
  now: number,
): Promise<void> {
  await change(db, { label, now }, async (draft) => {
    const parts = await readParts(db);
    const gone = new Set(ids);
    for (const setup of await db.setups.toArray()) {
      const lost = SLOTS.filter((slot) => gone.has(setup.partIds?.[slot] ?? ''));
      if (lost.length === 0) continue;
      const { massG: _mass, cost: _cost, ...seen } = resolvedSetup(setup, parts);
      const partIds = Object.fromEntries(Object.entries(setup.partIds ?? {}).filter(([, id]) => !gone.has(id)));
      const sums = {
        ...(setup.massG !== undefined && { massG: setup.massG }),
        ...(setup.cost !== undefined && { cost: setup.cost }),
      };
      await draft.put('setups', { ...seen, ...sums, partIds });
    }
    for (const id of ids) await draft.remove('parts', id);
  });
}

/** Edits a setup as displayed; data that belong to its parts are written to the parts. */
export async function editMadeSetup(
  db: RontelDatabase,
  draft: Draft,
  id: string,
  edit: (seen: SetupRecord) => SetupRecord,
): Promise<void> {
  const kept = await db.setups.get(id);
  if (!kept) throw new Error(t('setupRemoved'));
  // Only its own parts: this runs with every key press.
  const own = await db.parts.bulkGet(Object.values(kept.partIds ?? {}));
  const { setup, partData } = editThroughParts(kept, byId(own.filter((part) => part !== undefined)), edit);
  await draft.put('setups', setup);
  for (const [partId, data] of partData) await draft.update('parts', partId, (part) => ({ ...part, data }));
}

/** Assigns a part to one slot of a setup; undefined for none. */
export async function choosePart(
  db: RontelDatabase,
  setup: SetupRecord,
  slot: Slot,
  partId: string | undefined,
  label: string,
  now: number,
): Promise<void> {
  await change(db, { label, now }, (draft) =>
    draft.update('setups', setup.id, ({ partIds = {}, ...record }) => {
      const { [slot]: _before, ...others } = partIds;
      return { ...record, partIds: partId === undefined ? others : { ...others, [slot]: partId } };
    }),
  );
}

/** Creates parts from what the bike has now, slot by slot, and assigns them to its setup. */
export async function takeStock(
  db: RontelDatabase,
  setup: SetupRecord,
  nameOf: (slot: Slot) => string,
  now: number,
): Promise<number> {
  const stock = stockOfSetup(setup, slotsOf(setup).needed);
  await change(db, { label: t('undo.partsOfBike'), now }, async (draft) => {
    const partIds: Partial<Record<Slot, string>> = { ...setup.partIds };
    for (const { slot, data } of stock) {
      const id = nanoid();
      partIds[slot] = id;
      await draft.put('parts', {
        ...PART_DEFAULTS,
        id,
        kind: SLOT_KIND[slot],
        name: nameOf(slot),
        data,
        mounts: mountedOn([], setup.bikeId, now),
      });
    }
    await draft.update('setups', setup.id, (record) => ({ ...record, partIds }));
  });
  return stock.length;
}

/** Ends and starts the mounts that a swap changes. */
export async function exchangeParts(draft: Draft, parts: PartsById, from: SetupRecord, to: SetupRecord, now: number) {
  const idsOf = (setup: SetupRecord) =>
    Object.values(suitingParts(setup, partsInSlots(setup, parts))).map(({ id }) => id);
  const [before, after] = [new Set(idsOf(from)), new Set(idsOf(to))];
  const { bikeId } = to;
  for (const id of before) {
    if (after.has(id)) continue;
    await draft.update('parts', id, (part) => ({ ...part, mounts: unmountedFrom(part.mounts, bikeId, now) }));
  }
  for (const id of after) {
    // Parts bought for the job are now in stock.
    await draft.update('parts', id, (part) => {
      const mounts = mountedOn(part.mounts, bikeId, now);
      return {
        ...part,
        mounts,
        quantity: Math.max(part.quantity, mounts.filter(({ toMs }) => toMs === undefined).length),
      };
    });
  }
}
