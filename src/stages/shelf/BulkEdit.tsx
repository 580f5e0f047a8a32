'use client';

import { Button, Input, Popconfirm, Select } from 'antd';
import { useState } from 'react';
import { withOptional } from '../../kit/fields/with-optional';
import { CONDITION_TEXT } from '../../kit/shop/words';
import { CONDITIONS, NAME_LENGTH_MAX, isCurrency, type Condition } from '../../records';
import type { Shelf } from './useShelf';
import styles from './Shelf.module.css';

/** Says the same of several parts at once; one step of undo. */
export function BulkEdit({ shelf, ids, onDone }: { shelf: Shelf; ids: readonly string[]; onDone: () => void }) {
  const [place, setPlace] = useState('');
  const [currency, setCurrency] = useState('');
  const jobs = shelf.jobsWith(ids);
  return (
    <div className={styles.bulk} data-testid="bulk">
      <b>{ids.length === 1 ? '1 part' : `${ids.length} parts`}</b>
      <Select<Condition | null>
        size="small"
        placeholder="state…"
        aria-label="State of all of them"
        value={null}
        style={{ width: 100 }}
        options={CONDITIONS.map((value) => ({ value, label: CONDITION_TEXT[value] }))}
        onSelect={(condition) => condition !== null && shelf.edit(ids, 'state', (part) => ({ ...part, condition }))}
      />
      <span className={styles.bulkField}>
        <Input
          size="small"
          placeholder="where"
          aria-label="Where all of them lie"
          maxLength={NAME_LENGTH_MAX}
          value={place}
          onChange={({ target }) => setPlace(target.value)}
          style={{ width: 120 }}
        />
        <Button
          size="small"
          onClick={() => shelf.edit(ids, 'place', (part) => withOptional(part, 'place', place.trim() || undefined))}
        >
          Lay them there
        </Button>
      </span>
      <span className={styles.bulkField}>
        <Input
          size="small"
          placeholder="EUR"
          aria-label="Currency of all of them"
          maxLength={3}
          value={currency}
          onChange={({ target }) => setCurrency(target.value.toUpperCase())}
          style={{ width: 64 }}
        />
        <Button
          size="small"
          disabled={!isCurrency(currency)}
          onClick={() => shelf.edit(ids, 'currency', (part) => ({ ...part, currency }))}
        >
          Price them so
        </Button>
      </span>
      <Popconfirm
        title={`Take ${ids.length === 1 ? 'it' : 'them'} off the shelf?`}
        description={
          jobs.length === 0
            ? 'Setups made of it keep what is known of it. Undo brings it back.'
            : `Named in ${jobs.map(({ name }) => `“${name}”`).join(', ')}: the cards keep what they say.`
        }
        okText="Take off"
        cancelText="Keep"
        onConfirm={() => {
          shelf.remove(ids);
          onDone();
        }}
      >
        <Button size="small" danger>
          Take off the shelf…
        </Button>
      </Popconfirm>
    </div>
  );
}
