import { differencesOf, recordsToTake, type Dataset, type Preferred } from '../records';
import { putInPieces, type BulkOptions } from './bulk';
import { change } from './change';
import { readKept } from './dataset';
import type { RontelDatabase } from './db';

/**
 * Merges a backup into the stored data by id, as one undo step and one transaction.
 * @param preferred which side wins when a record exists on both and differs
 * @returns how many records were added or changed
 * @throws DoesNotFitError if a reference would point to nothing
 */
export async function mergeBackup(
  db: RontelDatabase,
  file: Dataset,
  preferred: Preferred,
  label: string,
  now: number,
  options: BulkOptions = {},
): Promise<number> {
  let taken = 0;
  await change(db, { label, now }, async (draft) => {
    const differences = differencesOf(await readKept(db), file);
    const all = recordsToTake(differences, preferred);
    await putInPieces(draft, all, options);
    taken = all.reduce((sum, { records }) => sum + records.length, 0);
  });
  return taken;
}
