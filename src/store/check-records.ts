import type { Dataset } from '../records';
import { quarantine } from './quarantine';
import { keptTables } from './change';
import { readDataset, writeOver } from './dataset';
import type { RontelDatabase } from './db';
import { openGate } from './gate';

/** Result of a check of all stored records. */
interface RecordCheck {
  readonly quarantined: number;
  readonly repaired: number;
}

/**
 * Validates all stored records; repairs what can be repaired and quarantines the rest. The gate lets nothing invalid in, so
 * this is for what another program or an older version has left. Samples and photos, which are large, are checked only if
 * something else is invalid.
 */
export async function checkAllRecords(db: RontelDatabase): Promise<RecordCheck> {
  const { sortOut, spoilingProblems } = await import('../records/schemas');
  await openGate();
  if (spoilingProblems(await readSmall(db)).length === 0 && !(await hasLostPhotos(db)))
    return { quarantined: 0, repaired: 0 };
  return db.transaction('rw', [...keptTables(db), db.preferences, db.history, db.quarantine], async () => {
    const sorted = sortOut(await readDataset(db));
    await quarantine(db, sorted);
    await writeOver(db, sorted.dataset);
    // Undo steps may refer to records that are gone.
    await db.history.clear();
    return { quarantined: sorted.quarantined.length, repaired: sorted.repaired.length };
  });
}

/** Reads all records without photos and with placeholders for samples. */
function readSmall(db: RontelDatabase): Promise<Dataset> {
  const NO_SAMPLES = new Uint8Array(1);
  return db.transaction('r', [...keptTables(db), db.preferences], async () => ({
    bikes: await db.bikes.toArray(),
    setups: await db.setups.toArray(),
    rides: await db.rides.toArray(),
    recordings: (await db.recordings.toCollection().primaryKeys()).map((id) => ({ id, packed: NO_SAMPLES })),
    routes: await db.routes.toArray(),
    parts: await db.parts.toArray(),
    jobs: await db.jobs.toArray(),
    photos: [],
    notes: await db.notes.toArray(),
    learners: await db.learners.toArray(),
    preferences: await db.preferences.toArray(),
  }));
}

async function hasLostPhotos(db: RontelDatabase): Promise<boolean> {
  const jobIds = (await db.photos.orderBy('jobId').uniqueKeys()) as string[];
  return (await db.jobs.bulkGet(jobIds)).includes(undefined);
}
