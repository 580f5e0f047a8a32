'use client';

import { Alert, Button } from 'antd';
import Link from 'next/link';
import { useState } from 'react';
import { fileName, saveText } from '../files';
import styles from './Shell.module.css';
import { WORDS } from './text';

/** Says that the browser keeps nothing, for as long as it does. */
export function MemoryNotice({ because }: { because: string }) {
  return (
    <Alert
      className={styles.notice}
      type="warning"
      showIcon
      data-testid="in-memory"
      title={WORDS.storeNotices.thisBrowserKeepsNothingAll}
      description={
        <>
          {WORDS.storeNotices.youCanWorkAsAlways} <Link href="/data">{WORDS.storeNotices.data}</Link>
          {WORDS.storeNotices.toHaveItKeptAllow(because)}
        </>
      }
    />
  );
}

/** What a newer Rontel has written can be looked at by that one alone; it can be carried there as a file. */
export function SaveNewer({ dataVersion }: { dataVersion: number }) {
  const [failure, setFailure] = useState<string>();
  const save = () => {
    const now = new Date().toISOString();
    const rescued = import('../../store/rescue').then(({ rescueText }) => rescueText(dataVersion, now));
    rescued.then(
      (text) =>
        saveText(
          fileName(`rontel-backup ${now.slice(0, 10)} version ${dataVersion}`, 'json'),
          'application/json',
          text,
        ),
      (error: unknown) => setFailure(error instanceof Error ? error.message : String(error)),
    );
  };
  return (
    <>
      <p>{WORDS.storeNotices.itIsLeftAsIt}</p>
      <Button type="primary" onClick={save}>
        {WORDS.storeNotices.saveAllOfItAs}
      </Button>
      {failure && <p role="alert">{WORDS.storeNotices.itCannotBeReadFailure(failure)}</p>}
    </>
  );
}
