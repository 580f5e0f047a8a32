'use client';

import { FolderOpenOutlined, UploadOutlined } from '@ant-design/icons';
import { Button, Checkbox, Progress } from 'antd';
import { fromEvent } from 'file-selector';
import { useRef, useState, type ChangeEvent, type DragEvent } from 'react';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useOpenedFiles } from '../../features/installed/useOpenedFiles';
import { useSharedFiles } from '../../features/installed/useSharedFiles';
import { RIDE_FILE_ENDINGS } from '../../formats/ride/file-types';
import { formatShorthand } from '../../formats/shorthand';
import { MappingDialog } from './MappingDialog';
import { useFirst } from '../../ui/list/useFirst';
import { useRideImport, type ImportJob } from './useRideImport';
import { Note, Panel } from '../../ui/panel/Panel';
import styles from './Rides.module.css';
import { defined } from '../../core/optional';
import { t } from './text';

const SIGN: Readonly<Record<ImportJob['state'], string>> = {
  waiting: '·',
  reading: '…',
  kept: '✓',
  known: '=',
  failed: '▲',
  cancelled: '×',
  mapping: '?',
  opened: '▾',
};

/** Files that are listed at first. */
const PAGE = 12;

/** Order of the list: what needs a look, what is being done, and at its end what is done. */
const RANK: Readonly<Record<ImportJob['state'], number>> = {
  mapping: 0,
  failed: 0,
  cancelled: 0,
  reading: 1,
  waiting: 2,
  opened: 3,
  kept: 3,
  known: 3,
};

/** A picker with this attribute takes a whole folder; React has no name for it. */
const FOLDER = { webkitdirectory: '' };

/** Imports files by drop or picker and shows the result of each. */
export function ImportPanel({ onKept }: { onKept: (rideId: string) => void }) {
  const { workspace, preferences, edits } = useReadyWorkspace();
  const { setup, wheelset, fromLink } = workspace;
  const picker = useRef<HTMLInputElement>(null);
  const folderPicker = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const { jobs, busy, add, cancel, clear, map } = useRideImport(onKept);
  const { first, more } = useFirst(
    [...jobs].sort((a, b) => RANK[a.state] - RANK[b.state]),
    PAGE,
  );
  const mapping = jobs.find(({ state }) => state === 'mapping');
  // While a link is looked at, nothing is imported: the files wait.
  useOpenedFiles(add, !fromLink);
  const shared = useSharedFiles(add, !fromLink);
  const pick = ({ target }: ChangeEvent<HTMLInputElement>) => {
    const files = [...(target.files ?? [])];
    target.value = '';
    if (files.length > 0) add(files);
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    // What was dropped can be looked at only now; folders in it are read one level after the other.
    if (!fromLink) void fromEvent(event.nativeEvent).then((items) => add(items.filter((item) => item instanceof File)));
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
      {shared === 'lost' && (
        <Note role="alert" data-testid="shared-lost">
          {t('importPanel.sharedLost')}
        </Note>
      )}
      <div className={styles.buttons}>
        <Button icon={<UploadOutlined />} disabled={fromLink} onClick={() => picker.current?.click()}>
          {t('importPanel.chooseFiles')}
        </Button>
        <Button icon={<FolderOpenOutlined />} disabled={fromLink} onClick={() => folderPicker.current?.click()}>
          {t('importPanel.chooseFolder')}
        </Button>
        {busy && <Button onClick={cancel}>{t('importPanel.cancel')}</Button>}
        {jobs.length > 0 && !busy && <Button onClick={clear}>{t('importPanel.clearTheList')}</Button>}
        <input
          ref={picker}
          type="file"
          multiple
          hidden
          accept={RIDE_FILE_ENDINGS.join(',')}
          data-testid="ride-files"
          onChange={pick}
        />
        <input ref={folderPicker} type="file" hidden data-testid="ride-folder" onChange={pick} {...FOLDER} />
      </div>
      <Checkbox
        {...defined({ className: styles.keep })}
        checked={preferences.keepPositions === true}
        onChange={({ target }) => edits.editPreferences({ keepPositions: target.checked })}
      >
        {t('importPanel.keepPositions')}
      </Checkbox>
      {preferences.keepPositions === true && <Note>{t('importPanel.positionsArePrivate')}</Note>}
      {jobs.length > 1 && <ImportProgress jobs={jobs} busy={busy} />}
      {jobs.length > 0 && (
        <ul className={styles.jobs} data-testid="import-jobs">
          {first.map(({ key, fileName, state, done, message }) => (
            <li key={key} data-state={state}>
              <span aria-hidden>{SIGN[state]}</span>
              <span>
                <b>{fileName}</b> {message}
                {state === 'reading' && (
                  <Progress percent={Math.round(done * 100)} size="small" status="normal" aria-label={fileName} />
                )}
              </span>
            </li>
          ))}
        </ul>
      )}
      {more}
      {mapping?.head && !busy && <MappingDialog key={mapping.key} head={mapping.head} onMap={map} onClose={clear} />}
    </Panel>
  );
}

/** How far a heap of files is, and at its end what became of them. */
function ImportProgress({ jobs, busy }: { jobs: readonly ImportJob[]; busy: boolean }) {
  const files = jobs.filter(({ state }) => state !== 'opened');
  const finished = files.filter(({ state }) => state !== 'waiting' && state !== 'reading').length;
  const countOf = (...states: readonly ImportJob['state'][]) =>
    files.filter(({ state }) => states.includes(state)).length;
  const count = files.length;
  return (
    <div role="status" data-testid="import-progress">
      {busy ? (
        <>
          {t('importPanel.progress', { finished, count })}
          <Progress
            percent={Math.round((finished / Math.max(1, count)) * 100)}
            showInfo={false}
            status="normal"
            aria-label={t('importPanel.import')}
          />
        </>
      ) : (
        t('importPanel.summary', {
          count,
          saved: countOf('kept'),
          known: countOf('known'),
          failed: countOf('failed'),
          others: countOf('cancelled', 'mapping'),
        })
      )}
    </div>
  );
}
