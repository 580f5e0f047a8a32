'use client';

import { App, Button, Popconfirm } from 'antd';
import { useLiveQuery } from 'dexie-react-hooks';
import type { BenchEdits } from '../../kit/bench/BenchProvider';
import { capital, dateText } from '../../kit/format';
import { BIN_DAYS, bringBack, emptyBin, readBin, type Workshop } from '../../store';
import { countsText } from './table-words';
import styles from './Data.module.css';

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
      message.success('Brought back. Undo takes it away again.');
    });
  return (
    <section className={styles.sheet} aria-label="Bin">
      <div className={styles.head}>
        <h2>Bin</h2>
        {entries.length > 0 && (
          <Popconfirm
            title="Let go of all of it for good?"
            description="This alone cannot be undone."
            okText="Empty the bin"
            cancelText="Keep"
            onConfirm={() => edits.write(() => emptyBin(db))}
          >
            <Button size="small" danger>
              Empty the bin…
            </Button>
          </Popconfirm>
        )}
      </div>
      <p>
        {entries.length === 0
          ? `Nothing in it. What is taken away lies here for ${BIN_DAYS} days.`
          : `What was taken away lies here for ${BIN_DAYS} days.`}
      </p>
      <ul className={styles.list}>
        {entries.slice(0, LISTED_MAX).map(({ seq, label, atMs, records, missing }) => (
          <li key={seq} data-testid="binned">
            <span>
              <b>{capital(label)}</b>
              {dateText(atMs)}: {countsText(records)}
              {missing < records.length && `, of which ${missing} are not here again`}
            </span>
            <Button size="small" onClick={() => restore(seq)} aria-label={`Bring back: ${label}`}>
              Bring back
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
