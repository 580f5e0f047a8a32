'use client';

import dynamic from 'next/dynamic';
import { CLOSENESS_PERCENT } from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { NumberField } from '../../ui/fields/NumberField';
import type { Gears } from './useGears';
import { Panel } from '../../ui/panel/Panel';
import styles from './Gears.module.css';
import { t } from './text';

/** The chart library is heavy and this is the only chart: it comes after the rest is on screen. */
const DistinctCurve = dynamic(() => import('./DistinctCurve').then((module) => module.DistinctCurve), {
  ssr: false,
  loading: () => <div className={styles.curve} />,
});

/** The number of distinct gears depends on the minimum difference: the whole curve, with the rider's choice. */
export function DistinctPanel({ gears }: { gears: Gears }) {
  const { workspace, edits } = useReadyWorkspace();
  const { bike, fromLink } = workspace;
  return (
    <Panel aria-label={t('distinctPanel.distinctGears')}>
      <div className={styles.distinctHead}>
        <h2>{t('distinctPanel.distinctGearsMinimumDifference')}</h2>
        <NumberField
          id="closeness"
          label={t('distinctPanel.countSameGearIf')}
          term={t('distinctPanel.closeness')}
          owner={bike.id}
          disabled={fromLink}
          unit="%"
          bounds={CLOSENESS_PERCENT}
          width={84}
          value={bike.closenessPercent}
          onCommit={(value) =>
            value !== undefined &&
            edits.editBike('closenessPercent', (record) => ({ ...record, closenessPercent: value }))
          }
        />
      </div>
      <p className={styles.stepSummary}>
        {t('distinctPanel.byCloseness')} <b>{gears.report.distinct.length}</b>{' '}
        {t('distinctPanel.shiftSequenceEasiestHardest', { count: gears.report.gears.length })}{' '}
        <b>{gears.report.path.gears.length}</b>.
      </p>
      <DistinctCurve
        curve={gears.curve}
        closenessPercent={bike.closenessPercent}
        count={gears.report.distinct.length}
      />
    </Panel>
  );
}
