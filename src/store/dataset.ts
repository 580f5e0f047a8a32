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
import type { BinEntry } from './bin';
import { quarantine } from './quarantine';
import { putInPieces, type BulkOptions } from './bulk';
import { change, changeTables, keptTables, tableOf } from './change';
import type { RontelDatabase } from './db';
import { openGate } from './gate';
import { t } from './words';
import { definite, firstOf } from '../core/items';

/** An empty workshop. */
export const EMPTY_DATASET: Dataset = { ...EMPTY_TABLES, preferences: [PREFERENCES_DEFAULTS] };

/** Reads all records but preferences, in a fixed order, so that equal data give equal files. */
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

/** Reads all stored records. */
export function readDataset(db: RontelDatabase): Promise<Dataset> {
  return db.transaction('r', [...keptTables(db), db.preferences], async () => ({
    ...(await readKept(db)),
    preferences: await db.preferences.toArray(),
  }));
}

/** Replaces all stored records by `dataset` as one undo step; records that it does not contain are removed. */
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

/** Thrown where the stored data are of a newer version of Rontel. */
export class StoreTooNewError extends Error {
  constructor(readonly dataVersion: number) {
    super(t('tooNew', { version: dataVersion, most: DATA_VERSION }));
  }
}

/**
 * Prepares the database: fills it with the result of `first` at the very first start (the only time it is called), and
 * migrates data of an older version in one transaction.
 */
export async function prepareStore(db: RontelDatabase, first: () => Dataset | Promise<Dataset>): Promise<void> {
  // Awaited before the transaction: an IndexedDB transaction commits while unrelated promises are awaited.
  const found = (await db.meta.get('dataVersion'))?.value;
  const fresh = found === undefined ? await first() : undefined;
  if (found === DATA_VERSION) return;
  // The schemas are large, so they are loaded only if there is something to write.
  const { sortOut } = fresh === EMPTY_DATASET ? { sortOut: undefined } : await import('../records/schemas');
  if (sortOut) await openGate();
  await db.transaction(
    'rw',
    [...keptTables(db), db.preferences, db.meta, db.history, db.bin, db.quarantine],
    async () => {
      const stored = (await db.meta.get('dataVersion'))?.value;
      if (stored === DATA_VERSION) return;
      if (stored !== undefined && stored > DATA_VERSION) throw new StoreTooNewError(stored);
      let dataset = fresh;
      if (stored !== undefined) {
        const sorted = definite(sortOut)(migrate(await readDataset(db), stored, MIGRATIONS));
        dataset = sorted.dataset;
        await quarantine(db, sorted);
        await migrateBin(db, stored);
      }
      if (dataset !== EMPTY_DATASET) await writeOver(db, definite(dataset));
      // Undo steps hold records of the older version, which cannot be restored any more.
      await db.history.clear();
      await db.meta.put({ key: 'dataVersion', value: DATA_VERSION });
    },
  );
}

/** Migrates deleted records too, so that they can still be restored. */
async function migrateBin(db: RontelDatabase, fromVersion: number): Promise<void> {
  await db.bin.toCollection().modify((entry: { records: BinEntry['records'] }) => {
    entry.records = entry.records.map(({ table, record }) => {
      const tables = migrate({ ...EMPTY_TABLES, preferences: [], [table]: [record] }, fromVersion, MIGRATIONS);
      return { table, record: firstOf(tables[table]) as typeof record };
    });
  });
}

/** Replaces all stored records by `dataset` without an undo step. */
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
