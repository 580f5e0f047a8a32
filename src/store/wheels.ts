import { nanoid } from 'nanoid';
import type { Freehub } from '../core/fit';
import { mountedOn } from '../core/shelf';
import { WHEEL_DEFAULTS, type BikeRecord, type PartRecord } from '../records';
import { change } from './change';
import type { RontelDatabase } from './db';
import { t } from './words';

const WHEELSETS_MAX = 8;

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
