import { copyIfDue, writeExternalFile, type Workshop } from '../../store';
import { autoBackupDatabase } from './auto-backup-database';
import { mayWrite } from './external-file';

/** Makes a copy if one is due, and writes the file that was chosen along with it, where the browser lets it. */
export async function copy(db: Workshop['db']): Promise<void> {
  const copies = autoBackupDatabase();
  const now = Date.now();
  if (!(await copyIfDue(db, copies, now))) return;
  const outside = await copies.outside.get('outside');
  if (!outside || !(await mayWrite(outside, false))) return;
  await writeExternalFile(db, copies, now);
}
