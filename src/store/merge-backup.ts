import { differencesOf, recordsToTake, type Dataset, type Preferred } from '../records';
import { putInPieces, type BulkOptions } from './bulk';
import { change } from './change';
import { readKept } from './dataset';
import type { RontelDatabase } from './db';

/**
 * Takes a file in beside what is here, by id, as one step; all or nothing.
 * @param preferred whose record counts where both have it and they differ
 * @returns how many records came in
 * @throws DoesNotFitError where both together would not belong together
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
