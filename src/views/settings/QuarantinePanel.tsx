'use client';

import { bytesAsBase64 } from '../../records/bytes';
import { App, Button } from 'antd';
import { Confirm } from '../../ui/confirm/Confirm';
import type { WorkspaceEdits } from '../../features/workspace/edits';
import { fileName, saveText } from '../../ui/files';
import { capital, dateText } from '../../ui/format';
import {
  deleteQuarantined,
  restoreQuarantined,
  readQuarantine,
  type QuarantineEntry,
  type Workshop,
  useLive,
} from '../../store';
import styles from './Settings.module.css';
import { t } from './text';
import { definite } from '../../core/items';

/** Records that could not be read and were quarantined; nothing where there are none. */
export function QuarantinePanel({ db, edits }: { db: Workshop['db']; edits: WorkspaceEdits }) {
  const { message } = App.useApp();
  const entries = useLive(db, readQuarantine);
  if (!entries || entries.length === 0) return null;
  const save = ({ table, record }: QuarantineEntry) =>
    saveText(
      fileName(`rontel ${table} ${t('quarantinePanel.setAside')}`, 'json'),
      'application/json',
      JSON.stringify(record, bytesAsBase64, 2),
    );
  const putBack = (entry: QuarantineEntry) =>
    edits.write(async () => {
      await restoreQuarantined(db, entry);
      message.success(t('quarantinePanel.restoredCanUndo'));
    });
  return (
    <section className={styles.sheet} aria-label={t('quarantinePanel.title')}>
      <h2>{t('quarantinePanel.title')}</h2>
      <p>{t('quarantinePanel.whatTheseAre')}</p>
      <ul className={styles.list}>
        {entries.map((entry) => (
          <li key={entry.seq} data-testid="quarantined">
            <span>
              <b>{capital(entry.text)}.</b> {dateText(entry.atMs)}.{' '}
              {entry.isRepaired ? t('quarantinePanel.repaired') : t('quarantinePanel.notKept')}
            </span>
            <span className={styles.buttons}>
              <Button size="small" onClick={() => save(entry)}>
                {t('quarantinePanel.saveAsFile')}
              </Button>
              {!entry.isRepaired && entry.table !== 'preferences' && (
                <Button size="small" onClick={() => putBack(entry)}>
                  {t('quarantinePanel.putBack')}
                </Button>
              )}
              <Confirm
                title={t('quarantinePanel.permanentlyDeleteRecordCannot')}
                okText={t('quarantinePanel.delete')}
                cancelText={t('binPanel.keep')}
                onConfirm={() => edits.write(() => deleteQuarantined(db, definite(entry.seq)))}
              >
                <Button size="small" danger>
                  {t('quarantinePanel.delete')}
                </Button>
              </Confirm>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
