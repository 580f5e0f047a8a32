'use client';

import { Button, Select } from 'antd';
import { useId, useState } from 'react';
import { errorText } from '../../core/error';
import { backupSaved, readDataset, type RontelDatabase } from '../../store';
import type { HandOver } from '../../records/selectors/handed-over';
import { fileName, saveText } from '../../ui/files';
import { timeText } from '../../ui/format';
import { Note } from '../../ui/panel/Panel';
import { LinkToShow } from './LinkToShow';
import styles from './Devices.module.css';
import { atBase } from '../../offline/base-path';
import { t } from './text';

interface SendPanelProps {
  readonly db: RontelDatabase;
  /** What can be chosen, the first at first, with its name. */
  readonly choices: readonly { readonly what: HandOver; readonly name: string }[];
}

type Sent =
  | { readonly kind: 'making' }
  /** `untilMs` is undefined where the code itself has the data. */
  | { readonly kind: 'made'; readonly link: string; readonly untilMs: number | undefined }
  | { readonly kind: 'failed'; readonly text: string };

/** Sends records to another device: a code that has them or the way to them, or a file. */
export function SendPanel({ db, choices }: SendPanelProps) {
  const id = useId();
  const [chosen, setChosen] = useState(0);
  const [sent, setSent] = useState<Sent>();
  const choice = choices[chosen] ?? choices[0];
  if (!choice) return null;
  const make = () => {
    setSent({ kind: 'making' });
    // The ways of packing and encrypting load when something is sent.
    void import('./send').then(async ({ send, sendFailure }) => {
      try {
        const { hash, untilMs } = await send(await readDataset(db), choice.what, Date.now());
        setSent({ kind: 'made', link: `${window.location.origin}${atBase('/devices')}#${hash}`, untilMs });
      } catch (error) {
        setSent({ kind: 'failed', text: sendFailure(error) ?? errorText(error) });
      }
    });
  };
  const save = () =>
    void import('./send').then(async ({ fileOf }) => {
      const now = new Date().toISOString();
      saveText(
        fileName(`rontel ${choice.name} ${now.slice(0, 10)}`, 'json'),
        'application/json',
        fileOf(await readDataset(db), choice.what, now),
      );
      if (choice.what.kind === 'everything') await backupSaved(db, Date.parse(now));
    });
  return (
    <>
      {choices.length > 1 && (
        <div>
          <label className={styles.label} htmlFor={id}>
            {t('send.what')}
          </label>
          <Select
            id={id}
            value={chosen}
            popupMatchSelectWidth={false}
            onChange={(index: number) => {
              setChosen(index);
              setSent(undefined);
            }}
            options={choices.map(({ name }, index) => ({ value: index, label: name }))}
            className={styles.choice ?? ''}
          />
        </div>
      )}
      {choice.what.kind !== 'everything' && <Note>{t('send.withoutRides')}</Note>}
      {sent?.kind === 'made' && (
        <LinkToShow link={sent.link} label={t('send.link')}>
          <p>{t('send.scan')}</p>
          <Note>
            {sent.untilMs === undefined ? t('send.inside') : t('send.waits', { time: timeText(sent.untilMs) })}
          </Note>
        </LinkToShow>
      )}
      {sent?.kind === 'failed' && (
        <p className={styles.problem} role="alert">
          {sent.text}
        </p>
      )}
      <div className={styles.row}>
        <Button type="primary" onClick={make} loading={sent?.kind === 'making'}>
          {sent?.kind === 'making' ? t('send.making') : sent?.kind === 'made' ? t('send.again') : t('send.make')}
        </Button>
        <Button onClick={save}>{t('send.file')}</Button>
      </div>
    </>
  );
}
