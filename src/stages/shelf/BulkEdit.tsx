'use client';

import { Button, Input, Popconfirm, Select } from 'antd';
import { CurrencySelect } from '../../kit/fields/CurrencySelect';
import { useState } from 'react';
import { withOptional } from '../../kit/fields/with-optional';
import { CONDITION_TEXT } from '../../kit/shop/words';
import { CONDITIONS, NAME_LENGTH_MAX, type Condition } from '../../records';
import type { Shelf } from './useShelf';
import styles from './Shelf.module.css';
import { t } from './words/text';

/** Says the same of several parts at once; one step of undo. */
export function BulkEdit({ shelf, ids, onDone }: { shelf: Shelf; ids: readonly string[]; onDone: () => void }) {
  const [place, setPlace] = useState('');
  const jobs = shelf.jobsWith(ids);
  return (
    <div className={styles.bulk} data-testid="bulk">
      <b>{ids.length === 1 ? t('bulkEdit.onePart') : t('bulkEdit.countParts', { count: ids.length })}</b>
      <Select<Condition | null>
        size="small"
        placeholder={t('bulkEdit.state')}
        aria-label={t('bulkEdit.stateOfAllOfThem')}
        value={null}
        style={{ width: 100 }}
        options={CONDITIONS.map((value) => ({ value, label: CONDITION_TEXT[value] }))}
        onSelect={(condition) => condition !== null && shelf.edit(ids, 'state', (part) => ({ ...part, condition }))}
      />
      <span className={styles.bulkField}>
        <Input
          size="small"
          placeholder={t('bulkEdit.where')}
          aria-label={t('bulkEdit.whereAllOfThemLie')}
          maxLength={NAME_LENGTH_MAX}
          value={place}
          onChange={({ target }) => setPlace(target.value)}
          style={{ width: 120 }}
        />
        <Button
          size="small"
          onClick={() => shelf.edit(ids, 'place', (part) => withOptional(part, 'place', place.trim() || undefined))}
        >
          {t('bulkEdit.layThemThere')}
        </Button>
      </span>
      <CurrencySelect
        small
        label={t('bulkEdit.currencyOfAllOfThem')}
        value={undefined}
        placeholder={t('bulkEdit.currency')}
        onChoose={(currency) => shelf.edit(ids, 'currency', (part) => ({ ...part, currency }))}
      />
      <Popconfirm
        title={t('bulkEdit.takeValueOffTheShelf', { value: ids.length === 1 ? t('bulkEdit.it') : t('bulkEdit.them') })}
        description={
          jobs.length === 0
            ? t('bulkEdit.setupsMadeOfItKeep')
            : t('bulkEdit.namedInJobsTheCards', { jobs: jobs.map(({ name }) => `“${name}”`).join(', ') })
        }
        okText={t('bulkEdit.takeOff')}
        cancelText={t('bulkEdit.keep')}
        onConfirm={() => {
          shelf.remove(ids);
          onDone();
        }}
      >
        <Button size="small" danger>
          {t('bulkEdit.takeOffTheShelf')}
        </Button>
      </Popconfirm>
    </div>
  );
}
