'use client';

import dynamic from 'next/dynamic';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { allDigits } from '../../kit/format';
import { AtSpeedPanel } from './AtSpeedPanel';
import { ClimbPanel } from './ClimbPanel';
import { CoveragePanel } from './CoveragePanel';
import { cadenceLines } from './riding-rows';
import type { Gears } from './useGears';
import { Panel } from '../../kit/sheet/Panel';
import styles from './Gears.module.css';
import { WORDS } from './words/text';

const CadenceChart = dynamic(() => import('../../kit/chart/CadenceChart').then((module) => module.CadenceChart), {
  ssr: false,
  loading: () => <div className={styles.chartWait} />,
});

/** How the setup rides: speeds, cadences, holes, climbs. */
export function RidingView({ gears }: { gears: Gears }) {
  const { bench, preferences } = useReadyBench();
  const { report, inUse } = gears;
  const { brief, contradictions } = inUse;
  const lines = cadenceLines(report, brief);
  return (
    <div className={styles.riding}>
      <div className={styles.column}>
        {contradictions.length === 0 && (
          <Panel aria-label={WORDS.ridingView.speedAndCadence}>
            <CadenceChart
              title={WORDS.ridingView.speedAndCadenceEveryGear}
              name={WORDS.ridingView.nameSpeedAndCadence(bench.bike.name)}
              summary={WORDS.ridingView.speedsOfCountGearsFrom(
                lines.length,
                allDigits(brief.climbingRpm),
                allDigits(brief.spinOutRpm),
              )}
              series={[{ place: bench.place, lines, joined: false }]}
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
