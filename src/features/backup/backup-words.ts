import type { BackupState } from '../../store';
import { t } from './text';

const DAY_MS = 86_400_000;
/** Time after which a backup is due, if something has changed since. */
const REMIND_AFTER_DAYS = 14;
/** Before the first one so much work is let pass without a word. */
const FIRST_AFTER_CHANGES = 30;

/** Text about the last backup, and whether another is due. */
export function backupText(
  { savedAtMs, changes }: BackupState,
  nowMs: number,
  dateText: (ms: number) => string,
): { readonly text: string; readonly isDue: boolean } {
  const isDue =
    savedAtMs === undefined
      ? changes >= FIRST_AFTER_CHANGES
      : changes > 0 && nowMs - savedAtMs >= REMIND_AFTER_DAYS * DAY_MS;
  const saved =
    savedAtMs === undefined
      ? t('backupWords.backupText.noBackupSavedFromThis')
      : t('backupWords.backupText.lastBackupSaved', { savedAtMs: dateText(savedAtMs) });
  const since =
    changes === 0
      ? t('backupWords.backupText.nothingHasChangedSince')
      : t('backupWords.backupText.changes1Since', { changes });
  return { text: t('backupWords.backupText.text', { saved, since, isDue: isDue ? 'yes' : 'no' }), isDue };
}
