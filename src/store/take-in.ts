import { differencesOf, recordsToTake, type Dataset, type Preferred } from '../records';
import { change } from './change';
import { readKept } from './dataset';
import type { RontelDatabase } from './db';
import { mustFit } from './recovery';

/**
 * Takes a file in beside what is here, by id, as one step; all or nothing.
 * @param preferred whose record counts where both have it and they differ
 * @returns how many records came in
 * @throws DoesNotFitError where both together would not belong together
 */
export async function takeIn(
  db: RontelDatabase,
  file: Dataset,
  preferred: Preferred,
  label: string,
  now: number,
): Promise<number> {
  let taken = 0;
  await change(db, { label, now }, async (draft) => {
    const differences = differencesOf(await readKept(db), file);
    for (const { table, records } of recordsToTake(differences, preferred)) {
      for (const record of records) await draft.put(table, record);
      taken += records.length;
    }
    if (taken > 0) await mustFit(db);
  });
  return taken;
}
