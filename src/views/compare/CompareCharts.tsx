'use client';

import dynamic from 'next/dynamic';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { gearName } from '../../features/explanations/gears';
import { allDigits } from '../../ui/format';
import type { Comparison } from './useCompare';
import { Panel } from '../../ui/panel/Panel';
import styles from './Compare.module.css';
import { t } from './text';

const CadenceChart = dynamic(() => import('../../features/charts/CadenceChart').then((module) => module.CadenceChart), {
  ssr: false,
  loading: () => <div className={styles.chartWait} />,
});
const StepChart = dynamic(() => import('../../features/charts/StepChart').then((module) => module.StepChart), {
  ssr: false,
  loading: () => <div className={styles.chartWait} />,
});

/** Steps and cadences of all setups in one chart. */
export function CompareCharts({ comparison }: { comparison: Comparison }) {
  const { workspace, preferences } = useReadyWorkspace();
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
            name={t('compareCharts.nameSteps', { name: workspace.bike.name })}
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
          title={t('compareCharts.cadenceSpeedGearClosest')}
          name={t('compareCharts.nameCadence', { name: workspace.bike.name })}
          summary={t('compareCharts.cadenceSpeedSetupsCadence', {
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
