import type { RontelDatabase } from './db';
import { demoDataset } from './demo';
import { mergeBackup } from './merge-backup';
import { setPreferences } from './workshop';
import { t } from './words';
import { firstOf } from '../core/items';

/** Adds the demo workshop to the stored data and selects one of its bikes. */
// Imported on demand.
// ts-unused-exports:disable-next-line
export async function mergeDemo(db: RontelDatabase, nowMs: number): Promise<void> {
  const demo = demoDataset(nowMs);
  await mergeBackup(db, demo, 'here', t('undo.demo'), nowMs);
  await setPreferences(db, { currentBikeId: firstOf(demo.bikes).id });
}
