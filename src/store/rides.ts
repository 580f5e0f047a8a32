import { t } from './words';
import type { Bytes } from '../records/bytes';
import { nanoid } from 'nanoid';
import { sameRecord, type RideRecord, type RouteRecord } from '../records';
import { change } from './change';
import type { RontelDatabase } from './db';

/** Saves a ride with its samples in one transaction. Returns its id, or undefined if the same ride is stored already. */
export async function addRide(
  db: RontelDatabase,
  content: Omit<RideRecord, 'id'>,
  packed: Bytes,
  now: number,
): Promise<string | undefined> {
  const id = nanoid();
  const written = { added: false };
  await change(db, { label: t('undo.ride', { name: content.name }), now }, async (draft) => {
    const same = await db.rides.where('digest').equals(content.digest).toArray();
    if (same.some(({ bikeId }) => bikeId === content.bikeId)) return;
    await draft.put('recordings', { id, packed });
    await draft.put('rides', { ...content, id });
    written.added = true;
  });
  return written.added ? id : undefined;
}

export async function removeRide(db: RontelDatabase, ride: RideRecord, now: number): Promise<void> {
  await change(db, { label: t('undo.remove', { name: ride.name }), now }, async (draft) => {
    await draft.remove('recordings', ride.id);
    await draft.remove('rides', ride.id);
  });
}

/** Says what rides were ridden on; undefined takes it back. */
export async function setSurface(
  db: RontelDatabase,
  ids: readonly string[],
  surface: RideRecord['surface'],
  now: number,
): Promise<void> {
  await change(db, { label: t('undo.surface'), now }, async (draft) => {
    for (const id of ids)
      await draft.update('rides', id, ({ surface: _, ...ride }) => ({ ...ride, ...(surface && { surface }) }));
  });
}

/** Reads the compressed samples of some rides in the order of the ids, without rides that have been deleted meanwhile. */
export async function readPacked(db: RontelDatabase, ids: readonly string[]): Promise<Bytes[]> {
  const records = await db.recordings.bulkGet([...ids]);
  return records.flatMap((record) => (record ? [record.packed] : []));
}

/** Reads a route; undefined if it has been deleted meanwhile. */
export function readRoute(db: RontelDatabase, id: string): Promise<RouteRecord | undefined> {
  return db.routes.get(id);
}

/** Saves a route. Returns its id, or that of the same route where it is stored already. */
export async function addRoute(
  db: RontelDatabase,
  content: Omit<RouteRecord, 'id'>,
  now: number,
): Promise<{ readonly id: string; readonly added: boolean }> {
  const written = { id: nanoid(), added: true };
  await change(db, { label: t('undo.route', { name: content.name }), now }, async (draft) => {
    const same = (await db.routes.toArray()).find((route) => sameRecord(route, { ...content, id: route.id }));
    if (same) Object.assign(written, { id: same.id, added: false });
    else await draft.put('routes', { ...content, id: written.id });
  });
  return written;
}

export async function removeRoute(db: RontelDatabase, route: RouteRecord, now: number): Promise<void> {
  await change(db, { label: t('undo.remove', { name: route.name }), now }, (draft) => draft.remove('routes', route.id));
}
