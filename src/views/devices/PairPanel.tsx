'use client';

import { Button } from 'antd';
import { Confirm } from '../../ui/confirm/Confirm';
import { useState } from 'react';
import { LinkToShow } from '../../features/devices/LinkToShow';
import { usePairingStatus } from '../../features/devices/pairing-status';
import { t } from '../../features/devices/text';
import { DATA_VERSION } from '../../records';
import type { readPairing } from '../../store';
import { pairWith, renameDevice, unpair, useLive, type RontelDatabase } from '../../store';
import { newSecret, secretText } from '../../sync/secret';
import { dateText, timeText } from '../../ui/format';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import { DeviceName, defaultName } from './DeviceName';
import { atBase } from '../../offline/base-path';
import styles from './DevicesView.module.css';

type Pairing = Awaited<ReturnType<typeof readPairing>>;

interface PairPanelProps {
  readonly db: RontelDatabase;
  readonly pairing: Pairing;
}

/** Devices that keep the same workshop as this one. */
export function PairPanel({ db, pairing }: PairPanelProps) {
  return (
    <Panel aria-label={t('pair.heading')} data-testid="paired">
      {pairing ? <Paired key={pairing.deviceId} db={db} pairing={pairing} /> : <Unpaired db={db} />}
    </Panel>
  );
}

function Unpaired({ db }: { db: RontelDatabase }) {
  const [name, setName] = useState(defaultName);
  return (
    <>
      <h2>{t('pair.heading')}</h2>
      <p>{t('pair.what')}</p>
      <div className={styles.row}>
        <DeviceName value={name} onChange={setName} />
        <Button type="primary" onClick={() => void pairWith(db, secretText(newSecret()), name.trim() || defaultName())}>
          {t('pair.start')}
        </Button>
      </div>
    </>
  );
}

function Paired({ db, pairing }: { db: RontelDatabase; pairing: NonNullable<Pairing> }) {
  const { line, failure } = usePairingStatus();
  const [name, setName] = useState(pairing.name);
  // The first device must be shown the code at once.
  const [isShown, setIsShown] = useState<boolean>();
  const jobs = useLive(db, readJobNames);
  const shows = isShown ?? pairing.others.length === 0;
  return (
    <>
      <PanelHead>
        <h2>{t('pair.heading')}</h2>
        <Button size="small" onClick={() => setIsShown(!shows)}>
          {shows ? t('pair.hide') : t('pair.show')}
        </Button>
        <Confirm
          title={t('pair.stopTitle')}
          description={t('pair.stopWhy')}
          okText={t('pair.stopOk')}
          cancelText={t('pair.cancel')}
          onConfirm={() => void unpair(db)}
        >
          <Button size="small">{t('pair.stop')}</Button>
        </Confirm>
      </PanelHead>
      <p role="status" data-testid="line" data-line={line}>
        {t('pair.line', { line })}
      </p>
      {failure !== undefined && (
        <p className={styles.problem} role="alert">
          {t('pair.failure', { cause: failure })}
        </p>
      )}
      {shows && (
        <LinkToShow
          link={`${window.location.origin}${atBase('/devices')}#pair=${pairing.secret}`}
          label={t('pair.link')}
        >
          <p>{t('pair.scan')}</p>
          <Note>{t('pair.secret')}</Note>
        </LinkToShow>
      )}
      {pairing.others.length === 0 ? (
        <Note>{t('pair.none')}</Note>
      ) : (
        <Table className={styles.others} data-testid="others">
          <thead>
            <tr>
              <th scope="col">{t('pair.device')}</th>
              <th scope="col">{t('pair.heard')}</th>
              <th scope="col">{t('pair.doing')}</th>
            </tr>
          </thead>
          <tbody>
            {pairing.others.map(({ deviceId, name: other, seenAtMs, jobId, dataVersion }) => (
              <tr key={deviceId}>
                <th scope="row">{other}</th>
                <td>
                  {dateText(seenAtMs)}, {timeText(seenAtMs)}
                </td>
                <td>
                  {dataVersion === DATA_VERSION
                    ? (jobs?.get(jobId) ?? '–')
                    : t('pair.anotherVersion', { isNewer: dataVersion > DATA_VERSION ? 'yes' : 'no' })}
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
      <DeviceName
        value={name}
        onChange={setName}
        onBlur={() => {
          if (name.trim() === '') setName(pairing.name);
          else if (name.trim() !== pairing.name) void renameDevice(db, name.trim());
        }}
      />
      <Note>{t('pair.removal')}</Note>
    </>
  );
}

const readJobNames = async (db: RontelDatabase) =>
  new Map((await db.jobs.toArray()).map(({ id, name }) => [id, name] as const));
