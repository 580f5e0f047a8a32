import { nanoid } from 'nanoid';
import type { Freehub } from '../core/fit';
import { mountedOn } from '../core/parts';
import { WHEEL_DEFAULTS, type BikeRecord, type PartRecord, type SetupRecord, type WheelsetRecord } from '../records';
import { definite } from '../core/items';
import { change } from './change';
import type { RontelDatabase } from './db';
import { t } from './words';

export const WHEELSETS_MAX = 8;

/** Adds a wheelset of the sizes of another one, not yet measured, and puts a setup on it. */
export async function addWheelset(
  db: RontelDatabase,
  {
    bike,
    setup,
    like,
    name,
  }: {
    readonly bike: BikeRecord;
    readonly setup: SetupRecord;
    readonly like: WheelsetRecord;
    readonly name: string;
  },
  now: number,
): Promise<void> {
  const { measuredRolloutMm: _measured, ...sizes } = like;
  const id = nanoid();
  await change(db, { label: t('undo.newWheelset', { bike: bike.name }), now }, async (draft) => {
    await draft.update('bikes', bike.id, (record) => ({
      ...record,
      wheelsets: [...record.wheelsets, { ...sizes, id, name }],
    }));
    await draft.update('setups', setup.id, (record) => ({ ...record, wheelsetId: id }));
  });
}

/** Deletes a wheelset; setups and rides on it continue on the first of the others. */
export async function removeWheelset(
  db: RontelDatabase,
  bike: BikeRecord,
  wheelset: WheelsetRecord,
  now: number,
): Promise<void> {
  await change(db, { label: t('undo.remove', { name: wheelset.name }), now }, async (draft) => {
    const [first] = bike.wheelsets.filter(({ id }) => id !== wheelset.id);
    const wheelsetId = definite(first).id;
    for (const table of ['setups', 'rides'] as const) {
      const users = await db[table].where('bikeId').equals(bike.id).toArray();
      for (const { id } of users.filter((record) => record.wheelsetId === wheelset.id))
        await draft.update(table, id, (record) => ({ ...record, wheelsetId }));
    }
    await draft.update('bikes', bike.id, (record) => ({
      ...record,
      wheelsets: record.wheelsets.filter(({ id }) => id !== wheelset.id),
    }));
  });
}

/** Returns the freehub data of a part. */
function freehubOf({ data }: PartRecord): Freehub | undefined {
  const { spline, bodyLengthMm, smallestCogT } = data;
  const freehub: Freehub = {
    ...(spline !== undefined && { spline }),
    ...(bodyLengthMm !== undefined && { bodyLengthMm }),
    ...(smallestCogT !== undefined && { smallestCogT }),
  };
  return Object.keys(freehub).length > 0 ? freehub : undefined;
}

/** Makes a wheel in stock a wheelset of a bike and starts its mount. */
export async function fitWheel(db: RontelDatabase, bike: BikeRecord, part: PartRecord, now: number): Promise<void> {
  await change(db, { label: t('undo.wheelOnBike', { part: part.name, bike: bike.name }), now }, async (draft) => {
    await draft.update('bikes', bike.id, (record) => {
      if (record.wheelsets.length >= WHEELSETS_MAX) {
        throw new Error(t('noRoomForWheels', { bike: record.name, most: WHEELSETS_MAX }));
      }
      const { rimDiameterMm, tyreWidthMm, measuredRolloutMm } = part.data;
      const freehub = freehubOf(part);
      const wheelset = {
        id: nanoid(),
        name: part.name,
        rimDiameterMm: rimDiameterMm ?? WHEEL_DEFAULTS.rimDiameterMm,
        tyreWidthMm: tyreWidthMm ?? WHEEL_DEFAULTS.tyreWidthMm,
        ...(measuredRolloutMm !== undefined && { measuredRolloutMm }),
        ...(freehub && { freehub }),
      };
      return { ...record, wheelsets: [...record.wheelsets, wheelset] };
    });
    await draft.update('parts', part.id, (record) => ({ ...record, mounts: mountedOn(record.mounts, bike.id, now) }));
  });
}

/** Assigns a freehub body in stock to a wheelset of a bike. */
export async function fitFreehub(
  db: RontelDatabase,
  bike: BikeRecord,
  wheelsetId: string,
  part: PartRecord,
  now: number,
): Promise<void> {
  const freehub = freehubOf(part);
  await change(db, { label: t('undo.wheelOnBike', { part: part.name, bike: bike.name }), now }, async (draft) => {
    await draft.update('bikes', bike.id, (record) => ({
      ...record,
      wheelsets: record.wheelsets.map((wheelset) => {
        if (wheelset.id !== wheelsetId) return wheelset;
        const { freehub: _old, ...others } = wheelset;
        return freehub ? { ...others, freehub } : others;
      }),
    }));
    await draft.update('parts', part.id, (record) => ({ ...record, mounts: mountedOn(record.mounts, bike.id, now) }));
  });
}
