'use client';

import { App, Button } from 'antd';
import { fileName, saveText } from '../../ui/files';
import type { WorkspaceEdits } from '../../features/workspace/edits';
import { dateText, fixed, timeText } from '../../ui/format';
import { autoBackupDatabase } from '../../features/backup/auto-backup-database';
import { canWriteExternalFile, mayWrite, pickExternalFile } from '../../features/backup/external-file';
import {
  chooseExternalFile,
  autoBackupText,
  forgetExternalFile,
  makeAutoBackup,
  readAutoBackups,
  writeExternalFile,
  type AutoBackup,
  type Workshop,
  useLive,
} from '../../store';
import { countText } from '../../features/backup/table-words';
import styles from './Settings.module.css';
import type { AutoBackupDatabase } from '../../store/auto-backups';
import { t } from './text';

const BYTES_PER_MB = 1_000_000;

const momentText = (atMs: number) => `${dateText(atMs)}, ${timeText(atMs)}`;

interface AutoBackupPanelProps {
  readonly db: Workshop['db'];
  readonly edits: WorkspaceEdits;
  /** Shows what a copy would bring, as a file is. */
  readonly onOpen: (text: string, name: string) => void;
}

/** Copies that are made by themselves, and the file outside that goes along with them. */
export function AutoBackupPanel({ db, edits, onOpen }: AutoBackupPanelProps) {
  const copies = useLive(autoBackupDatabase(), readAutoBackups);
  if (!copies) return null;
  const open = (copy: AutoBackup) =>
    edits.write(async () =>
      onOpen(await autoBackupText(copy), t('autoBackupPanel.copyOfMoment', { moment: momentText(copy.atMs) })),
    );
  const save = (copy: AutoBackup) =>
    edits.write(async () => {
      const day = new Date(copy.atMs).toISOString().slice(0, 10);
      saveText(fileName(`rontel-backup ${day}`, 'json'), 'application/json', await autoBackupText(copy));
    });
  return (
    <section className={styles.sheet} aria-label={t('autoBackupPanel.copies')}>
      <div className={styles.head}>
        <h2>{t('autoBackupPanel.automaticBackups')}</h2>
        <Button size="small" onClick={() => edits.write(() => makeAutoBackup(db, autoBackupDatabase(), Date.now()))}>
          {t('autoBackupPanel.makeOneNow')}
        </Button>
      </div>
      <p>
        {copies.length === 0 && `${t('autoBackupPanel.noneYet')} `}
        {t('autoBackupPanel.whileYouWorkOneIs')}
      </p>
      <OutsideLine db={db} edits={edits} />
      <ul className={styles.list}>
        {copies.map((copy) => (
          <li key={copy.seq} data-testid="copy">
            <span>
              <b>{momentText(copy.atMs)}</b>
              {t('autoBackupPanel.countCount2Count3SizeMb', {
                count: countText('bikes', copy.bikes),
                count2: countText('jobs', copy.jobs),
                count3: countText('rides', copy.rides),
                size: fixed(copy.packed.size / BYTES_PER_MB, 2),
              })}
            </span>
            <span>
              <Button
                size="small"
                onClick={() => open(copy)}
                aria-label={t('autoBackupPanel.openTheCopyOfMoment', { moment: momentText(copy.atMs) })}
              >
                {t('autoBackupPanel.open')}
              </Button>{' '}
              <Button
                size="small"
                onClick={() => save(copy)}
                aria-label={t('autoBackupPanel.saveTheCopyOfMoment', { moment: momentText(copy.atMs) })}
              >
                {t('autoBackupPanel.save')}
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A file chosen once, which is written with each copy. */
function OutsideLine({ db, edits }: { db: Workshop['db']; edits: WorkspaceEdits }) {
  const { message } = App.useApp();
  const outside = useLive(autoBackupDatabase(), readExternalFile);
  if (!outside) return null;
  const { file } = outside;
  const write = async () => {
    const chosen = await autoBackupDatabase().outside.get('outside');
    if (!chosen) return;
    if (!(await mayWrite(chosen, true)))
      throw new Error(t('autoBackupPanel.theBrowserMayNotWrite', { name: chosen.handle.name }));
    await writeExternalFile(db, autoBackupDatabase(), Date.now());
    message.success(t('autoBackupPanel.writtenToName', { name: chosen.handle.name }));
  };
  const choose = () =>
    edits.write(async () => {
      const handle = await pickExternalFile();
      if (!handle) return;
      await chooseExternalFile(autoBackupDatabase(), handle);
      await write();
    });
  if (!file) {
    if (!canWriteExternalFile()) return <p>{t('autoBackupPanel.thisBrowserCannotWriteTo')}</p>;
    return (
      <p>
        <Button size="small" onClick={choose}>
          {t('autoBackupPanel.chooseBackupFile')}
        </Button>
      </p>
    );
  }
  return (
    <p data-testid="outside">
      {t('autoBackupPanel.writtenWithEachCopy')} <b>{file.handle.name}</b>
      {file.writtenAtMs === undefined
        ? t('autoBackupPanel.notYet')
        : t('autoBackupPanel.lastMoment', { moment: momentText(file.writtenAtMs) })}
      .{' '}
      <Button size="small" onClick={() => edits.write(write)}>
        {t('autoBackupPanel.writeItNow')}
      </Button>{' '}
      <Button size="small" onClick={() => edits.write(() => forgetExternalFile(autoBackupDatabase()))}>
        {t('autoBackupPanel.stopWritingFile')}
      </Button>
    </p>
  );
}

const readExternalFile = async (copies: AutoBackupDatabase) => ({ file: await copies.outside.get('outside') });
