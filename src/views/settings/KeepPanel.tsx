'use client';

import { App, Button } from 'antd';
import type { WorkspaceEdits } from '../../features/workspace/edits';
import { dateText, fixed } from '../../ui/format';
import type { Workshop } from '../../store';
import { backupText } from '../../features/backup/backup-words';
import { useBackup } from './useBackup';
import styles from './Settings.module.css';
import { t } from './text';

/** When the last backup was saved, and whether the browser may clear what is here. */
export function KeepPanel({ db, edits, nowMs }: { db: Workshop['db']; edits: WorkspaceEdits; nowMs: number }) {
  const { message } = App.useApp();
  const { backup, room, ask } = useBackup(db);
  if (!backup) return null;
  const { text, isDue } = backupText(backup, nowMs, dateText);
  const askBrowser = () =>
    edits.write(async () => {
      const granted = await ask();
      message.info(granted ? t('keepPanel.itWill') : t('keepPanel.browserDeclinedUsuallyAgrees'));
    });
  return (
    <div data-testid="keeping">
      <p className={isDue ? styles.due : undefined}>{text}</p>
      {room && (
        <p>
          {room.isPersistent ? t('keepPanel.browserKeepsDataUntil') : t('keepPanel.browserMayDeleteData')}
          {room.usedMb !== undefined && t('keepPanel.mbUsed', { usedMb: fixed(room.usedMb, 1) })}.{' '}
          {!room.isPersistent && (
            <Button size="small" onClick={askBrowser}>
              {t('keepPanel.askPersistentStorage')}
            </Button>
          )}
        </p>
      )}
    </div>
  );
}
