import 'fake-indexeddb/auto';
import { prepareStore } from '@/store/dataset';
import { RontelDatabase } from '@/store/db';

type First = Awaited<ReturnType<Parameters<typeof prepareStore>[1]>>;

/** Makes a function that opens a new database with what a first start finds; all of them are closed after the last test. */
export function newDatabases(usual: First): (first?: First) => Promise<RontelDatabase> {
  const opened: RontelDatabase[] = [];
  afterAll(() => opened.forEach((db) => db.close()));
  return async (first = usual) => {
    const db = new RontelDatabase(`test ${Math.random()}`);
    opened.push(db);
    await prepareStore(db, () => first);
    return db;
  };
}
