import type { RontelDatabase } from './db';

/** When a backup was last saved from this browser, and what has been done since. */
export interface BackupState {
  /** Milliseconds since 1970; undefined before the first. */
  readonly savedAtMs: number | undefined;
  /** Steps since, as far as undo remembers them, and not taken back. */
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

/** Remembers that one was saved; a fact about this browser, and no part of a backup. */
export async function backupSaved(db: RontelDatabase, now: number): Promise<void> {
  await db.meta.put({ key: 'backupSavedAtMs', value: now });
}
