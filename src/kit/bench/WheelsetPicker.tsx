'use client';

import { EllipsisOutlined } from '@ant-design/icons';
import { Button, Dropdown, Input, Modal, Select } from 'antd';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { NAME_LENGTH_MAX } from '../../records';
import { change } from '../../store';
import { Field } from '../fields/Field';
import { useDraft } from '../fields/useDraft';
import { useReadyBench } from './BenchProvider';
import { readName } from './read-name';
import styles from './Bench.module.css';

/** Which of the bike's wheelsets the setup in depth runs on; added, renamed and removed from here. */
export function WheelsetPicker() {
  const { bench, workshop, edits } = useReadyBench();
  const { bike, setups, setup, wheelset, fromLink } = bench;
  const [renaming, setRenaming] = useState(false);
  const users = setups.filter(({ wheelsetId }) => wheelsetId === wheelset.id);

  const choose = (wheelsetId: string) => edits.editSetup('wheels', (record) => ({ ...record, wheelsetId }));
  const add = () => {
    const id = nanoid();
    const name = `Wheels ${bike.wheelsets.length + 1}`;
    edits.write(() =>
      change(workshop.db, { label: `new wheels for ${bike.name}`, now: Date.now() }, async (draft) => {
        const { measuredRolloutMm: _, ...sizes } = wheelset;
        await draft.update('bikes', bike.id, (record) => ({
          ...record,
          wheelsets: [...record.wheelsets, { ...sizes, id, name }],
        }));
        await draft.update('setups', setup.id, (record) => ({ ...record, wheelsetId: id }));
      }),
    );
  };
  const remove = () =>
    edits.write(() =>
      change(workshop.db, { label: `remove ${wheelset.name}`, now: Date.now() }, async (draft) => {
        const rest = bike.wheelsets.filter(({ id }) => id !== wheelset.id);
        // Whatever ran on these wheels runs on the first of the others.
        for (const user of users) {
          await draft.update('setups', user.id, (record) => ({ ...record, wheelsetId: rest[0]!.id }));
        }
        await draft.update('bikes', bike.id, (record) => ({ ...record, wheelsets: rest }));
      }),
    );

  return (
    <div className={styles.bike}>
      <Field id="wheelset" label="Wheels">
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
              label: 'Another wheelset for this setup',
              disabled: bike.wheelsets.length >= 8,
              onClick: add,
            },
            { key: 'rename', label: 'Rename…', onClick: () => setRenaming(true) },
            { type: 'divider' },
            { key: 'remove', label: `Remove ${wheelset.name}`, disabled: bike.wheelsets.length === 1, onClick: remove },
          ],
        }}
      >
        <Button
          icon={<EllipsisOutlined />}
          aria-label="Add, rename or remove wheels"
          title="Add, rename or remove wheels"
        />
      </Dropdown>
      <Modal
        title="Rename the wheels"
        open={renaming}
        onCancel={() => setRenaming(false)}
        footer={null}
        destroyOnHidden
        width={420}
      >
        <RenameField onDone={() => setRenaming(false)} />
      </Modal>
    </div>
  );
}

function RenameField({ onDone }: { onDone: () => void }) {
  const { bench, edits } = useReadyBench();
  const { id, name } = bench.wheelset;
  const draft = useDraft(id, name, readName, (next) =>
    edits.editWheelset('name of the wheels', (wheelset) => ({ ...wheelset, name: next })),
  );
  return (
    <Field
      id="wheelset-name"
      label={`Name, kept as you type, up to ${NAME_LENGTH_MAX} letters`}
      problem={draft.problem}
    >
      <Input id="wheelset-name" {...draft.inputProps} autoFocus onPressEnter={() => !draft.problem && onDone()} />
    </Field>
  );
}
