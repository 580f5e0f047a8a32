import type { RontelDatabase } from './db';

/** When a backup was last saved from this browser, and how many changes have been made since. */
export interface BackupState {
  /** Milliseconds since 1970; undefined before the first. */
  readonly savedAtMs: number | undefined;
  /** Undo steps since then that have not been undone. */
  readonly changes: number;
}

export async function readBackupState(db: RontelDatabase): Promise<BackupState> {
  const savedAtMs = (await db.meta.get('backupSavedAtMs'))?.value;
  const changes = await db.history
    .where('undone')
    .equals(0)
    .filter(({ at }) => at > (savedAtMs ?? 0))
    .count();
  return { savedAtMs, changes };
}

/** Stores that a backup was saved; about this browser, so not part of a backup. */
export async function backupSaved(db: RontelDatabase, now: number): Promise<void> {
  await db.meta.put({ key: 'backupSavedAtMs', value: now });
}
