import {
  DATA_VERSION,
  EMPTY_TABLES,
  KEPT_TABLES,
  MIGRATIONS,
  PREFERENCES_DEFAULTS,
  migrate,
  type Dataset,
} from '../records';
import { change, changeTables, keptTables, tableOf } from './change';
import type { RontelDatabase } from './db';

/** A workshop in which nothing has been done yet. */
export const EMPTY_DATASET: Dataset = { ...EMPTY_TABLES, preferences: [PREFERENCES_DEFAULTS] };

/** What the work is about, without preferences, in a fixed order, so that the same data gives the same file. */
export function readKept(db: RontelDatabase): Promise<Dataset> {
  return db.transaction('r', keptTables(db), async () => ({
    bikes: await db.bikes.orderBy('id').toArray(),
    setups: await db.setups.orderBy('id').toArray(),
    rides: await db.rides.orderBy('id').toArray(),
    recordings: await db.recordings.orderBy('id').toArray(),
    routes: await db.routes.orderBy('id').toArray(),
    parts: await db.parts.orderBy('id').toArray(),
    jobs: await db.jobs.orderBy('id').toArray(),
    photos: await db.photos.orderBy('id').toArray(),
    notes: await db.notes.orderBy('id').toArray(),
    learners: await db.learners.orderBy('id').toArray(),
    preferences: [],
  }));
}

/** Everything kept. */
export function readDataset(db: RontelDatabase): Promise<Dataset> {
  return db.transaction('r', [...keptTables(db), db.preferences], async () => ({
    ...(await readKept(db)),
    preferences: await db.preferences.toArray(),
  }));
}

/** Puts `dataset` in the place of all that is kept; one undo step. What is not in it goes. */
export async function replaceDataset(db: RontelDatabase, dataset: Dataset, label: string, now: number): Promise<void> {
  await db.transaction('rw', [...changeTables(db), db.preferences], async () => {
    await change(db, { label, now }, async (draft) => {
      for (const table of [...KEPT_TABLES].reverse()) {
        const kept = new Set(dataset[table].map(({ id }) => id));
        for (const id of await db[table].toCollection().primaryKeys()) if (!kept.has(id)) await draft.remove(table, id);
      }
      for (const table of KEPT_TABLES) for (const record of dataset[table]) await draft.put(table, record);
    });
    await db.preferences.clear();
    await db.preferences.bulkPut(dataset.preferences.length > 0 ? [...dataset.preferences] : [PREFERENCES_DEFAULTS]);
  });
}

/** What stands in the way of using the data kept in this browser. */
export class StoreTooNewError extends Error {
  constructor(readonly dataVersion: number) {
    super(
      `The data in this browser has version ${dataVersion}; this Rontel reads 1 to ${DATA_VERSION}. ` +
        'Open it with the newer Rontel; nothing has been changed.',
    );
  }
}

/**
 * Makes the database ready: at its very first start it is filled with what `first`
 * gives, which is asked then alone; later, data of an
 * older shape is brought up to date, all or nothing.
 */
export async function prepareStore(db: RontelDatabase, first: () => Dataset | Promise<Dataset>): Promise<void> {
  // Before the transaction, which would end while it waits.
  const found = (await db.meta.get('dataVersion'))?.value;
  const fresh = found === undefined ? await first() : undefined;
  // Loaded where older data are brought up to date alone: what stands here was checked when it came.
  const schemas = found !== undefined && found < DATA_VERSION ? await import('../records/schema') : undefined;
  await db.transaction('rw', [...keptTables(db), db.preferences, db.meta, db.history], async () => {
    const stored = (await db.meta.get('dataVersion'))?.value;
    if (stored === DATA_VERSION) return;
    if (stored !== undefined && stored > DATA_VERSION) throw new StoreTooNewError(stored);
    const dataset =
      stored === undefined ? fresh! : schemas!.datasetSchema.parse(migrate(await readDataset(db), stored, MIGRATIONS));
    for (const table of KEPT_TABLES) await tableOf(db, table).bulkPut([...dataset[table]]);
    await db.preferences.bulkPut(dataset.preferences.length > 0 ? [...dataset.preferences] : [PREFERENCES_DEFAULTS]);
    // Steps remembered in an older shape cannot be taken back into the new one.
    await db.history.clear();
    await db.meta.put({ key: 'dataVersion', value: DATA_VERSION });
  });
}
