'use client';

import { WHEELSETS_MAX, addWheelset, removeWheelset } from '../../store';
import { Field } from '../../ui/fields/Field';
import { useStableCallback } from '../../ui/react/useStableCallback';
import { RecordPicker } from '../picker/RecordPicker';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import styles from './SetupsBar.module.css';
import { t } from './text';

/** Selects the wheelset of the selected setup; adds, renames and deletes wheelsets of the bike. */
export function WheelsetPicker() {
  const { workspace, workshop, edits } = useReadyWorkspace();
  const { bike, setup, wheelset, fromLink } = workspace;
  const add = useStableCallback(() => {
    const name = t('wheelsetPicker.wheelsCount', { count: bike.wheelsets.length + 1 });
    edits.write(() => addWheelset(workshop.db, { bike, setup, like: wheelset, name }, Date.now()));
  });
  const remove = useStableCallback(() => edits.write(() => removeWheelset(workshop.db, bike, wheelset, Date.now())));
  return (
    <Field id="wheelset" label={t('wheelsetPicker.wheels')}>
      <div className={styles.bike}>
        <RecordPicker
          id="wheelset"
          records={bike.wheelsets}
          selected={wheelset}
          onChoose={(wheelsetId) => edits.editSetup('wheelsetId', (record) => ({ ...record, wheelsetId }))}
          disabled={fromLink}
          width={132}
          menuLabel={t('wheelsetPicker.menu')}
          actions={[
            {
              key: 'add',
              label: t('wheelsetPicker.add'),
              disabled: bike.wheelsets.length >= WHEELSETS_MAX,
              onClick: add,
            },
          ]}
          renameTitle={t('wheelsetPicker.renameTitle')}
          owner={wheelset.id + bike.id}
          onRename={(name) => edits.editWheelset('wheelsetName', (record) => ({ ...record, name }))}
          onDelete={remove}
          canDelete={bike.wheelsets.length > 1}
        />
      </div>
    </Field>
  );
}
