'use client';

import { App, Button, Popconfirm } from 'antd';
import { useLiveQuery } from 'dexie-react-hooks';
import type { BenchEdits } from '../../kit/bench/edits';
import { capital, dateText } from '../../kit/format';
import { BIN_DAYS, bringBack, emptyBin, readBin, type Workshop } from '../../store';
import { countsText } from './words/table-words';
import styles from './Data.module.css';
import { WORDS } from './words/text';

/** Entries that are listed; older ones come up as these are brought back. */
const LISTED_MAX = 12;

/** What was taken away lately, and can be brought back. */
export function BinPanel({ db, edits }: { db: Workshop['db']; edits: BenchEdits }) {
  const { message } = App.useApp();
  const entries = useLiveQuery(() => readBin(db, Date.now()), [db]);
  if (!entries) return null;
  const restore = (seq: number) =>
    edits.write(async () => {
      await bringBack(db, seq, Date.now());
      message.success(WORDS.binPanel.broughtBackUndoTakesIt);
    });
  return (
    <section className={styles.sheet} aria-label={WORDS.binPanel.bin}>
      <div className={styles.head}>
        <h2>{WORDS.binPanel.bin}</h2>
        {entries.length > 0 && (
          <Popconfirm
            title={WORDS.binPanel.letGoOfAllOf}
            description={WORDS.binPanel.thisAloneCannotBeUndone}
            okText={WORDS.binPanel.emptyTheBin}
            cancelText={WORDS.binPanel.keep}
            onConfirm={() => edits.write(() => emptyBin(db))}
          >
            <Button size="small" danger>
              {WORDS.binPanel.emptyTheBinMore}
            </Button>
          </Popconfirm>
        )}
      </div>
      <p>
        {entries.length === 0
          ? WORDS.binPanel.nothingInItWhatIs(BIN_DAYS)
          : WORDS.binPanel.whatWasTakenAwayLies(BIN_DAYS)}
      </p>
      <ul className={styles.list}>
        {entries.slice(0, LISTED_MAX).map(({ seq, label, atMs, records, missing }) => (
          <li key={seq} data-testid="binned">
            <span>
              <b>{capital(label)}</b>
              {dateText(atMs)}: {countsText(records)}
              {missing < records.length && WORDS.binPanel.ofWhichMissingAreNot(missing)}
            </span>
            <Button size="small" onClick={() => restore(seq)} aria-label={WORDS.binPanel.bringBackLabel(label)}>
              {WORDS.binPanel.bringBack}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
