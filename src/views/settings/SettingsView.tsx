'use client';

import { DeleteOutlined, DownloadOutlined, UploadOutlined } from '@ant-design/icons';
import { App, Button, Checkbox } from 'antd';
import { Confirm } from '../../ui/confirm/Confirm';
import Link from 'next/link';
import { useRef, useState, type ChangeEvent } from 'react';
import { writeBackup } from '../../formats/backup';
import { readBackup } from '../../formats/read-backup';
import { useOpenedFiles } from '../../features/installed/useOpenedFiles';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { fileName, saveText } from '../../ui/files';
import { backupSaved, readDataset, replaceDataset, useLive, EMPTY_DATASET, type RontelDatabase } from '../../store';
import { QuarantinePanel } from './QuarantinePanel';
import { BinPanel } from './BinPanel';
import { CheckPanel } from './CheckPanel';
import { AutoBackupPanel } from './AutoBackupPanel';
import { FailedImportNote } from '../../features/backup/FailedImportNote';
import { ImportReview } from '../../features/backup/ImportReview';
import { KeepPanel } from './KeepPanel';
import { useImport } from '../../features/backup/useImport';
import { ShortcutsPanel } from './ShortcutsPanel';
import { UnitsPanel } from './UnitsPanel';
import { VersionLine } from './VersionLine';
import styles from './Settings.module.css';
import { t } from './text';

/** What is kept, how to take it away and bring it back, and how figures are read. */
export function SettingsView() {
  const state = useWorkspace();
  const { message } = App.useApp();
  const picker = useRef<HTMLInputElement>(null);
  // When the page was opened will do: backups are a matter of days.
  const [nowMs] = useState(() => Date.now());
  const [withPhotos, setWithPhotos] = useState(true);
  const photos = useLive(state.kind === 'ready' ? state.workshop.db : undefined, countPhotos) ?? 0;
  const { pending, failure, read, takeRest, clear } = useImport();
  const readFile = (file: File) => file.text().then((text) => read(readBackup, text, file.name));
  useOpenedFiles(([file]) => {
    if (file && state.kind === 'ready') state.edits.write(() => readFile(file));
  }, state.kind === 'ready');
  if (state.kind !== 'ready') return null;
  const { workshop, preferences, edits } = state;
  const { db, bikes } = workshop;

  const save = () =>
    edits.write(async () => {
      const now = new Date().toISOString();
      const dataset = await readDataset(db);
      saveText(
        fileName(`rontel-backup ${now.slice(0, 10)}`, 'json'),
        'application/json',
        writeBackup(withPhotos ? dataset : { ...dataset, photos: [] }, now),
      );
      await backupSaved(db, Date.parse(now));
    });
  const erase = () =>
    edits.write(async () => {
      await replaceDataset(
        db,
        { ...EMPTY_DATASET, preferences: [{ ...preferences, currentBikeId: undefined }] },
        t('settingsView.eraseEverything'),
        Date.now(),
      );
      message.info(t('settingsView.everythingWasDeletedCan'));
    });
  const pick = ({ target }: ChangeEvent<HTMLInputElement>) => {
    const [file] = target.files ?? [];
    // Lets the same file be chosen again after it was corrected.
    target.value = '';
    if (file) edits.write(() => readFile(file));
  };

  return (
    <div className={styles.stage}>
      <h1>{t('settingsView.data')}</h1>
      <div className={styles.column}>
        <section className={styles.sheet}>
          <h2>{t('settingsView.keptInThisBrowser')}</h2>
          <p data-testid="kept">
            {t('settingsView.valueEverythingIsKeptAs', {
              value:
                bikes.length === 0
                  ? t('settingsView.noBikes')
                  : t('settingsView.countBikes', {
                      count: bikes.length,
                      names: bikes.map(({ name }) => name).join(', '),
                    }),
            })}
          </p>
          <KeepPanel db={db} edits={edits} nowMs={nowMs} />
          <VersionLine />
          <div className={styles.buttons}>
            <Button type="primary" icon={<DownloadOutlined />} onClick={save}>
              {t('settingsView.saveABackup')}
            </Button>
            <Button icon={<UploadOutlined />} onClick={() => picker.current?.click()}>
              {t('settingsView.openABackup')}
            </Button>
            <input
              ref={picker}
              type="file"
              accept=".json,application/json"
              hidden
              data-testid="backup-file"
              onChange={pick}
            />
            <Confirm
              title={t('settingsView.deleteEverythingBikesRides')}
              description={t('settingsView.undoAndTheBinCan')}
              okText={t('settingsView.erase')}
              cancelText={t('settingsView.keep')}
              onConfirm={erase}
            >
              <Button danger icon={<DeleteOutlined />} disabled={bikes.length === 0} data-testid="delete-everything">
                {t('settingsView.deleteEverything')}
              </Button>
            </Confirm>
          </div>
          {photos > 0 && (
            <p>
              <Checkbox checked={withPhotos} onChange={({ target }) => setWithPhotos(target.checked)}>
                {t('settingsView.withPhotos', { count: photos })}
              </Checkbox>
            </p>
          )}
          {failure && <FailedImportNote failure={failure} onTakeRest={takeRest} />}
          {pending && <ImportReview pending={pending} workshop={workshop} edits={edits} onDone={clear} />}
        </section>

        <section className={styles.sheet}>
          <h2>{t('settingsView.otherDevices')}</h2>
          <p>{t('settingsView.otherDevicesWhy')}</p>
          <Link href="/devices">{t('settingsView.toDevices')}</Link>
        </section>

        <UnitsPanel preferences={preferences} currency={workshop.currency} edits={edits} />

        <section className={styles.sheet}>
          <h2>{t('settingsView.about')}</h2>
          <p>{t('settingsView.rontelWorksWithPublishedNumbers')}</p>
        </section>
      </div>
      <div className={styles.column}>
        {workshop.inMemoryBecause === undefined && (
          <AutoBackupPanel db={db} edits={edits} onOpen={(text, name) => read(readBackup, text, name)} />
        )}
        <QuarantinePanel db={db} edits={edits} />
        <BinPanel db={db} edits={edits} />
        <ShortcutsPanel preferences={preferences} edits={edits} />
        <CheckPanel db={db} edits={edits} />
      </div>
    </div>
  );
}

const countPhotos = (db: RontelDatabase) => db.photos.count();
