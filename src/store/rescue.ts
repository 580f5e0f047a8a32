import Dexie from 'dexie';
import { BACKUP_FORMAT } from '../formats/backup';
import { DATABASE_NAME } from './db';

/** Tables that are about this browser and no part of a backup. */
const OWN_TABLES: readonly string[] = ['history', 'bin', 'meta'];

/**
 * All that is kept, whatever its shape, as the text of a backup of just the version that it has: the newer
 * Rontel that wrote it reads it again.
 */
export async function rescueText(dataVersion: number, savedAt: string): Promise<string> {
  // Without versions of its own it opens whatever tables are there.
  const db = await new Dexie(DATABASE_NAME).open();
  try {
    const tables = db.tables.filter(({ name }) => !OWN_TABLES.includes(name));
    const rows = await Promise.all(tables.map(async (table) => [table.name, await table.toArray()] as const));
    return `${JSON.stringify({ format: BACKUP_FORMAT, dataVersion, savedAt, data: Object.fromEntries(rows) }, null, 2)}\n`;
  } finally {
    db.close();
  }
}
