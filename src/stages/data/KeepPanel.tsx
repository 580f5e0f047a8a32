'use client';

import { App, Button } from 'antd';
import type { BenchEdits } from '../../kit/bench/BenchProvider';
import { dateText, fixed } from '../../kit/format';
import type { Workshop } from '../../store';
import { backupText } from '../../kit/keeping/backup-words';
import { useKeeping } from './useKeeping';
import styles from './Data.module.css';

/** When the last backup was saved, and whether the browser may clear what is here. */
export function KeepPanel({ db, edits, nowMs }: { db: Workshop['db']; edits: BenchEdits; nowMs: number }) {
  const { message } = App.useApp();
  const { backup, room, ask } = useKeeping(db);
  if (!backup) return null;
  const { text, isDue } = backupText(backup, nowMs, dateText);
  const askBrowser = () =>
    edits.write(async () => {
      const granted = await ask();
      message.info(granted ? 'It will.' : 'It did not promise. Browsers promise it to pages that are used often.');
    });
  return (
    <div data-testid="keeping">
      <p className={isDue ? styles.due : undefined}>{text}</p>
      {room && (
        <p>
          {room.isPersistent
            ? 'The browser has promised to keep it until you erase it'
            : 'The browser may clear it by itself when room runs short'}
          {room.usedMb !== undefined && `; it takes ${fixed(room.usedMb, 1)} MB`}.{' '}
          {!room.isPersistent && (
            <Button size="small" onClick={askBrowser}>
              Ask it to keep it
            </Button>
          )}
        </p>
      )}
    </div>
  );
}
