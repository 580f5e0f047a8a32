'use client';

import { App, Button } from 'antd';
import { Confirm } from '../../ui/confirm/Confirm';
import type { WorkspaceEdits } from '../../features/workspace/edits';
import { capital, dateText } from '../../ui/format';
import { BIN_DAYS, bringBack, emptyBin, readBin, type RontelDatabase, type Workshop, useLive } from '../../store';
import { countsText } from '../../features/backup/table-words';
import styles from './Settings.module.css';
import { t } from './text';

/** Entries that are listed; older ones come up as these are brought back. */
const LISTED_MAX = 12;

/** What was taken away lately, and can be brought back. */
export function BinPanel({ db, edits }: { db: Workshop['db']; edits: WorkspaceEdits }) {
  const { message } = App.useApp();
  const entries = useLive(db, readBinNow);
  if (!entries) return null;
  const restore = (seq: number) =>
    edits.write(async () => {
      await bringBack(db, seq, Date.now());
      message.success(t('binPanel.restoredCanUndo'));
    });
  return (
    <section className={styles.sheet} aria-label={t('binPanel.bin')}>
      <div className={styles.head}>
        <h2>{t('binPanel.bin')}</h2>
        {entries.length > 0 && (
          <Confirm
            title={t('binPanel.permanentlyDeleteEverythingBin')}
            description={t('binPanel.thisAloneCannotBeUndone')}
            okText={t('binPanel.emptyTheBin')}
            cancelText={t('binPanel.keep')}
            onConfirm={() => edits.write(() => emptyBin(db))}
          >
            <Button size="small" danger>
              {t('binPanel.emptyTheBinMore')}
            </Button>
          </Confirm>
        )}
      </div>
      <p>
        {entries.length === 0
          ? t('binPanel.emptyDeletedItemsStay', { binDays: BIN_DAYS })
          : t('binPanel.deletedItemsStayHere', { binDays: BIN_DAYS })}
      </p>
      <ul className={styles.list}>
        {entries.slice(0, LISTED_MAX).map(({ seq, label, atMs, records, missing }) => (
          <li key={seq} data-testid="binned">
            <span>
              <b>{capital(label)}</b>
              {dateText(atMs)}: {countsText(records)}
              {missing < records.length && t('binPanel.notYetRestored', { missing })}
            </span>
            <Button size="small" onClick={() => restore(seq)} aria-label={t('binPanel.restore', { label })}>
              {t('binPanel.bringBack')}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

const readBinNow = (db: RontelDatabase) => readBin(db, Date.now());
