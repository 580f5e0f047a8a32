'use client';

import { Button } from 'antd';
import { capital } from '../../kit/format';
import type { FailedImport } from './useImport';
import styles from './Data.module.css';
import { t } from './words/text';

/** Of what would be left out so many are named. */
const NAMED_MAX = 8;

/** Why a file was not taken, and what of it can be: every record that would be left out or mended is named. */
export function FailedImportNote({ failure, onTakeRest }: { failure: FailedImport; onTakeRest: () => void }) {
  const { fileName, message, rest } = failure;
  const told = rest ? [...rest.aside, ...rest.mended] : [];
  return (
    <div className={styles.failure} role="alert">
      <p>
        <b>{fileName}</b>: {message}
      </p>
      {rest && (
        <>
          <p>{t('failedImport.theRestCanBeTaken', { leftOut: rest.aside.length, mended: rest.mended.length })}</p>
          <ul>
            {told.slice(0, NAMED_MAX).map(({ text }, i) => (
              <li key={i}>{capital(text)}</li>
            ))}
            {told.length > NAMED_MAX && <li>{t('failedImport.andMore', { count: told.length - NAMED_MAX })}</li>}
          </ul>
          <Button onClick={onTakeRest}>{t('failedImport.lookAtTheRest')}</Button>
        </>
      )}
    </div>
  );
}
