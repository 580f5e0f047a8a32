'use client';

import { App, Button, Popconfirm } from 'antd';
import { useLiveQuery } from 'dexie-react-hooks';
import type { BenchEdits } from '../../kit/bench/edits';
import { fileName, saveText } from '../../kit/files';
import { capital, dateText } from '../../kit/format';
import { letGoOfAside, putBackAside, readAside, type AsideEntry, type Workshop } from '../../store';
import styles from './Data.module.css';
import { WORDS } from './words/text';

/** Records that could not be read and were set aside; nothing where there are none. */
export function AsidePanel({ db, edits }: { db: Workshop['db']; edits: BenchEdits }) {
  const { message } = App.useApp();
  const entries = useLiveQuery(() => readAside(db), [db]);
  if (!entries || entries.length === 0) return null;
  const save = ({ table, record }: AsideEntry) =>
    saveText(
      fileName(`rontel ${table} ${WORDS.asidePanel.setAside}`, 'json'),
      'application/json',
      JSON.stringify(record, null, 2),
    );
  const putBack = (entry: AsideEntry) =>
    edits.write(async () => {
      await putBackAside(db, entry);
      message.success(WORDS.asidePanel.itIsBack);
    });
  return (
    <section className={styles.sheet} aria-label={WORDS.asidePanel.title}>
      <h2>{WORDS.asidePanel.title}</h2>
      <p>{WORDS.asidePanel.whatTheseAre}</p>
      <ul className={styles.list}>
        {entries.map((entry) => (
          <li key={entry.seq} data-testid="aside">
            <span>
              <b>{capital(entry.text)}.</b> {dateText(entry.atMs)}.{' '}
              {entry.isMended ? WORDS.asidePanel.mended : WORDS.asidePanel.notKept}
            </span>
            <span className={styles.buttons}>
              <Button size="small" onClick={() => save(entry)}>
                {WORDS.asidePanel.saveAsFile}
              </Button>
              {!entry.isMended && entry.table !== 'preferences' && (
                <Button size="small" onClick={() => putBack(entry)}>
                  {WORDS.asidePanel.putBack}
                </Button>
              )}
              <Popconfirm
                title={WORDS.asidePanel.deleteForGood}
                okText={WORDS.asidePanel.delete}
                cancelText={WORDS.binPanel.keep}
                onConfirm={() => edits.write(() => letGoOfAside(db, entry.seq!))}
              >
                <Button size="small" danger>
                  {WORDS.asidePanel.delete}
                </Button>
              </Popconfirm>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
