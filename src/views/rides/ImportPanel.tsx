'use client';

import { UploadOutlined } from '@ant-design/icons';
import { Button, Progress } from 'antd';
import { useRef, useState, type ChangeEvent, type DragEvent } from 'react';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { formatShorthand } from '../../formats/shorthand';
import { MappingDialog } from './MappingDialog';
import { useRideImport, type ImportJob } from './useRideImport';
import { Note, Panel } from '../../ui/panel/Panel';
import styles from './Rides.module.css';
import { t } from './text';

const SIGN: Readonly<Record<ImportJob['state'], string>> = {
  waiting: '·',
  reading: '…',
  kept: '✓',
  known: '=',
  failed: '▲',
  cancelled: '×',
  mapping: '?',
};

/** Imports files by drop or picker and shows the result of each. */
export function ImportPanel({ onKept }: { onKept: (rideId: string) => void }) {
  const { workspace } = useReadyWorkspace();
  const { setup, wheelset, fromLink } = workspace;
  const picker = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const { jobs, busy, add, cancel, clear, map } = useRideImport(onKept);
  const mapping = jobs.find(({ state }) => state === 'mapping');
  const pick = ({ target }: ChangeEvent<HTMLInputElement>) => {
    const files = [...(target.files ?? [])];
    target.value = '';
    if (files.length > 0) add(files);
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    if (!fromLink) add([...event.dataTransfer.files]);
  };
  return (
    <Panel
      className={over ? styles.over : undefined}
      aria-label={t('importPanel.import')}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      <h2>{t('importPanel.importRidesRoutes')}</h2>
      <Note>
        {t('importPanel.dropGpxTcxFitOr')} <b>{formatShorthand(setup)}</b>
        {t('importPanel.nameNothingLeavesThisBrowser', { name: wheelset.name })}
      </Note>
      <div className={styles.buttons}>
        <Button icon={<UploadOutlined />} disabled={fromLink} onClick={() => picker.current?.click()}>
          {t('importPanel.chooseFiles')}
        </Button>
        {busy && <Button onClick={cancel}>{t('importPanel.cancel')}</Button>}
        {jobs.length > 0 && !busy && <Button onClick={clear}>{t('importPanel.clearTheList')}</Button>}
        <input
          ref={picker}
          type="file"
          multiple
          hidden
          accept=".gpx,.tcx,.fit,.csv,.gz,.txt"
          data-testid="ride-files"
          onChange={pick}
        />
      </div>
      {jobs.length > 0 && (
        <ul className={styles.jobs} aria-live="polite" data-testid="import-jobs">
          {jobs.map(({ key, fileName, state, done, message }) => (
            <li key={key} data-state={state}>
              <span aria-hidden>{SIGN[state]}</span>
              <span>
                <b>{fileName}</b> {message}
                {state === 'reading' && (
                  <Progress percent={Math.round(done * 100)} size="small" aria-label={fileName} />
                )}
              </span>
            </li>
          ))}
        </ul>
      )}
      {mapping?.head && !busy && <MappingDialog key={mapping.key} head={mapping.head} onMap={map} onClose={clear} />}
    </Panel>
  );
}
