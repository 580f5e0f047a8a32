'use client';

import dynamic from 'next/dynamic';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { allDigits } from '../../kit/format';
import type { Comparison } from './useCompare';
import styles from './Compare.module.css';

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
      <section className={styles.panel} aria-label="Steps, overlaid">
        {withSteps.length > 0 && (
          <StepChart
            {...common}
            title="Steps along the shift path"
            name={`${bench.bike.name} steps`}
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
      </section>
      <section className={styles.panel} aria-label="Cadence, overlaid">
        <CadenceChart
          {...common}
          title="Cadence over speed, always in the nearest gear"
          name={`${bench.bike.name} cadence`}
          summary={`Cadence over speed of ${all.length} setups; your band is ${allDigits(brief.lowRpm)} to ${allDigits(brief.highRpm)} rpm`}
          series={runs}
        />
      </section>
    </div>
  );
}
