'use client';

import { Button } from 'antd';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { PART_GROUPS, withPartsOf } from '../../records';
import styles from './Compatibility.module.css';
import { t } from './text';
import { firstOf } from '../../core/items';

/** For a setup other than A: each group of parts as A has it, by one click. */
export function SameAsA() {
  const { workspace, edits } = useReadyWorkspace();
  const { setups, place, fromLink } = workspace;
  const fitted = firstOf(setups);
  if (place === 0) return null;
  return (
    <p className={styles.sameAsA} data-testid="same-as-a">
      <span>{t('sameAsA.sameAsA')}:</span>
      {PART_GROUPS.map((group) => (
        <Button
          key={group}
          size="small"
          disabled={fromLink}
          onClick={() =>
            edits.editSetup({ key: `partsOfA ${group}`, text: t(`sameAsA.groups.${group}`) }, (record) =>
              withPartsOf(record, fitted, group),
            )
          }
        >
          {t(`sameAsA.groups.${group}`)}
        </Button>
      ))}
    </p>
  );
}
