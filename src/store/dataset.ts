import {
  DATA_VERSION,
  EMPTY_TABLES,
  KEPT_TABLES,
  MIGRATIONS,
  PREFERENCES_DEFAULTS,
  migrate,
  type Dataset,
  type KeptTable,
} from '../records';
import { quarantine } from './quarantine';
import { putInPieces, type BulkOptions } from './bulk';
import { change, changeTables, keptTables, tableOf } from './change';
import type { RontelDatabase } from './db';
import { openGate } from './gate';

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
export async function replaceDataset(
  db: RontelDatabase,
  dataset: Dataset,
  label: string,
  now: number,
  options: BulkOptions = {},
): Promise<void> {
  await openGate();
  await db.transaction('rw', [...changeTables(db), db.preferences], async () => {
    await change(db, { label, now }, async (draft) => {
      for (const table of [...KEPT_TABLES].reverse()) {
        const kept = new Set(dataset[table].map(({ id }) => id));
        const here = await idsOf(db, table);
        await draft.removeAll(
          table,
          here.filter((id) => !kept.has(id)),
        );
      }
      await putInPieces(
        draft,
        KEPT_TABLES.map((table) => ({ table, records: dataset[table] })),
        options,
      );
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
  if (found === DATA_VERSION) return;
  // Loaded where there is something to write alone: the schemas are large.
  const { sortOut } = fresh === EMPTY_DATASET ? { sortOut: undefined } : await import('../records/schema');
  if (sortOut) await openGate();
  await db.transaction('rw', [...keptTables(db), db.preferences, db.meta, db.history, db.aside], async () => {
    const stored = (await db.meta.get('dataVersion'))?.value;
    if (stored === DATA_VERSION) return;
    if (stored !== undefined && stored > DATA_VERSION) throw new StoreTooNewError(stored);
    let dataset = fresh;
    if (stored !== undefined) {
      const sorted = sortOut!(migrate(await readDataset(db), stored, MIGRATIONS));
      dataset = sorted.dataset;
      await quarantine(db, sorted);
    }
    if (dataset !== EMPTY_DATASET) await writeOver(db, dataset!);
    // Steps remembered in an older shape cannot be taken back into the new one.
    await db.history.clear();
    await db.meta.put({ key: 'dataVersion', value: DATA_VERSION });
  });
}

/** Puts a dataset in the place of what is there, without an undo step. */
export async function writeOver(db: RontelDatabase, dataset: Dataset): Promise<void> {
  for (const table of KEPT_TABLES) {
    const kept = new Set(dataset[table].map(({ id }) => id));
    const here = await idsOf(db, table);
    await tableOf(db, table).bulkDelete(here.filter((id) => !kept.has(id)));
    await tableOf(db, table).bulkPut([...dataset[table]]);
  }
  await db.preferences.bulkPut(dataset.preferences.length > 0 ? [...dataset.preferences] : [PREFERENCES_DEFAULTS]);
}

const idsOf = (db: RontelDatabase, table: KeptTable): Promise<string[]> =>
  tableOf(db, table).toCollection().primaryKeys();
