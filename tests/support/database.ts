import 'fake-indexeddb/auto';
import type { Dataset } from '@/records';
import { prepareStore } from '@/store/dataset';
import { RontelDatabase } from '@/store/db';

/** Makes a function that opens a new database with what a first start finds; all of them are closed after the last test. */
export function newDatabases(usual: Dataset): (first?: Dataset) => Promise<RontelDatabase> {
  const opened: RontelDatabase[] = [];
  afterAll(() => opened.forEach((db) => db.close()));
  return async (first = usual) => {
    const db = new RontelDatabase(`test ${Math.random()}`);
    opened.push(db);
    await prepareStore(db, () => first);
    return db;
  };
}
