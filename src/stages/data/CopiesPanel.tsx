'use client';

import { App, Button } from 'antd';
import { useLiveQuery } from 'dexie-react-hooks';
import { fileName, saveText } from '../../kit/files';
import type { BenchEdits } from '../../kit/bench/edits';
import { dateText, fixed, timeText } from '../../kit/format';
import { copiesOf } from '../../kit/keeping/copies-of';
import { canWriteExternalFile, mayWrite, pickExternalFile } from '../../kit/keeping/external-file';
import {
  chooseExternalFile,
  copyText,
  forgetExternalFile,
  makeCopy,
  readCopies,
  writeExternalFile,
  type CopyRecord,
  type Workshop,
} from '../../store';
import { countText } from './words/table-words';
import styles from './Data.module.css';
import { t } from './words/text';

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
    edits.write(async () =>
      onOpen(await copyText(copy), t('copiesPanel.copyOfMoment', { moment: momentText(copy.atMs) })),
    );
  const save = (copy: CopyRecord) =>
    edits.write(async () => {
      const day = new Date(copy.atMs).toISOString().slice(0, 10);
      saveText(fileName(`rontel-backup ${day}`, 'json'), 'application/json', await copyText(copy));
    });
  return (
    <section className={styles.sheet} aria-label={t('copiesPanel.copies')}>
      <div className={styles.head}>
        <h2>{t('copiesPanel.copiesMadeByThemselves')}</h2>
        <Button size="small" onClick={() => edits.write(() => makeCopy(db, copiesOf(), Date.now()))}>
          {t('copiesPanel.makeOneNow')}
        </Button>
      </div>
      <p>
        {copies.length === 0 && `${t('copiesPanel.noneYet')} `}
        {t('copiesPanel.whileYouWorkOneIs')}
      </p>
      <OutsideLine db={db} edits={edits} />
      <ul className={styles.list}>
        {copies.map((copy) => (
          <li key={copy.seq} data-testid="copy">
            <span>
              <b>{momentText(copy.atMs)}</b>
              {t('copiesPanel.countCount2Count3SizeMb', {
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
                aria-label={t('copiesPanel.openTheCopyOfMoment', { moment: momentText(copy.atMs) })}
              >
                {t('copiesPanel.open')}
              </Button>{' '}
              <Button
                size="small"
                onClick={() => save(copy)}
                aria-label={t('copiesPanel.saveTheCopyOfMoment', { moment: momentText(copy.atMs) })}
              >
                {t('copiesPanel.save')}
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
    if (!(await mayWrite(chosen, true)))
      throw new Error(t('copiesPanel.theBrowserMayNotWrite', { name: chosen.handle.name }));
    await writeExternalFile(db, copiesOf(), Date.now());
    message.success(t('copiesPanel.writtenToName', { name: chosen.handle.name }));
  };
  const choose = () =>
    edits.write(async () => {
      const handle = await pickExternalFile();
      if (!handle) return;
      await chooseExternalFile(copiesOf(), handle);
      await write();
    });
  if (!file) {
    if (!canWriteExternalFile()) return <p>{t('copiesPanel.thisBrowserCannotWriteTo')}</p>;
    return (
      <p>
        <Button size="small" onClick={choose}>
          {t('copiesPanel.chooseAFileToWrite')}
        </Button>
      </p>
    );
  }
  return (
    <p data-testid="outside">
      {t('copiesPanel.writtenWithEachCopy')} <b>{file.handle.name}</b>
      {file.writtenAtMs === undefined
        ? t('copiesPanel.notYet')
        : t('copiesPanel.lastMoment', { moment: momentText(file.writtenAtMs) })}
      .{' '}
      <Button size="small" onClick={() => edits.write(write)}>
        {t('copiesPanel.writeItNow')}
      </Button>{' '}
      <Button size="small" onClick={() => edits.write(() => forgetExternalFile(copiesOf()))}>
        {t('copiesPanel.writeItNoMore')}
      </Button>
    </p>
  );
}
