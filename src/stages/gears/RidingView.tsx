'use client';

import dynamic from 'next/dynamic';
import { speedKmh } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { AtSpeedPanel } from './AtSpeedPanel';
import { ClimbPanel } from './ClimbPanel';
import { CoveragePanel } from './CoveragePanel';
import type { Gears } from './useGears';
import styles from './Gears.module.css';

const CadenceChart = dynamic(() => import('../../kit/chart/CadenceChart').then((module) => module.CadenceChart), {
  ssr: false,
  loading: () => <div className={styles.chartWait} />,
});

/** How the setup rides: speeds, cadences, holes, climbs. */
export function RidingView({ gears }: { gears: Gears }) {
  const { bench, preferences } = useReadyBench();
  const { report, inUse } = gears;
  const { brief, contradictions } = inUse;
  const lines = report.gears.map((gear) => ({
    label: gearName(gear),
    fromKmh: speedKmh(gear.developmentM, brief.climbingRpm),
    toKmh: speedKmh(gear.developmentM, brief.spinOutRpm),
    fromRpm: brief.climbingRpm,
    toRpm: brief.spinOutRpm,
    light: gear.crossChained,
  }));
  return (
    <div className={styles.riding}>
      <div className={styles.column}>
        {contradictions.length === 0 && (
          <section className={styles.panel} aria-label="Speed and cadence">
            <CadenceChart
              title="Speed and cadence: every gear, your band shaded, cross-chained broken"
              name={`${bench.bike.name} speed and cadence`}
              summary={`Speeds of ${lines.length} gears from ${brief.climbingRpm} to ${brief.spinOutRpm} rpm`}
              series={[{ place: bench.place, lines, joined: false }]}
              brief={brief}
              speedUnit={preferences.speedUnit}
            />
          </section>
        )}
        <CoveragePanel gears={gears} />
        <ClimbPanel gears={gears} />
      </div>
      <AtSpeedPanel gears={gears} />
    </div>
  );
}
