'use client';

import { Button } from 'antd';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { PART_GROUPS, withPartsOf } from '../../records';
import styles from './Fit.module.css';
import { t } from './words/text';

/** For a setup other than A: each group of parts as A has it, by one click. */
export function SameAsA() {
  const { bench, edits } = useReadyBench();
  const { setups, place, fromLink } = bench;
  const fitted = setups[0]!;
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
            edits.editSetup(t('sameAsA.take', { group: t(`sameAsA.groups.${group}`) }), (record) =>
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
