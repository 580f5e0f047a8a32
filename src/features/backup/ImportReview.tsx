'use client';

import { App, Button, Progress } from 'antd';
import { useEffect, useState } from 'react';
import type { WorkspaceEdits } from '../workspace/edits';
import { differencesOf, type Preferred } from '../../records';
import { LeftOffError, readKept, replaceDataset, mergeBackup, type BulkOptions, type Workshop } from '../../store';
import { TABLE_TEXT, recordName } from './table-words';
import type { PendingImport } from './useImport';
import { Note } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import styles from './Review.module.css';
import { t } from './text';

interface ImportReviewProps {
  readonly pending: PendingImport;
  readonly workshop: Workshop;
  readonly edits: WorkspaceEdits;
  readonly onDone: () => void;
}

/** Of what differs so many are named. */
const NAMED_MAX = 6;

/** What a backup would bring, table by table, and what to do with it; until then nothing has changed. */
export function ImportReview({ pending, workshop, edits, onDone }: ImportReviewProps) {
  const { message } = App.useApp();
  const { fileName, savedAt, dataset } = pending;
  const { db, bikes } = workshop;
  const [running, setRunning] = useState<{
    readonly done: number;
    readonly total: number;
    readonly stop: () => void;
  }>();
  const isRunning = running !== undefined;
  const [differences, setDifferences] = useState<ReturnType<typeof differencesOf>>();
  // Followed until it is decided: what is written then need not be compared once more.
  useEffect(() => {
    if (isRunning) return undefined;
    const subscription = db
      .follow(async () => differencesOf(await readKept(db), dataset))
      .subscribe({ next: setDifferences });
    return () => subscription.unsubscribe();
  }, [db, dataset, isRunning]);
  if (!differences) return null;
  const added = differences.reduce((sum, one) => sum + one.added.length, 0);
  const conflicts = differences.flatMap((one) => one.conflicts);
  const label = t('importReview.backupFileName', { fileName });
  /** Runs a write with its progress on screen; if cancelled, nothing is stored and the review is shown again. */
  const run = (work: (options: BulkOptions) => Promise<string>) =>
    edits.write(async () => {
      const control = new AbortController();
      const stop = () => control.abort();
      setRunning({ done: 0, total: 0, stop });
      try {
        const onProgress = (done: number, total: number) => setRunning({ done, total, stop });
        message.success(await work({ signal: control.signal, onProgress }));
        onDone();
      } catch (error) {
        setRunning(undefined);
        if (!(error instanceof LeftOffError)) throw error;
        message.info(t('importReview.leftOff'));
      }
    });
  const replace = () =>
    run(async (options) => {
      await replaceDataset(db, dataset, label, Date.now(), options);
      return t('importReview.dataWereReplacedBackup');
    });
  const merge = (preferred: Preferred) =>
    run(async (options) => {
      const taken = await mergeBackup(db, dataset, preferred, label, Date.now(), options);
      return taken === 0
        ? t('importReview.everythingFileWasAlready')
        : t('importReview.takenRecordsTakenIn', { taken });
    });
  if (running) {
    const { done, total, stop } = running;
    return (
      <div className={styles.review} role="group" aria-label={t('importReview.importBackup')}>
        <p aria-live="polite">{t('importReview.writing', { fileName })}</p>
        <Progress percent={total === 0 ? 0 : Math.floor((100 * done) / total)} />
        <Button onClick={stop}>{t('importReview.stop')}</Button>
      </div>
    );
  }
  return (
    <div className={styles.review} role="group" aria-label={t('importReview.importBackup')}>
      <p>
        <b>{fileName}</b>
        {t('importReview.savedReplaceUtcBikes', {
          replace: savedAt.slice(0, 16).replace('T', ' '),
          bikes: dataset.bikes.map(({ name }) => name).join(', ') || t('importReview.noBikes'),
        })}
      </p>
      <Table className={styles.table} data-testid="differences">
        <thead>
          <tr>
            <th scope="col">{t('importReview.what')}</th>
            <th scope="col">{t('importReview.new')}</th>
            <th scope="col">{t('importReview.differ')}</th>
            <th scope="col">{t('importReview.theSame')}</th>
            <th scope="col">{t('importReview.onlyHere')}</th>
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
      </Table>
      {conflicts.length > 0 && (
        <p data-testid="conflicts">
          {t('importReview.hereAndInTheFile', {
            conflicts: conflicts
              .slice(0, NAMED_MAX)
              .map(({ here }) => recordName(here))
              .join(', '),
          })}
          {conflicts.length > NAMED_MAX && t('importReview.andCountMore', { count: conflicts.length - NAMED_MAX })}.
        </p>
      )}
      <div className={styles.buttons}>
        <Button type="primary" onClick={replace}>
          {bikes.length === 0
            ? t('importReview.import')
            : t('importReview.replaceTheCountHere', { count: bikes.length })}
        </Button>
        {bikes.length > 0 && added > 0 && (
          <Button onClick={() => merge('here')}>{t('importReview.addWhatIsNotHere')}</Button>
        )}
        {bikes.length > 0 && conflicts.length > 0 && (
          <Button onClick={() => merge('file')}>
            {t('importReview.valueTheFilesWhereThey', {
              value: added > 0 ? t('importReview.addAndTake') : t('importReview.take'),
              count: conflicts.length,
            })}
          </Button>
        )}
        <Button onClick={onDone}>{t('importReview.leaveIt')}</Button>
      </div>
      <Note>{t('importReview.allNothingCanUndone')}</Note>
    </div>
  );
}
