'use client';

import { EllipsisOutlined } from '@ant-design/icons';
import { Button, Dropdown, Select } from 'antd';
import { useState } from 'react';
import { NAME_LENGTH_MAX, type BikeRecord } from '../../records';
import { addBike, removeBike } from '../../store';
import { useStableCallback } from '../useStableCallback';
import { useReadyBench } from './BenchProvider';
import { NewBikeDialog } from './NewBikeDialog';
import { RenameDialog } from './RenameDialog';
import styles from './Bench.module.css';
import { t } from './text';

/** Roles of a copy: its setups are not those of the original. */
const withoutSetups = (roles: BikeRecord['roles']) => roles?.map(({ setupId: _original, ...role }) => role);

/** Which bike is on the bench; new, renamed and removed from here. */
export function BikePicker() {
  const { bench, workshop, edits } = useReadyBench();
  const [renaming, setRenaming] = useState(false);
  const [adding, setAdding] = useState(false);
  const { bike, setup, fromLink } = bench;
  const { bikes, db } = workshop;

  const duplicate = useStableCallback(() => {
    const name = t('bikePicker.copyOfName', { name: bike.name }).slice(0, NAME_LENGTH_MAX);
    edits.write(() =>
      addBike(db, { bike: { ...bike, name, roles: withoutSetups(bike.roles) }, setup: { ...setup } }, Date.now()),
    );
  });

  return (
    <div className={styles.bike}>
      <Select
        id="bike"
        aria-label={fromLink ? t('bikePicker.bikeFromALink') : t('bikePicker.bike')}
        className={styles.bikeName}
        value={bike.id}
        disabled={fromLink}
        size="small"
        variant="borderless"
        popupMatchSelectWidth={false}
        options={(fromLink ? [bike] : bikes).map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(id: string) => edits.editPreferences({ currentBikeId: id })}
      />
      <Dropdown
        trigger={['click']}
        disabled={fromLink}
        menu={{
          items: [
            { key: 'rename', label: t('bikePicker.rename'), onClick: () => setRenaming(true) },
            { key: 'new', label: t('bikePicker.newBike'), onClick: () => setAdding(true) },
            { key: 'copy', label: t('bikePicker.duplicateBike'), onClick: duplicate },
            { type: 'divider' },
            {
              key: 'remove',
              label: t('bikePicker.removeName', { name: bike.name }),
              onClick: () => edits.write(() => removeBike(db, bike, Date.now())),
            },
          ],
        }}
      >
        <Button
          type="text"
          size="small"
          icon={<EllipsisOutlined />}
          aria-label={t('bikePicker.renameCopyOrRemoveThe')}
          title={t('bikePicker.renameCopyOrRemoveThe')}
        />
      </Dropdown>
      <NewBikeDialog open={adding} onClose={() => setAdding(false)} />
      <RenameDialog
        id="bike-name"
        title={t('bikePicker.renameTheBike')}
        owner={bike.id}
        name={bike.name}
        open={renaming}
        onCommit={(name) => edits.editBike('name', (record) => ({ ...record, name }))}
        onClose={() => setRenaming(false)}
      />
    </div>
  );
}
