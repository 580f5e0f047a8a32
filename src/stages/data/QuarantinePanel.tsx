'use client';

import { App, Button, Popconfirm } from 'antd';
import { useLiveQuery } from 'dexie-react-hooks';
import type { BenchEdits } from '../../kit/bench/edits';
import { fileName, saveText } from '../../kit/files';
import { capital, dateText } from '../../kit/format';
import {
  deleteQuarantined,
  restoreQuarantined,
  readQuarantine,
  type QuarantineEntry,
  type Workshop,
} from '../../store';
import styles from './Data.module.css';
import { t } from './words/text';

/** Records that could not be read and were set aside; nothing where there are none. */
export function QuarantinePanel({ db, edits }: { db: Workshop['db']; edits: BenchEdits }) {
  const { message } = App.useApp();
  const entries = useLiveQuery(() => readQuarantine(db), [db]);
  if (!entries || entries.length === 0) return null;
  const save = ({ table, record }: QuarantineEntry) =>
    saveText(
      fileName(`rontel ${table} ${t('asidePanel.setAside')}`, 'json'),
      'application/json',
      JSON.stringify(record, null, 2),
    );
  const putBack = (entry: QuarantineEntry) =>
    edits.write(async () => {
      await restoreQuarantined(db, entry);
      message.success(t('asidePanel.itIsBack'));
    });
  return (
    <section className={styles.sheet} aria-label={t('asidePanel.title')}>
      <h2>{t('asidePanel.title')}</h2>
      <p>{t('asidePanel.whatTheseAre')}</p>
      <ul className={styles.list}>
        {entries.map((entry) => (
          <li key={entry.seq} data-testid="aside">
            <span>
              <b>{capital(entry.text)}.</b> {dateText(entry.atMs)}.{' '}
              {entry.isMended ? t('asidePanel.mended') : t('asidePanel.notKept')}
            </span>
            <span className={styles.buttons}>
              <Button size="small" onClick={() => save(entry)}>
                {t('asidePanel.saveAsFile')}
              </Button>
              {!entry.isMended && entry.table !== 'preferences' && (
                <Button size="small" onClick={() => putBack(entry)}>
                  {t('asidePanel.putBack')}
                </Button>
              )}
              <Popconfirm
                title={t('asidePanel.deleteForGood')}
                okText={t('asidePanel.delete')}
                cancelText={t('binPanel.keep')}
                onConfirm={() => edits.write(() => deleteQuarantined(db, entry.seq!))}
              >
                <Button size="small" danger>
                  {t('asidePanel.delete')}
                </Button>
              </Popconfirm>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
