'use client';

import dynamic from 'next/dynamic';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { allDigits } from '../../ui/format';
import { AtSpeedPanel } from './AtSpeedPanel';
import { ClimbPanel } from './ClimbPanel';
import { CoveragePanel } from './CoveragePanel';
import { cadenceLines } from './riding-rows';
import type { Gears } from './useGears';
import { Panel } from '../../ui/panel/Panel';
import styles from './Gears.module.css';
import { t } from './text';

const CadenceChart = dynamic(() => import('../../features/charts/CadenceChart').then((module) => module.CadenceChart), {
  ssr: false,
  loading: () => <div className={styles.chartWait} />,
});

/** How the setup rides: speeds, cadences, gaps, climbs. */
export function RidingView({ gears }: { gears: Gears }) {
  const { workspace, preferences } = useReadyWorkspace();
  const { report, inUse } = gears;
  const { brief, contradictions } = inUse;
  const lines = cadenceLines(report, brief);
  return (
    <div className={styles.riding}>
      <div className={styles.column}>
        {contradictions.length === 0 && (
          <Panel aria-label={t('ridingView.speedAndCadence')}>
            <CadenceChart
              title={t('ridingView.speedAndCadenceEveryGear')}
              name={t('ridingView.nameSpeedAndCadence', { name: workspace.bike.name })}
              summary={t('ridingView.speedsOfCountGearsFrom', {
                count: lines.length,
                climbingRpm: allDigits(brief.climbingRpm),
                spinOutRpm: allDigits(brief.spinOutRpm),
              })}
              series={[{ place: workspace.place, lines, joined: false }]}
              brief={brief}
              speedUnit={preferences.speedUnit}
            />
          </Panel>
        )}
        <CoveragePanel gears={gears} />
        <ClimbPanel gears={gears} />
      </div>
      <AtSpeedPanel gears={gears} />
    </div>
  );
}
