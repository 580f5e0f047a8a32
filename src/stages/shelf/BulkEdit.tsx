'use client';

import { Button, Input, Popconfirm, Select } from 'antd';
import { CurrencySelect } from '../../kit/fields/CurrencySelect';
import { useState } from 'react';
import { withOptional } from '../../kit/fields/with-optional';
import { CONDITION_TEXT } from '../../kit/shop/words';
import { CONDITIONS, NAME_LENGTH_MAX, type Condition } from '../../records';
import type { Shelf } from './useShelf';
import styles from './Shelf.module.css';
import { WORDS } from './words/text';

/** Says the same of several parts at once; one step of undo. */
export function BulkEdit({ shelf, ids, onDone }: { shelf: Shelf; ids: readonly string[]; onDone: () => void }) {
  const [place, setPlace] = useState('');
  const jobs = shelf.jobsWith(ids);
  return (
    <div className={styles.bulk} data-testid="bulk">
      <b>{ids.length === 1 ? WORDS.bulkEdit.onePart : WORDS.bulkEdit.countParts(ids.length)}</b>
      <Select<Condition | null>
        size="small"
        placeholder={WORDS.bulkEdit.state}
        aria-label={WORDS.bulkEdit.stateOfAllOfThem}
        value={null}
        style={{ width: 100 }}
        options={CONDITIONS.map((value) => ({ value, label: CONDITION_TEXT[value] }))}
        onSelect={(condition) => condition !== null && shelf.edit(ids, 'state', (part) => ({ ...part, condition }))}
      />
      <span className={styles.bulkField}>
        <Input
          size="small"
          placeholder={WORDS.bulkEdit.where}
          aria-label={WORDS.bulkEdit.whereAllOfThemLie}
          maxLength={NAME_LENGTH_MAX}
          value={place}
          onChange={({ target }) => setPlace(target.value)}
          style={{ width: 120 }}
        />
        <Button
          size="small"
          onClick={() => shelf.edit(ids, 'place', (part) => withOptional(part, 'place', place.trim() || undefined))}
        >
          {WORDS.bulkEdit.layThemThere}
        </Button>
      </span>
      <CurrencySelect
        small
        label={WORDS.bulkEdit.currencyOfAllOfThem}
        value={undefined}
        placeholder={WORDS.bulkEdit.currency}
        onChoose={(currency) => shelf.edit(ids, 'currency', (part) => ({ ...part, currency }))}
      />
      <Popconfirm
        title={WORDS.bulkEdit.takeValueOffTheShelf(ids.length === 1 ? WORDS.bulkEdit.it : WORDS.bulkEdit.them)}
        description={
          jobs.length === 0
            ? WORDS.bulkEdit.setupsMadeOfItKeep
            : WORDS.bulkEdit.namedInJobsTheCards(jobs.map(({ name }) => `“${name}”`).join(', '))
        }
        okText={WORDS.bulkEdit.takeOff}
        cancelText={WORDS.bulkEdit.keep}
        onConfirm={() => {
          shelf.remove(ids);
          onDone();
        }}
      >
        <Button size="small" danger>
          {WORDS.bulkEdit.takeOffTheShelf}
        </Button>
      </Popconfirm>
    </div>
  );
}
