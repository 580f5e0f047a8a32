'use client';

import { EllipsisOutlined } from '@ant-design/icons';
import { Button, Dropdown, Select } from 'antd';
import { useState } from 'react';
import { NAME_LENGTH_MAX } from '../../records';
import { addBike, removeBike } from '../../store';
import { Field } from '../fields/Field';
import { useReadyBench } from './BenchProvider';
import { RenameDialog } from './RenameDialog';
import styles from './Bench.module.css';

/** Which bike is on the bench; new, renamed and removed from here. */
export function BikePicker() {
  const { bench, workshop, edits } = useReadyBench();
  const [renaming, setRenaming] = useState(false);
  const { bike, setup, fromLink } = bench;
  const { bikes, db } = workshop;

  const duplicate = () => {
    const name = `Copy of ${bike.name}`.slice(0, NAME_LENGTH_MAX);
    edits.write(() => addBike(db, { bike: { ...bike, name }, setup: { ...setup } }, Date.now()));
  };

  return (
    <div className={styles.bike}>
      <Field id="bike" label={fromLink ? 'Bike, from a link' : 'Bike'}>
        <Select
          id="bike"
          value={bike.id}
          disabled={fromLink}
          style={{ width: 172 }}
          options={(fromLink ? [bike] : bikes).map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(id: string) => edits.editPreferences({ currentBikeId: id })}
        />
      </Field>
      <Dropdown
        trigger={['click']}
        disabled={fromLink}
        menu={{
          items: [
            { key: 'rename', label: 'Rename…', onClick: () => setRenaming(true) },
            { key: 'copy', label: 'New bike, as a copy', onClick: duplicate },
            { type: 'divider' },
            {
              key: 'remove',
              label: `Remove ${bike.name}`,
              onClick: () => edits.write(() => removeBike(db, bike, Date.now())),
            },
          ],
        }}
      >
        <Button
          icon={<EllipsisOutlined />}
          aria-label="Rename, copy or remove the bike"
          title="Rename, copy or remove the bike"
        />
      </Dropdown>
      <RenameDialog
        id="bike-name"
        title="Rename the bike"
        owner={bike.id}
        name={bike.name}
        open={renaming}
        onCommit={(name) => edits.editBike('name', (record) => ({ ...record, name }))}
        onClose={() => setRenaming(false)}
      />
    </div>
  );
}
