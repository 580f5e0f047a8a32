'use client';

import { Button } from 'antd';
import { capital } from '../../ui/format';
import type { FailedImport } from './useImport';
import styles from './Review.module.css';
import { t } from './text';

/** Of what would be left out so many are named. */
const NAMED_MAX = 8;

/** Why a file was not imported, and what can be: each record that would be left out or repaired is named. */
export function FailedImportNote({ failure, onTakeRest }: { failure: FailedImport; onTakeRest: () => void }) {
  const { fileName, message, rest } = failure;
  const told = rest ? [...rest.quarantined, ...rest.repaired] : [];
  return (
    <div className={styles.failure} role="alert">
      <p>
        <b>{fileName}</b>: {message}
      </p>
      {rest && (
        <>
          <p>
            {t('failedImport.theRestCanBeTaken', { leftOut: rest.quarantined.length, repaired: rest.repaired.length })}
          </p>
          <ul>
            {told.slice(0, NAMED_MAX).map(({ text }, i) => (
              <li key={i}>{capital(text)}</li>
            ))}
            {told.length > NAMED_MAX && <li>{t('failedImport.andMore', { count: told.length - NAMED_MAX })}</li>}
          </ul>
          <Button onClick={onTakeRest}>{t('failedImport.showWhatCanRead')}</Button>
        </>
      )}
    </div>
  );
}
