'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { FailedImportNote } from '../../features/backup/FailedImportNote';
import { ImportReview } from '../../features/backup/ImportReview';
import { useImport } from '../../features/backup/useImport';
import { t } from '../../features/devices/text';
import type { WorkspaceEdits } from '../../features/workspace/edits';
import type { Workshop } from '../../store';
import { Panel } from '../../ui/panel/Panel';
import type { Asked } from './useFragment';
import styles from './DevicesView.module.css';

interface TakePanelProps {
  readonly asked: Asked & { readonly text: string };
  readonly workshop: Workshop;
  readonly edits: WorkspaceEdits;
  readonly onDone: () => void;
}

/** What another device has sent: fetched when asked for, looked at, and only then imported. */
export function TakePanel({ asked, workshop, edits, onDone }: TakePanelProps) {
  const { pending, failure, read, takeRest, clear } = useImport();
  const [problem, setProblem] = useState<string>();
  const [isFetching, setIsFetching] = useState(false);
  const fetchIt = async () => {
    setIsFetching(true);
    setProblem(undefined);
    const { takeRecords } = await import('./take');
    const taken = await takeRecords(asked);
    setIsFetching(false);
    if (typeof taken === 'string') setProblem(taken);
    else read(() => taken.result, '', t('take.name'));
  };
  const isRead = pending !== undefined || failure !== undefined;
  return (
    <Panel data-wide aria-label={t('take.heading')} data-testid="take">
      <h2>{t('take.heading')}</h2>
      {!isRead && (
        <>
          <p>{t('take.what')}</p>
          {problem !== undefined && (
            <p className={styles.problem} role="alert">
              {problem}
            </p>
          )}
          <Button type="primary" loading={isFetching} onClick={() => void fetchIt()}>
            {isFetching ? t('take.taking') : t('take.fetch')}
          </Button>
        </>
      )}
      {failure && <FailedImportNote failure={failure} onTakeRest={takeRest} />}
      {pending && (
        <ImportReview
          pending={pending}
          workshop={workshop}
          edits={edits}
          onDone={() => {
            clear();
            onDone();
          }}
        />
      )}
    </Panel>
  );
}
