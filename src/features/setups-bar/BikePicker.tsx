'use client';

import { useState } from 'react';
import { NAME_LENGTH_MAX, type BikeRecord } from '../../records';
import { addBike, removeBike } from '../../store';
import { useStableCallback } from '../../ui/react/useStableCallback';
import { RecordPicker } from '../picker/RecordPicker';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { NewBikeDialog } from './NewBikeDialog';
import styles from './SetupsBar.module.css';
import { t } from './text';

/** Roles of a copy: its setups are not those of the original. */
const withoutSetups = (roles: BikeRecord['roles']) => roles?.map(({ setupId: _original, ...role }) => role);

/** Selects the bike in the workspace; adds, renames and deletes bikes. */
export function BikePicker() {
  const { workspace, workshop, edits } = useReadyWorkspace();
  const [adding, setAdding] = useState(false);
  const { bike, setup, fromLink } = workspace;
  const { bikes, db } = workshop;

  const duplicate = useStableCallback(() => {
    const name = t('bikePicker.copyOfName', { name: bike.name }).slice(0, NAME_LENGTH_MAX);
    edits.write(() =>
      addBike(db, { bike: { ...bike, name, roles: withoutSetups(bike.roles) }, setup: { ...setup } }, Date.now()),
    );
  });

  return (
    <div className={styles.bike}>
      <RecordPicker
        id="bike"
        label={fromLink ? t('bikePicker.bikeFromALink') : t('bikePicker.bike')}
        records={fromLink ? [bike] : bikes}
        selected={bike}
        onChoose={(id) => edits.editPreferences({ currentBikeId: id })}
        disabled={fromLink}
        isPlain
        className={styles.bikeName}
        menuLabel={t('bikePicker.menu')}
        actions={[
          { key: 'new', label: t('bikePicker.newBike'), onClick: () => setAdding(true) },
          { key: 'copy', label: t('bikePicker.duplicateBike'), onClick: duplicate },
        ]}
        renameTitle={t('bikePicker.renameTitle')}
        onRename={(name) => edits.editBike('name', (record) => ({ ...record, name }))}
        onDelete={() => edits.write(() => removeBike(db, bike, Date.now()))}
      />
      <NewBikeDialog open={adding} onClose={() => setAdding(false)} />
    </div>
  );
}
