'use client';

import { App, Button } from 'antd';
import type { BenchEdits } from '../../kit/bench/edits';
import { dateText, fixed } from '../../kit/format';
import type { Workshop } from '../../store';
import { backupText } from '../../kit/keeping/backup-words';
import { useBackup } from './useBackup';
import styles from './Data.module.css';
import { t } from './words/text';

/** When the last backup was saved, and whether the browser may clear what is here. */
export function KeepPanel({ db, edits, nowMs }: { db: Workshop['db']; edits: BenchEdits; nowMs: number }) {
  const { message } = App.useApp();
  const { backup, room, ask } = useBackup(db);
  if (!backup) return null;
  const { text, isDue } = backupText(backup, nowMs, dateText);
  const askBrowser = () =>
    edits.write(async () => {
      const granted = await ask();
      message.info(granted ? t('keepPanel.itWill') : t('keepPanel.itDidNotPromiseBrowsers'));
    });
  return (
    <div data-testid="keeping">
      <p className={isDue ? styles.due : undefined}>{text}</p>
      {room && (
        <p>
          {room.isPersistent ? t('keepPanel.theBrowserHasPromisedTo') : t('keepPanel.theBrowserMayClearIt')}
          {room.usedMb !== undefined && t('keepPanel.itTakesUsedMb', { usedMb: fixed(room.usedMb, 1) })}.{' '}
          {!room.isPersistent && (
            <Button size="small" onClick={askBrowser}>
              {t('keepPanel.askItToKeepIt')}
            </Button>
          )}
        </p>
      )}
    </div>
  );
}
