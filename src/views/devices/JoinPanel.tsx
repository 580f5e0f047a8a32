'use client';

import { App, Button } from 'antd';
import { useState } from 'react';
import { t } from '../../features/devices/text';
import { pairWith, type RontelDatabase } from '../../store';
import { readSecret } from '../../sync/secret';
import { Panel } from '../../ui/panel/Panel';
import { DeviceName, defaultName } from './DeviceName';
import styles from './DevicesView.module.css';

interface JoinPanelProps {
  readonly db: RontelDatabase;
  /** The secret, as the link has it. */
  readonly text: string;
  readonly isPaired: boolean;
  readonly onDone: () => void;
}

/** Asks whether this browser is to be paired, as a link wants. */
export function JoinPanel({ db, text, isPaired, onDone }: JoinPanelProps) {
  const { message } = App.useApp();
  const [name, setName] = useState(defaultName);
  if (!readSecret(text)) {
    return (
      <Panel data-wide aria-label={t('join.heading')}>
        <h2>{t('join.heading')}</h2>
        <p className={styles.problem} role="alert">
          {t('join.broken')}
        </p>
      </Panel>
    );
  }
  const join = async () => {
    await pairWith(db, text, name.trim() || defaultName());
    message.success(t('join.done'));
    onDone();
  };
  return (
    <Panel data-wide aria-label={t('join.heading')}>
      <h2>{t('join.heading')}</h2>
      <p>{t('join.what')}</p>
      {isPaired && <p>{t('join.again')}</p>}
      <div className={styles.row}>
        <DeviceName value={name} onChange={setName} />
        <Button type="primary" onClick={() => void join()}>
          {t('join.ok')}
        </Button>
        <Button onClick={onDone}>{t('join.no')}</Button>
      </div>
    </Panel>
  );
}
