'use client';

import { Select } from 'antd';
import { formatShorthand } from '../../formats/shorthand';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { letterOf } from '../setup-mark/setup-sign';
import styles from './SetupsBar.module.css';
import { t } from './text';

/** Which setup of which bike a page without the setups bar is about. */
export function SetupChoice({ withBike = false }: { withBike?: boolean }) {
  const { workspace, workshop, edits } = useReadyWorkspace();
  const { bike, setups, setup } = workspace;
  return (
    <div className={styles.setupChoice}>
      {withBike && (
        <Select
          id="of-bike"
          aria-label={t('bikePicker.bike')}
          size="small"
          popupMatchSelectWidth={false}
          value={bike.id}
          options={workshop.bikes.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(id: string) => edits.editPreferences({ currentBikeId: id })}
        />
      )}
      <Select
        id="of-setup"
        aria-label={t('setupChoice.setup')}
        size="small"
        popupMatchSelectWidth={false}
        value={setup.id}
        options={setups.map((one, place) => ({
          value: one.id,
          label: t('setupChoice.letterNamed', { letter: letterOf(place), name: one.name ?? formatShorthand(one) }),
        }))}
        onChange={(id: string) => edits.chooseSetup(id)}
      />
    </div>
  );
}
