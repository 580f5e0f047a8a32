'use client';

import { App, Button } from 'antd';
import type { BenchEdits } from '../../kit/bench/BenchProvider';
import { replaceDataset, takeIn, type Workshop } from '../../store';
import type { PendingImport } from './useImport';
import styles from './Data.module.css';

interface ImportReviewProps {
  readonly pending: PendingImport;
  readonly workshop: Workshop;
  readonly edits: BenchEdits;
  readonly onDone: () => void;
}

/** What is in the backup, and what to do with it; until then nothing has changed. */
export function ImportReview({ pending, workshop, edits, onDone }: ImportReviewProps) {
  const { message } = App.useApp();
  const { fileName, savedAt, dataset } = pending;
  const { db, bikes } = workshop;
  const label = `backup ${fileName}`;
  const replace = () =>
    edits.write(async () => {
      await replaceDataset(db, dataset, label, Date.now());
      onDone();
      message.success('The backup has taken the place of what was here.');
    });
  const add = () =>
    edits.write(async () => {
      const added = await takeIn(db, dataset, 'here', label, Date.now());
      onDone();
      message.success(added === 0 ? 'All of it was here already.' : `${added} records added.`);
    });
  return (
    <div className={styles.review} role="group" aria-label="Backup to take in">
      <p>
        <b>{fileName}</b>, saved {savedAt.slice(0, 16).replace('T', ' ')} UTC:{' '}
        {dataset.bikes.map(({ name }) => name).join(', ') || 'no bikes'}; {dataset.setups.length} setups,{' '}
        {dataset.rides.length} rides, {dataset.routes.length} routes, {dataset.parts.length} parts,{' '}
        {dataset.jobs.length} jobs, {dataset.learners.length} learners.
      </p>
      <div className={styles.buttons}>
        <Button type="primary" onClick={replace}>
          {bikes.length === 0 ? 'Take it in' : `Replace the ${bikes.length} here`}
        </Button>
        {bikes.length > 0 && <Button onClick={add}>Add what is not here yet</Button>}
        <Button onClick={onDone}>Leave it</Button>
      </div>
    </div>
  );
}
