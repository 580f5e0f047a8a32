'use client';

import { Button } from 'antd';
import { recordName } from '../../features/backup/table-words';
import { t } from '../../features/devices/text';
import { fieldText } from '../../messages/edit-name';
import { forgetClashes, readClashes, useLive, type ClashRecord, type RontelDatabase } from '../../store';
import { Panel } from '../../ui/panel/Panel';
import styles from './DevicesView.module.css';

/** Fields that two devices changed at once, and records that cannot be shown for that. */
export function ClashPanel({ db, apart }: { db: RontelDatabase; apart: readonly string[] }) {
  const clashes = useLive(db, readNamed) ?? [];
  if (clashes.length === 0 && apart.length === 0) return null;
  return (
    <Panel data-wide aria-label={t('clashes.heading')} data-testid="clashes">
      <h2>{t('clashes.heading')}</h2>
      <p>{t('clashes.what')}</p>
      <ul className={styles.list}>
        {clashes.map(({ clash, name }) => (
          <li key={clash.seq}>
            {t('clashes.line', {
              record: name,
              field: nameOfField(clash),
              kept: valueText(clash.kept),
              lost: valueText(clash.lost),
              device: clash.from,
            })}
          </li>
        ))}
        {apart.map((text) => (
          <li key={text}>{t('clashes.apart', { text })}</li>
        ))}
      </ul>
      {clashes.length > 0 && <Button onClick={() => void forgetClashes(db)}>{t('clashes.forget')}</Button>}
    </Panel>
  );
}

async function readNamed(db: RontelDatabase) {
  return Promise.all(
    (await readClashes(db)).map(async (clash) => {
      const record = await db.table<{ readonly id: string }>(clash.table).get(clash.id);
      return { clash, name: record ? recordName(record) : clash.id };
    }),
  );
}

const GROUPS = { parts: 'part', jobs: 'job' } as const;

/** What a field is called; a part of a larger one by the larger. */
function nameOfField({ table, path }: ClashRecord): string {
  const group = table === 'parts' || table === 'jobs' ? GROUPS[table] : '';
  const names = [...path].reverse().flatMap((part) => fieldText(group, part) ?? fieldText('', part) ?? []);
  return names[0] ?? t('clashes.details');
}

/** A value in a line of text; what is made of several says only that it is another. */
function valueText(value: ClashRecord['kept']): string {
  if (value === undefined) return t('clashes.removed');
  return typeof value === 'object' ? t('clashes.several') : String(value);
}
