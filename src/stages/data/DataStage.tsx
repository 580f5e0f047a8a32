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
import { QuarantinePanel } from './QuarantinePanel';
import { BinPanel } from './BinPanel';
import { CheckPanel } from './CheckPanel';
import { CopiesPanel } from './CopiesPanel';
import { FailedImportNote } from './FailedImportNote';
import { ImportReview } from './ImportReview';
import { KeepPanel } from './KeepPanel';
import { useImport } from './useImport';
import { VersionLine } from './VersionLine';
import styles from './Data.module.css';
import { t } from './words/text';

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
        t('dataStage.eraseEverything'),
        Date.now(),
      );
      message.info(t('dataStage.erasedUndoBringsItBack'));
    });
  const pick = ({ target }: ChangeEvent<HTMLInputElement>) => {
    const [file] = target.files ?? [];
    // The same file can be chosen again after it was mended.
    target.value = '';
    if (file) edits.write(async () => read(readBackup, await file.text(), file.name));
  };

  return (
    <div className={styles.stage}>
      <h1>{t('dataStage.data')}</h1>
      <div className={styles.column}>
        <section className={styles.sheet}>
          <h2>{t('dataStage.keptInThisBrowser')}</h2>
          <p data-testid="kept">
            {t('dataStage.valueEverythingIsKeptAs', {
              value:
                bikes.length === 0
                  ? t('dataStage.noBikes')
                  : t('dataStage.countBikes', { count: bikes.length, names: bikes.map(({ name }) => name).join(', ') }),
            })}
          </p>
          <KeepPanel db={db} edits={edits} nowMs={nowMs} />
          <VersionLine />
          <div className={styles.buttons}>
            <Button type="primary" icon={<DownloadOutlined />} onClick={save}>
              {t('dataStage.saveABackup')}
            </Button>
            <Button icon={<UploadOutlined />} onClick={() => picker.current?.click()}>
              {t('dataStage.openABackup')}
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
              title={t('dataStage.eraseEverythingBikesRidesShelf')}
              description={t('dataStage.undoAndTheBinCan')}
              okText={t('dataStage.erase')}
              cancelText={t('dataStage.keep')}
              onConfirm={erase}
            >
              <Button danger icon={<DeleteOutlined />} disabled={bikes.length === 0}>
                {t('dataStage.eraseEverythingMore')}
              </Button>
            </Popconfirm>
          </div>
          {photos > 0 && (
            <p>
              <Checkbox checked={withPhotos} onChange={({ target }) => setWithPhotos(target.checked)}>
                {t('dataStage.withPhotos', { count: photos })}
              </Checkbox>
            </p>
          )}
          {failure && <FailedImportNote failure={failure} onTakeRest={takeRest} />}
          {pending && <ImportReview pending={pending} workshop={workshop} edits={edits} onDone={clear} />}
        </section>

        <section className={styles.sheet}>
          <h2>{t('dataStage.unitsAndSchools')}</h2>
          <dl className={styles.choices}>
            <Choice
              name={t('dataStage.speed')}
              value={preferences.speedUnit}
              choices={{ kmh: t('dataStage.speedUnits.kmh'), mph: t('dataStage.speedUnits.mph') }}
              onChoose={(speedUnit) => edits.editPreferences({ speedUnit })}
            />
            <Choice
              name={t('dataStage.weights')}
              value={preferences.massUnit ?? 'metric'}
              choices={{ metric: t('dataStage.massUnits.metric'), imperial: t('dataStage.massUnits.imperial') }}
              onChoose={(massUnit) => edits.editPreferences({ massUnit })}
            />
            <dt>
              <label htmlFor="currency">{t('dataStage.currency')}</label>
            </dt>
            <dd>
              <CurrencySelect
                id="currency"
                value={preferences.currency}
                placeholder={workshop.currency ?? t('dataStage.notChosen')}
                onChoose={(currency) => edits.editPreferences({ currency })}
              />{' '}
              {t('dataStage.ofSumsWithoutOne')}
            </dd>
            <Choice
              name={t('dataStage.gearInchesBy')}
              value={preferences.gearInchSchool}
              choices={{ ownWheel: t('dataStage.theBikesOwnWheel'), nominal27: t('dataStage.aNominal27InWheel') }}
              onChoose={(gearInchSchool) => edits.editPreferences({ gearInchSchool })}
            />
            <Choice
              name={t('dataStage.colours')}
              value={preferences.theme}
              choices={{ system: t('dataStage.asTheSystem'), light: t('dataStage.light'), dark: t('dataStage.dark') }}
              onChoose={(theme) => edits.editPreferences({ theme })}
            />
          </dl>
        </section>

        <section className={styles.sheet}>
          <h2>{t('dataStage.about')}</h2>
          <p>{t('dataStage.rontelWorksWithPublishedNumbers')}</p>
        </section>
      </div>
      <div className={styles.column}>
        {workshop.inMemoryBecause === undefined && (
          <CopiesPanel db={db} edits={edits} onOpen={(text, name) => read(readBackup, text, name)} />
        )}
        <QuarantinePanel db={db} edits={edits} />
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
