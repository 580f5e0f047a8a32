'use client';

import { DeleteOutlined, DownloadOutlined, UploadOutlined } from '@ant-design/icons';
import { App, Button, Checkbox, Popconfirm, Segmented } from 'antd';
import { CurrencySelect } from '../../kit/fields/CurrencySelect';
import { useId, useRef, useState, type ChangeEvent } from 'react';
import { writeBackup } from '../../formats/backup';
import { readBackup } from '../../formats/read-backup';
import { useBench } from '../../kit/bench/BenchProvider';
import { fileName, saveText } from '../../kit/files';
import { backupSaved, readDataset, replaceDataset, useLive, EMPTY_DATASET, type RontelDatabase } from '../../store';
import { AsidePanel } from './AsidePanel';
import { BinPanel } from './BinPanel';
import { CheckPanel } from './CheckPanel';
import { CopiesPanel } from './CopiesPanel';
import { FailedImportNote } from './FailedImportNote';
import { ImportReview } from './ImportReview';
import { KeepPanel } from './KeepPanel';
import { useImport } from './useImport';
import { VersionLine } from './VersionLine';
import styles from './Data.module.css';
import { WORDS } from './words/text';

/** What is kept, how to take it away and bring it back, and how figures are read. */
export function DataStage() {
  const state = useBench();
  const { message } = App.useApp();
  const picker = useRef<HTMLInputElement>(null);
  // When the page was opened will do: backups are a matter of days.
  const [nowMs] = useState(() => Date.now());
  const [withPhotos, setWithPhotos] = useState(true);
  const photos = useLive(state.kind === 'ready' ? state.workshop.db : undefined, countPhotos) ?? 0;
  const { pending, failure, read, takeRest, clear } = useImport();
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
        WORDS.dataStage.eraseEverything,
        Date.now(),
      );
      message.info(WORDS.dataStage.erasedUndoBringsItBack);
    });
  const pick = ({ target }: ChangeEvent<HTMLInputElement>) => {
    const [file] = target.files ?? [];
    // The same file can be chosen again after it was mended.
    target.value = '';
    if (file) edits.write(async () => read(readBackup, await file.text(), file.name));
  };

  return (
    <div className={styles.stage}>
      <h1>{WORDS.dataStage.data}</h1>
      <div className={styles.column}>
        <section className={styles.sheet}>
          <h2>{WORDS.dataStage.keptInThisBrowser}</h2>
          <p data-testid="kept">
            {WORDS.dataStage.valueEverythingIsKeptAs(
              bikes.length === 0
                ? WORDS.dataStage.noBikes
                : WORDS.dataStage.countBikes(bikes.length, bikes.map(({ name }) => name).join(', ')),
            )}
          </p>
          <KeepPanel db={db} edits={edits} nowMs={nowMs} />
          <VersionLine />
          <div className={styles.buttons}>
            <Button type="primary" icon={<DownloadOutlined />} onClick={save}>
              {WORDS.dataStage.saveABackup}
            </Button>
            <Button icon={<UploadOutlined />} onClick={() => picker.current?.click()}>
              {WORDS.dataStage.openABackup}
            </Button>
            <input
              ref={picker}
              type="file"
              accept=".json,application/json"
              hidden
              data-testid="backup-file"
              onChange={pick}
            />
            <Popconfirm
              title={WORDS.dataStage.eraseEverythingBikesRidesShelf}
              description={WORDS.dataStage.undoAndTheBinCan}
              okText={WORDS.dataStage.erase}
              cancelText={WORDS.dataStage.keep}
              onConfirm={erase}
            >
              <Button danger icon={<DeleteOutlined />} disabled={bikes.length === 0}>
                {WORDS.dataStage.eraseEverythingMore}
              </Button>
            </Popconfirm>
          </div>
          {photos > 0 && (
            <p>
              <Checkbox checked={withPhotos} onChange={({ target }) => setWithPhotos(target.checked)}>
                {WORDS.dataStage.withPhotos(photos)}
              </Checkbox>
            </p>
          )}
          {failure && <FailedImportNote failure={failure} onTakeRest={takeRest} />}
          {pending && <ImportReview pending={pending} workshop={workshop} edits={edits} onDone={clear} />}
        </section>

        <section className={styles.sheet}>
          <h2>{WORDS.dataStage.unitsAndSchools}</h2>
          <dl className={styles.choices}>
            <Choice
              name={WORDS.dataStage.speed}
              value={preferences.speedUnit}
              choices={WORDS.dataStage.speedUnits}
              onChoose={(speedUnit) => edits.editPreferences({ speedUnit })}
            />
            <Choice
              name={WORDS.dataStage.weights}
              value={preferences.massUnit ?? 'metric'}
              choices={WORDS.dataStage.massUnits}
              onChoose={(massUnit) => edits.editPreferences({ massUnit })}
            />
            <dt>
              <label htmlFor="currency">{WORDS.dataStage.currency}</label>
            </dt>
            <dd>
              <CurrencySelect
                id="currency"
                value={preferences.currency}
                placeholder={workshop.currency ?? WORDS.dataStage.notChosen}
                onChoose={(currency) => edits.editPreferences({ currency })}
              />{' '}
              {WORDS.dataStage.ofSumsWithoutOne}
            </dd>
            <Choice
              name={WORDS.dataStage.gearInchesBy}
              value={preferences.gearInchSchool}
              choices={{ ownWheel: WORDS.dataStage.theBikesOwnWheel, nominal27: WORDS.dataStage.aNominal27InWheel }}
              onChoose={(gearInchSchool) => edits.editPreferences({ gearInchSchool })}
            />
            <Choice
              name={WORDS.dataStage.colours}
              value={preferences.theme}
              choices={{ system: WORDS.dataStage.asTheSystem, light: 'light', dark: 'dark' }}
              onChoose={(theme) => edits.editPreferences({ theme })}
            />
          </dl>
        </section>

        <section className={styles.sheet}>
          <h2>{WORDS.dataStage.about}</h2>
          <p>{WORDS.dataStage.rontelWorksWithPublishedNumbers}</p>
        </section>
      </div>
      <div className={styles.column}>
        {workshop.inMemoryBecause === undefined && (
          <CopiesPanel db={db} edits={edits} onOpen={(text, name) => read(readBackup, text, name)} />
        )}
        <AsidePanel db={db} edits={edits} />
        <BinPanel db={db} edits={edits} />
        <CheckPanel db={db} edits={edits} />
      </div>
    </div>
  );
}

const countPhotos = (db: RontelDatabase) => db.photos.count();

interface ChoiceProps<T extends string> {
  readonly name: string;
  readonly value: T;
  readonly choices: Readonly<Record<T, string>>;
  readonly onChoose: (value: T) => void;
}

function Choice<T extends string>({ name, value, choices, onChoose }: ChoiceProps<T>) {
  const id = useId();
  return (
    <>
      <dt id={id}>{name}</dt>
      <dd>
        <Segmented<T>
          aria-labelledby={id}
          value={value}
          onChange={onChoose}
          options={(Object.keys(choices) as T[]).map((option) => ({ value: option, label: choices[option] }))}
        />
      </dd>
    </>
  );
}
