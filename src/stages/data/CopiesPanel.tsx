'use client';

import { App, Button } from 'antd';
import { useLiveQuery } from 'dexie-react-hooks';
import { fileName, saveText } from '../../kit/files';
import type { BenchEdits } from '../../kit/bench/BenchProvider';
import { dateText, fixed, timeText } from '../../kit/format';
import { copiesOf } from '../../kit/keeping/copies-of';
import { canWriteOutside, mayWrite, pickOutside } from '../../kit/keeping/outside';
import {
  chooseOutside,
  copyText,
  forgetOutside,
  makeCopy,
  readCopies,
  writeOutside,
  type CopyRecord,
  type Workshop,
} from '../../store';
import { countText } from './table-words';
import styles from './Data.module.css';

const BYTES_PER_MB = 1_000_000;

const momentText = (atMs: number) => `${dateText(atMs)}, ${timeText(atMs)}`;

interface CopiesPanelProps {
  readonly db: Workshop['db'];
  readonly edits: BenchEdits;
  /** Shows what a copy would bring, as a file is. */
  readonly onOpen: (text: string, name: string) => void;
}

/** Copies that are made by themselves, and the file outside that goes along with them. */
export function CopiesPanel({ db, edits, onOpen }: CopiesPanelProps) {
  const copies = useLiveQuery(() => readCopies(copiesOf()), []);
  if (!copies) return null;
  const open = (copy: CopyRecord) =>
    edits.write(async () => onOpen(await copyText(copy), `copy of ${momentText(copy.atMs)}`));
  const save = (copy: CopyRecord) =>
    edits.write(async () => {
      const day = new Date(copy.atMs).toISOString().slice(0, 10);
      saveText(fileName(`rontel-backup ${day}`, 'json'), 'application/json', await copyText(copy));
    });
  return (
    <section className={styles.sheet} aria-label="Copies">
      <div className={styles.head}>
        <h2>Copies made by themselves</h2>
        <Button size="small" onClick={() => edits.write(() => makeCopy(db, copiesOf(), Date.now()))}>
          Make one now
        </Button>
      </div>
      <p>
        {copies.length === 0 && 'None yet. '}While you work one is made every half hour; the newest of each day stays
        for a week, of each week for two months. They lie in this browser, apart from the work: a file outside is safer.
      </p>
      <OutsideLine db={db} edits={edits} />
      <ul className={styles.list}>
        {copies.map((copy) => (
          <li key={copy.seq} data-testid="copy">
            <span>
              <b>{momentText(copy.atMs)}</b>
              {countText('bikes', copy.bikes)}, {countText('jobs', copy.jobs)}, {countText('rides', copy.rides)};{' '}
              {fixed(copy.packed.size / BYTES_PER_MB, 2)} MB
            </span>
            <span>
              <Button size="small" onClick={() => open(copy)} aria-label={`Open the copy of ${momentText(copy.atMs)}`}>
                Open…
              </Button>{' '}
              <Button size="small" onClick={() => save(copy)} aria-label={`Save the copy of ${momentText(copy.atMs)}`}>
                Save
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A file chosen once, which is written with each copy. */
function OutsideLine({ db, edits }: { db: Workshop['db']; edits: BenchEdits }) {
  const { message } = App.useApp();
  const outside = useLiveQuery(async () => ({ file: await copiesOf().outside.get('outside') }), []);
  if (!outside) return null;
  const { file } = outside;
  const write = async () => {
    const chosen = await copiesOf().outside.get('outside');
    if (!chosen) return;
    if (!(await mayWrite(chosen, true))) throw new Error(`the browser may not write to ${chosen.handle.name}`);
    await writeOutside(db, copiesOf(), Date.now());
    message.success(`Written to ${chosen.handle.name}`);
  };
  const choose = () =>
    edits.write(async () => {
      const handle = await pickOutside();
      if (!handle) return;
      await chooseOutside(copiesOf(), handle);
      await write();
    });
  if (!file) {
    if (!canWriteOutside()) return <p>This browser cannot write to a file by itself: save a backup now and then.</p>;
    return (
      <p>
        <Button size="small" onClick={choose}>
          Choose a file to write them to…
        </Button>
      </p>
    );
  }
  return (
    <p data-testid="outside">
      Written with each copy: <b>{file.handle.name}</b>
      {file.writtenAtMs === undefined ? ', not yet' : `, last ${momentText(file.writtenAtMs)}`}.{' '}
      <Button size="small" onClick={() => edits.write(write)}>
        Write it now
      </Button>{' '}
      <Button size="small" onClick={() => edits.write(() => forgetOutside(copiesOf()))}>
        Write it no more
      </Button>
    </p>
  );
}
