import Dexie from 'dexie';
import { BACKUP_FORMAT } from '../formats/backup';
import { bytesAsBase64 } from '../records/bytes';
import { DATABASE_NAME } from './db';

/** Tables about this browser, which are not part of a backup. */
const OWN_TABLES: readonly string[] = ['history', 'bin', 'quarantine', 'meta'];

/**
 * Returns all records, whatever their version, as the text of a backup of that version, for the newer Rontel that wrote
 * them.
 */
export async function rescueText(dataVersion: number, savedAt: string): Promise<string> {
  // Without declared versions Dexie opens whatever tables exist.
  const db = await new Dexie(DATABASE_NAME).open();
  try {
    const tables = db.tables.filter(({ name }) => !OWN_TABLES.includes(name));
    const rows = await Promise.all(tables.map(async (table) => [table.name, await table.toArray()] as const));
    return `${JSON.stringify({ format: BACKUP_FORMAT, dataVersion, savedAt, data: Object.fromEntries(rows) }, bytesAsBase64, 2)}\n`;
  } finally {
    db.close();
  }
}
