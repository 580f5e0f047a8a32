'use client';

import { Button, Input, Select } from 'antd';
import { Confirm } from '../../ui/confirm/Confirm';
import { CurrencySelect } from '../../features/fields/CurrencySelect';
import { useState } from 'react';
import { withOptional } from '../../ui/fields/with-optional';
import { CONDITION_TEXT } from '../../features/workshop/words';
import { CONDITIONS, NAME_LENGTH_MAX, type Condition } from '../../records';
import type { Stock } from './useParts';
import styles from './Parts.module.css';
import { t } from './text';

/** Edits several parts at once, as one step of undo. */
export function BulkEdit({ stock, ids, onDone }: { stock: Stock; ids: readonly string[]; onDone: () => void }) {
  const [place, setPlace] = useState('');
  const jobs = stock.jobsWith(ids);
  return (
    <div className={styles.bulk} data-testid="bulk">
      <b>{t('bulkEdit.countParts', { count: ids.length })}</b>
      <Select<Condition | null>
        size="small"
        placeholder={t('bulkEdit.state')}
        aria-label={t('bulkEdit.stateSelectedParts')}
        value={null}
        style={{ width: 100 }}
        options={CONDITIONS.map((value) => ({ value, label: CONDITION_TEXT[value] }))}
        onSelect={(condition) =>
          condition !== null && stock.edit(ids, 'part.condition', (part) => ({ ...part, condition }))
        }
      />
      <span className={styles.bulkField}>
        <Input
          size="small"
          placeholder={t('bulkEdit.where')}
          aria-label={t('bulkEdit.locationSelectedParts')}
          maxLength={NAME_LENGTH_MAX}
          value={place}
          onChange={({ target }) => setPlace(target.value)}
          style={{ width: 120 }}
        />
        <Button
          size="small"
          onClick={() =>
            stock.edit(ids, 'part.place', (part) => withOptional(part, 'place', place.trim() || undefined))
          }
        >
          {t('bulkEdit.setLocation')}
        </Button>
      </span>
      <CurrencySelect
        small
        label={t('bulkEdit.currencySelectedParts')}
        value={undefined}
        placeholder={t('bulkEdit.currency')}
        onChoose={(currency) => stock.edit(ids, 'part.currency', (part) => ({ ...part, currency }))}
      />
      <Confirm
        title={t('bulkEdit.deleteTitle', { count: ids.length })}
        description={
          jobs.length === 0
            ? t('bulkEdit.setupsUseKeepData')
            : t('bulkEdit.namedInJobsTheCards', { jobs: jobs.map(({ name }) => `“${name}”`).join(', ') })
        }
        okText={t('bulkEdit.takeOff')}
        cancelText={t('bulkEdit.keep')}
        onConfirm={() => {
          stock.remove(ids);
          onDone();
        }}
      >
        <Button size="small" danger>
          {t('bulkEdit.delete')}
        </Button>
      </Confirm>
    </div>
  );
}
