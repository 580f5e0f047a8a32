'use client';

import { EllipsisOutlined } from '@ant-design/icons';
import { Button, Dropdown, Select } from 'antd';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { change } from '../../store';
import { Field } from '../fields/Field';
import { useStableCallback } from '../useStableCallback';
import { useReadyBench } from './BenchProvider';
import { RenameDialog } from './RenameDialog';
import styles from './Bench.module.css';
import { t } from './text';

/** Which of the bike's wheelsets the setup in depth runs on; added, renamed and removed from here. */
export function WheelsetPicker() {
  const { bench, workshop, edits } = useReadyBench();
  const { bike, setups, setup, wheelset, fromLink } = bench;
  const [renaming, setRenaming] = useState(false);
  const users = setups.filter(({ wheelsetId }) => wheelsetId === wheelset.id);

  const choose = (wheelsetId: string) => edits.editSetup('wheels', (record) => ({ ...record, wheelsetId }));
  const add = useStableCallback(() => {
    const id = nanoid();
    const name = t('wheelsetPicker.wheelsCount', { count: bike.wheelsets.length + 1 });
    edits.write(() =>
      change(
        workshop.db,
        { label: t('wheelsetPicker.newWheelsForName', { name: bike.name }), now: Date.now() },
        async (draft) => {
          const { measuredRolloutMm: _, ...sizes } = wheelset;
          await draft.update('bikes', bike.id, (record) => ({
            ...record,
            wheelsets: [...record.wheelsets, { ...sizes, id, name }],
          }));
          await draft.update('setups', setup.id, (record) => ({ ...record, wheelsetId: id }));
        },
      ),
    );
  });
  const remove = useStableCallback(() =>
    edits.write(() =>
      change(
        workshop.db,
        { label: t('wheelsetPicker.removeName', { name: wheelset.name }), now: Date.now() },
        async (draft) => {
          const rest = bike.wheelsets.filter(({ id }) => id !== wheelset.id);
          // Whatever ran on these wheels runs on the first of the others.
          for (const user of users) {
            await draft.update('setups', user.id, (record) => ({ ...record, wheelsetId: rest[0]!.id }));
          }
          for (const ride of workshop.rides.filter(({ wheelsetId }) => wheelsetId === wheelset.id)) {
            await draft.update('rides', ride.id, (record) => ({ ...record, wheelsetId: rest[0]!.id }));
          }
          await draft.update('bikes', bike.id, (record) => ({ ...record, wheelsets: rest }));
        },
      ),
    ),
  );

  return (
    <div className={styles.bike}>
      <Field id="wheelset" label={t('wheelsetPicker.wheels')}>
        <Select
          id="wheelset"
          value={wheelset.id}
          disabled={fromLink}
          style={{ width: 132 }}
          popupMatchSelectWidth={false}
          options={bike.wheelsets.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={choose}
        />
      </Field>
      <Dropdown
        trigger={['click']}
        disabled={fromLink}
        menu={{
          items: [
            {
              key: 'add',
              label: t('wheelsetPicker.anotherWheelsetForThisSetup'),
              disabled: bike.wheelsets.length >= 8,
              onClick: add,
            },
            { key: 'rename', label: t('wheelsetPicker.rename'), onClick: () => setRenaming(true) },
            { type: 'divider' },
            {
              key: 'remove',
              label: t('wheelsetPicker.removeNameLabel', { name: wheelset.name }),
              disabled: bike.wheelsets.length === 1,
              onClick: remove,
            },
          ],
        }}
      >
        <Button
          icon={<EllipsisOutlined />}
          aria-label={t('wheelsetPicker.addRenameOrRemoveWheels')}
          title={t('wheelsetPicker.addRenameOrRemoveWheels')}
        />
      </Dropdown>
      <RenameDialog
        id="wheelset-name"
        title={t('wheelsetPicker.renameTheWheels')}
        owner={wheelset.id + bike.id}
        name={wheelset.name}
        open={renaming}
        onCommit={(name) => edits.editWheelset(t('wheelsetPicker.nameOfTheWheels'), (record) => ({ ...record, name }))}
        onClose={() => setRenaming(false)}
      />
    </div>
  );
}
