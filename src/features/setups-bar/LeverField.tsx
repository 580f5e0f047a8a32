'use client';

import { CLICKS_PER_PUSH, type SetupRecord } from '../../records';
import type { ClicksPerPush } from '../../core/gears';
import { NumberField } from '../../ui/fields/NumberField';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import styles from './SetupsBar.module.css';
import { t } from './text';

/** Cogs that one push of the rear lever moves over at most, towards easier and towards harder gears. */
export function LeverField({ id, record }: { id: string; record: SetupRecord }) {
  return (
    <div className={styles.detailRow}>
      <Direction id={id} record={record} direction="easier" />
      <Direction id={`${id}-harder`} record={record} direction="harder" />
    </div>
  );
}

function Direction({ id, record, direction }: { id: string; record: SetupRecord; direction: keyof ClicksPerPush }) {
  const { workspace, edits } = useReadyWorkspace();
  return (
    <NumberField
      id={id}
      label={t(`leverField.${direction}`)}
      term={t('leverField.clicksPerPush')}
      owner={record.id}
      disabled={workspace.fromLink}
      unit={t('leverField.cogs')}
      bounds={CLICKS_PER_PUSH}
      whole
      width={150}
      value={record.clicksPerPush[direction]}
      onCommit={(value) =>
        value !== undefined &&
        edits.editSetup(
          { undo: 'clicksPerPush', of: direction },
          (before) => ({ ...before, clicksPerPush: { ...before.clicksPerPush, [direction]: value } }),
          record.id,
        )
      }
    />
  );
}
