'use client';

import { Alert, Button } from 'antd';
import Link from 'next/link';
import { useState } from 'react';
import { writeBackup } from '../../formats/backup';
import type { StoreFailure } from '../../store';
import { fileName, saveText } from '../../ui/files';
import styles from './Shell.module.css';
import { t } from './text';
import { defined } from '../../core/optional';
import { definite } from '../../core/items';
import { errorText } from '../../core/error';

/** Warns that nothing can be stored. */
export function MemoryNotice({ because }: { because: string }) {
  return (
    <Alert
      {...defined({ className: styles.notice })}
      type="warning"
      showIcon
      data-testid="in-memory"
      title={t('storeNotices.nothingCanSavedBrowser')}
      description={
        <>
          {t('storeNotices.canCarryWorkingSave')} <Link href="/settings">{t('storeNotices.data')}</Link>
          {t('storeNotices.keepWorkAllowSite', { because })}
        </>
      }
    />
  );
}

/** Reports that invalid records were quarantined or repaired; can be closed. */
export function QuarantineNotice({ count }: { count: number }) {
  return (
    <Alert
      {...defined({ className: styles.notice })}
      type="warning"
      showIcon
      closable
      data-testid="set-aside"
      title={t('storeNotices.setAside', { count })}
      description={
        <>
          {t('storeNotices.everythingElseFineDetails')} <Link href="/settings">{t('storeNotices.data')}</Link>
        </>
      }
    />
  );
}

/** Explains why the data cannot be used, what happened to them, and what to do. */
export function StoreFailed({ failure }: { failure: StoreFailure }) {
  const { title, text } = failureWords(failure);
  return (
    <div className={styles.failed} role="alert">
      <h1>{title}</h1>
      <p>{text}</p>
      {failure.reason === 'tooNew' && (
        <SaveText
          label={t('storeNotices.saveEverythingFile')}
          name={`version ${failure.dataVersion}`}
          text={(now) => import('../../store/rescue').then(({ rescueText }) => rescueText(failure.dataVersion, now))}
        />
      )}
      {failure.reason === 'deleted' && failure.rescued && (
        <SaveText
          label={t('storeNotices.saveEverythingBackup')}
          name="rescued"
          text={(now) => Promise.resolve(writeBackup(definite(failure.rescued), now))}
        />
      )}
    </div>
  );
}

function failureWords(failure: StoreFailure): { readonly title: string; readonly text: string } {
  switch (failure.reason) {
    case 'cannotOpen':
      return {
        title: t('storeNotices.cannotBeOpened'),
        text: t('storeNotices.cannotOpen', { message: failure.message }),
      };
    case 'tooNew':
      return {
        title: t('storeNotices.cannotBeOpened'),
        text: `${failure.message} ${t('storeNotices.dataHaveNotBeen')}`,
      };
    case 'updated':
      return { title: t('storeNotices.updated'), text: t('storeNotices.newerVersionHasUpdated') };
    case 'deleted':
      return {
        title: t('storeNotices.deleted'),
        text: failure.rescued ? t('storeNotices.deletedRescued') : t('storeNotices.anotherWindowBrowserSettings'),
      };
    case 'lost':
      return { title: t('storeNotices.lost'), text: t('storeNotices.browserMayHaveCleared') };
  }
}

interface SaveTextProps {
  readonly label: string;
  /** File name without the date. */
  readonly name: string;
  readonly text: (now: string) => Promise<string>;
}

function SaveText({ label, name, text }: SaveTextProps) {
  const [failure, setFailure] = useState<string>();
  const save = () => {
    const now = new Date().toISOString();
    text(now).then(
      (saved) => saveText(fileName(`rontel-backup ${now.slice(0, 10)} ${name}`, 'json'), 'application/json', saved),
      (error: unknown) => setFailure(errorText(error)),
    );
  };
  return (
    <>
      <Button type="primary" onClick={save}>
        {label}
      </Button>
      {failure && <p role="alert">{t('storeNotices.itCannotBeReadFailure', { failure })}</p>}
    </>
  );
}
