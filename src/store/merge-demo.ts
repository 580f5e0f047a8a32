import type { RontelDatabase } from './db';
import { demoDataset } from './demo';
import { mergeBackup } from './merge-backup';
import { setPreferences } from './workshop';

/** Lays the demo workshop beside what is here, and one of its bikes on the bench. */
export async function mergeDemo(db: RontelDatabase, nowMs: number): Promise<void> {
  const demo = demoDataset(nowMs);
  await mergeBackup(db, demo, 'here', 'demo workshop', nowMs);
  await setPreferences(db, { currentBikeId: demo.bikes[0]!.id });
}
