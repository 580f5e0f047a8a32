'use client';

import { Alert, Button } from 'antd';
import Link from 'next/link';
import { useState } from 'react';
import { fileName, saveText } from '../files';
import styles from './Shell.module.css';

/** Says that the browser keeps nothing, for as long as it does. */
export function MemoryNotice({ because }: { because: string }) {
  return (
    <Alert
      className={styles.notice}
      type="warning"
      showIcon
      data-testid="in-memory"
      title="This browser keeps nothing: all of it is gone when this page closes"
      description={
        <>
          You can work as always. Before you close it, save a backup under <Link href="/data">Data</Link>. To have it
          kept, allow site data for this page, or leave the private window. (The browser says: {because})
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
      <p>It is left as it is. Saved as a file it can be opened by that Rontel wherever it runs.</p>
      <Button type="primary" onClick={save}>
        Save all of it as a file
      </Button>
      {failure && <p role="alert">It cannot be read: {failure}</p>}
    </>
  );
}
