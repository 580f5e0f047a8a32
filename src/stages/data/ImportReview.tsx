'use client';

import { App, Button } from 'antd';
import { useLiveQuery } from 'dexie-react-hooks';
import type { BenchEdits } from '../../kit/bench/BenchProvider';
import { differencesOf, type Preferred } from '../../records';
import { readKept, replaceDataset, takeIn, type Workshop } from '../../store';
import { TABLE_TEXT, recordName } from './table-words';
import type { PendingImport } from './useImport';
import styles from './Data.module.css';

interface ImportReviewProps {
  readonly pending: PendingImport;
  readonly workshop: Workshop;
  readonly edits: BenchEdits;
  readonly onDone: () => void;
}

/** Of what differs so many are named. */
const NAMED_MAX = 6;

/** What a backup would bring, table by table, and what to do with it; until then nothing has changed. */
export function ImportReview({ pending, workshop, edits, onDone }: ImportReviewProps) {
  const { message } = App.useApp();
  const { fileName, savedAt, dataset } = pending;
  const { db, bikes } = workshop;
  const differences = useLiveQuery(async () => differencesOf(await readKept(db), dataset), [db, dataset]);
  if (!differences) return null;
  const added = differences.reduce((sum, one) => sum + one.added.length, 0);
  const conflicts = differences.flatMap((one) => one.conflicts);
  const label = `backup ${fileName}`;
  const replace = () =>
    edits.write(async () => {
      await replaceDataset(db, dataset, label, Date.now());
      onDone();
      message.success('The backup has taken the place of what was here.');
    });
  const merge = (preferred: Preferred) =>
    edits.write(async () => {
      const taken = await takeIn(db, dataset, preferred, label, Date.now());
      onDone();
      message.success(taken === 0 ? 'All of it was here already.' : `${taken} records taken in.`);
    });
  return (
    <div className={styles.review} role="group" aria-label="Backup to take in">
      <p>
        <b>{fileName}</b>, saved {savedAt.slice(0, 16).replace('T', ' ')} UTC:{' '}
        {dataset.bikes.map(({ name }) => name).join(', ') || 'no bikes'}.
      </p>
      <table className={styles.table} data-testid="differences">
        <thead>
          <tr>
            <th scope="col">what</th>
            <th scope="col">new</th>
            <th scope="col">differ</th>
            <th scope="col">the same</th>
            <th scope="col">only here</th>
          </tr>
        </thead>
        <tbody>
          {differences.map((one) => (
            <tr key={one.table} data-table={one.table}>
              <th scope="row">{TABLE_TEXT[one.table]}</th>
              {[one.added.length, one.conflicts.length, one.sameCount, one.onlyHereCount].map((number, i) => (
                <td key={i} data-none={number === 0}>
                  {number}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {conflicts.length > 0 && (
        <p data-testid="conflicts">
          Here and in the file, and not alike:{' '}
          {conflicts
            .slice(0, NAMED_MAX)
            .map(({ here }) => recordName(here))
            .join(', ')}
          {conflicts.length > NAMED_MAX && ` and ${conflicts.length - NAMED_MAX} more`}.
        </p>
      )}
      <div className={styles.buttons}>
        <Button type="primary" onClick={replace}>
          {bikes.length === 0 ? 'Take it in' : `Replace the ${bikes.length} here`}
        </Button>
        {bikes.length > 0 && added > 0 && <Button onClick={() => merge('here')}>Add what is not here yet</Button>}
        {bikes.length > 0 && conflicts.length > 0 && (
          <Button onClick={() => merge('file')}>
            {added > 0 ? 'Add, and take' : 'Take'} the file’s where they differ ({conflicts.length})
          </Button>
        )}
        <Button onClick={onDone}>Leave it</Button>
      </div>
      <p className={styles.note}>All of it comes in or none, as one step of undo.</p>
    </div>
  );
}
