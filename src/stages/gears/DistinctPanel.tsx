'use client';

import dynamic from 'next/dynamic';
import { CLOSENESS_PERCENT } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { NumberField } from '../../kit/fields/NumberField';
import type { Gears } from './useGears';
import { Panel } from '../../kit/sheet/Panel';
import styles from './Gears.module.css';
import { t } from './words/text';

/** The chart library is heavy and this is the only chart: it comes after the rest is on screen. */
const DistinctCurve = dynamic(() => import('./DistinctCurve').then((module) => module.DistinctCurve), {
  ssr: false,
  loading: () => <div className={styles.curve} />,
});

/** How many gears one can tell apart hangs on what one calls close: the whole curve, and where this rider stands. */
export function DistinctPanel({ gears }: { gears: Gears }) {
  const { bench, edits } = useReadyBench();
  const { bike, fromLink } = bench;
  return (
    <Panel aria-label={t('distinctPanel.distinctGears')}>
      <div className={styles.distinctHead}>
        <h2>{t('distinctPanel.distinctGearsByWhatCounts')}</h2>
        <NumberField
          id="closeness"
          label={t('distinctPanel.closerThanThisOneGear')}
          term={t('distinctPanel.closeness')}
          owner={bike.id}
          disabled={fromLink}
          unit="%"
          bounds={CLOSENESS_PERCENT}
          width={84}
          value={bike.closenessPercent}
          onCommit={(value) =>
            value !== undefined && edits.editBike('closeness', (record) => ({ ...record, closenessPercent: value }))
          }
        />
      </div>
      <p className={styles.stepSummary}>
        {t('distinctPanel.byCloseness')} <b>{gears.report.distinct.length}</b>{' '}
        {t('distinctPanel.ofCountByShiftingThe', { count: gears.report.gears.length })}{' '}
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
