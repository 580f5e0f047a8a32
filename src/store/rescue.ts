/** The name under which the browser keeps all of it. */
export const DATABASE_NAME = 'rontel';

/** Everything in a database, whatever its shape, by table. Needs no knowledge of it: it may be of a newer Rontel. */
export function readRaw(name: string, factory: IDBFactory): Promise<Record<string, unknown[]>> {
  return new Promise((resolve, reject) => {
    const opening = factory.open(name);
    const fail = () => reject(opening.error ?? new Error('the database cannot be opened'));
    opening.onerror = fail;
    opening.onblocked = fail;
    opening.onsuccess = () => {
      const db = opening.result;
      const names = [...db.objectStoreNames];
      if (names.length === 0) {
        db.close();
        resolve({});
        return;
      }
      const reading = db.transaction(names, 'readonly');
      const requests = names.map(
        (table) => [table, reading.objectStore(table).getAll() as IDBRequest<unknown[]>] as const,
      );
      reading.onerror = () => reject(reading.error ?? new Error('the database cannot be read'));
      reading.oncomplete = () => {
        db.close();
        resolve(Object.fromEntries(requests.map(([table, { result }]) => [table, result])));
      };
    };
  });
}

/** Tables that are about this browser and no part of a backup. */
const OWN_TABLES: readonly string[] = ['history', 'bin', 'meta'];

/**
 * All that is kept as the text of a backup of just the version that it has: the newer Rontel that wrote
 * it reads it again.
 */
export async function rescueText(dataVersion: number, savedAt: string): Promise<string> {
  const raw = await readRaw(DATABASE_NAME, indexedDB);
  const data = Object.fromEntries(Object.entries(raw).filter(([table]) => !OWN_TABLES.includes(table)));
  return `${JSON.stringify({ format: 'rontel-backup', dataVersion, savedAt, data }, null, 2)}\n`;
}
