import type { RontelDatabase } from './db';
import { demoDataset } from './demo';
import { takeIn } from './take-in';
import { setPreferences } from './workshop';

/** Lays the demo workshop beside what is here, and one of its bikes on the bench. */
export async function takeInDemo(db: RontelDatabase, nowMs: number): Promise<void> {
  const demo = demoDataset(nowMs);
  await takeIn(db, demo, 'here', 'demo workshop', nowMs);
  await setPreferences(db, { currentBikeId: demo.bikes[0]!.id });
}
