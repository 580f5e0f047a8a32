'use client';

import dynamic from 'next/dynamic';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { allDigits } from '../../kit/format';
import type { Comparison } from './useCompare';
import { Panel } from '../../kit/sheet/Panel';
import styles from './Compare.module.css';
import { t } from './words/text';

const CadenceChart = dynamic(() => import('../../kit/chart/CadenceChart').then((module) => module.CadenceChart), {
  ssr: false,
  loading: () => <div className={styles.chartWait} />,
});
const StepChart = dynamic(() => import('../../kit/chart/StepChart').then((module) => module.StepChart), {
  ssr: false,
  loading: () => <div className={styles.chartWait} />,
});

/** Steps and cadences of all setups laid over one another. */
export function CompareCharts({ comparison }: { comparison: Comparison }) {
  const { bench, preferences } = useReadyBench();
  const { all, inUse } = comparison;
  const { brief } = inUse;
  const common = { brief, speedUnit: preferences.speedUnit };
  const runs = all.map(({ place, runs: own }) => ({
    place,
    joined: true,
    lines: own.map(({ gear, ...line }) => ({ ...line, label: gearName(gear), light: false })),
  }));
  const withSteps = all.filter(({ figures }) => figures.report.path.steps.length > 0);
  return (
    <div className={styles.charts}>
      <Panel aria-label={t('compareCharts.stepsOverlaid')}>
        {withSteps.length > 0 && (
          <StepChart
            {...common}
            title={t('compareCharts.stepsAlongTheShiftPath')}
            name={t('compareCharts.nameSteps', { name: bench.bike.name })}
            reading={preferences.stepReading}
            series={withSteps.map(({ place, title, figures }) => ({
              place,
              label: title,
              steps: figures.report.path.steps,
              rolloutMm: figures.candidate.rolloutMm,
            }))}
            height={260}
          />
        )}
      </Panel>
      <Panel aria-label={t('compareCharts.cadenceOverlaid')}>
        <CadenceChart
          {...common}
          title={t('compareCharts.cadenceOverSpeedAlwaysIn')}
          name={t('compareCharts.nameCadence', { name: bench.bike.name })}
          summary={t('compareCharts.cadenceOverSpeedOfCount', {
            count: all.length,
            lowRpm: allDigits(brief.lowRpm),
            highRpm: allDigits(brief.highRpm),
          })}
          series={runs}
        />
      </Panel>
    </div>
  );
}
