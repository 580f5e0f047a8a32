import type { Dataset } from '../records';
import { quarantine } from './quarantine';
import { keptTables } from './change';
import { readDataset, writeOver } from './dataset';
import type { RontelDatabase } from './db';
import { openGate } from './gate';

/** What a look at everything that is kept has come to. */
export interface RecordCheck {
  readonly aside: number;
  readonly mended: number;
}

/**
 * Looks at what is kept and sets aside what cannot be read, mends what can be mended. The gate lets nothing wrong in;
 * this is for what another program, or an older Rontel, has left there. Samples and photos, which are large, are looked
 * at only where something else is wrong.
 */
export async function checkAllRecords(db: RontelDatabase): Promise<RecordCheck> {
  const { sortOut, spoilingProblems } = await import('../records/schema');
  await openGate();
  if (spoilingProblems(await readSmall(db)).length === 0 && !(await hasLostPhotos(db))) return { aside: 0, mended: 0 };
  return db.transaction('rw', [...keptTables(db), db.preferences, db.history, db.aside], async () => {
    const sorted = sortOut(await readDataset(db));
    await quarantine(db, sorted);
    await writeOver(db, sorted.dataset);
    // Steps that reach what is gone cannot be taken back.
    await db.history.clear();
    return { aside: sorted.aside.length, mended: sorted.mended.length };
  });
}

/** Everything but photos, and samples by their ids alone. */
function readSmall(db: RontelDatabase): Promise<Dataset> {
  const NO_SAMPLES = 'AA==';
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
