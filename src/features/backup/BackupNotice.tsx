'use client';

import { Alert, Button } from 'antd';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useState } from 'react';
import { readBackupState, type Workshop } from '../../store';
import { dateText } from '../../ui/format';
import { backupText } from './backup-words';
import { t } from './text';
import { defined } from '../../core/optional';

const DATA = '/settings';
/** Put off for as long as this window stays. */
const LATER_KEY = 'rontel-backup-later';

/** Reminds of a backup outside the browser, when there is work that has none. */
export function BackupNotice({ db, className }: { db: Workshop['db']; className?: string | undefined }) {
  const [text, setText] = useState<string>();
  // Settings shows it anyway.
  const isOnData = usePathname().startsWith(DATA);
  // Read once and after a visit to Settings: backups are a matter of days, and no page waits for it.
  useEffect(() => {
    let stays = true;
    const now = Date.now();
    if (isOnData || sessionStorage.getItem(LATER_KEY) !== null) return;
    readBackupState(db).then(
      (state) => {
        const told = backupText(state, now, dateText);
        if (stays) setText(told.isDue ? told.text : undefined);
      },
      // If the store is unavailable, other notices on the page already say so.
      () => undefined,
    );
    return () => {
      stays = false;
    };
  }, [db, isOnData]);
  if (text === undefined || isOnData) return null;
  return (
    <Alert
      {...defined({ className })}
      type="info"
      showIcon
      data-testid="backup-due"
      title={text}
      action={
        <>
          <Link href={DATA}>{t('backupNotice.saveOne')}</Link>{' '}
          <Button
            size="small"
            onClick={() => {
              sessionStorage.setItem(LATER_KEY, 'later');
              setText(undefined);
            }}
          >
            {t('backupNotice.later')}
          </Button>
        </>
      }
    />
  );
}
