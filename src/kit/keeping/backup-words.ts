import type { BackupState } from '../../store';

const DAY_MS = 86_400_000;
/** After so long a backup is asked for, where something has changed since. */
const REMIND_AFTER_DAYS = 14;
/** Before the first one so much work is let pass without a word. */
const FIRST_AFTER_CHANGES = 30;

/** What is said of the last backup, and whether it is time for another. */
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
    savedAtMs === undefined ? 'No backup saved from this browser yet' : `Last backup saved ${dateText(savedAtMs)}`;
  const since =
    changes === 0 ? 'nothing has changed since' : `${changes} ${changes === 1 ? 'change' : 'changes'} since`;
  return { text: `${saved}; ${since}.${isDue ? ' Time to save one.' : ''}`, isDue };
}
