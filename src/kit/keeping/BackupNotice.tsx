'use client';

import { Alert, Button } from 'antd';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useState } from 'react';
import { readBackupState, type Workshop } from '../../store';
import { dateText } from '../format';
import { backupText } from './backup-words';

const DATA = '/data';
/** Where it would only be in the way: it is told there anyway, or hands are dirty. */
const QUIET = [DATA, '/work'];
/** Before the first backup so much work is let pass without a word. */
const UNSAVED_CHANGES_MIN = 30;
/** Put off for as long as this window stays. */
const LATER_KEY = 'rontel-backup-later';

/** Reminds of a backup outside the browser, when there is work that has none. */
export function BackupNotice({ db, className }: { db: Workshop['db']; className?: string | undefined }) {
  const pathname = usePathname();
  const [text, setText] = useState<string>();
  const isQuiet = QUIET.some((path) => pathname.startsWith(path));
  // Looked at where a page is opened: backups are a matter of days, and typing need not wait for it.
  useEffect(() => {
    let stays = true;
    const now = Date.now();
    if (isQuiet || sessionStorage.getItem(LATER_KEY) !== null) return;
    readBackupState(db).then(
      (state) => {
        const told = backupText(state, now, dateText);
        const isWorth = state.savedAtMs !== undefined || state.changes >= UNSAVED_CHANGES_MIN;
        if (stays) setText(told.isDue && isWorth ? told.text : undefined);
      },
      // Whoever cannot be asked is told of it by everything else on the page.
      () => undefined,
    );
    return () => {
      stays = false;
    };
  }, [db, isQuiet, pathname]);
  if (text === undefined || isQuiet) return null;
  return (
    <Alert
      className={className}
      type="info"
      showIcon
      data-testid="backup-due"
      title={text}
      action={
        <>
          <Link href={DATA}>Save one</Link>{' '}
          <Button
            size="small"
            onClick={() => {
              sessionStorage.setItem(LATER_KEY, 'later');
              setText(undefined);
            }}
          >
            Later
          </Button>
        </>
      }
    />
  );
}
