'use client';

import { BriefNotice } from '../../kit/bench/BriefNotice';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { SetupMark } from '../../kit/bench/SetupMark';
import { explainClimbSpeed, explainEasiestNeed, explainHardestNeed, explainPower } from '../../kit/explain/brief';
import { Explained } from '../../kit/explain/Slip';
import { fixed, short } from '../../kit/format';
import { useWanted } from './useWanted';
import styles from './Brief.module.css';

/** What the brief asks of a setup, and how the one in depth stands to it. */
export function Wanted() {
  const { bench } = useReadyBench();
  const { brief, contradictions, needs, easiestM, hardestM, climbRpm, topKmh, easyEnough, hardEnough } = useWanted();
  if (contradictions.length > 0) return <BriefNotice contradictions={contradictions} />;
  return (
    <section className={styles.wanted} aria-label="What it asks for">
      <div className={styles.figure}>
        <h2>On the steepest climb</h2>
        <Explained className={styles.value} explain={() => explainClimbSpeed(brief, needs)}>
          <span data-testid="climb-speed">{fixed(needs.climbSpeedKmh, 1)} km/h</span>
        </Explained>
        <p>
          <Explained explain={() => explainPower(brief, bench.bike.brief.powerW !== undefined)}>
            {short(brief.powerW, 0)} W
          </Explained>{' '}
          on {short(brief.steepestGradePercent, 1)} %, {fixed(needs.climbMinutes, 0)} minutes
        </p>
      </div>
      <div className={styles.figure}>
        <h2>Easiest gear wanted</h2>
        <Explained className={styles.value} explain={() => explainEasiestNeed(brief, needs)}>
          <span data-testid="easiest-wanted">{fixed(needs.easiestMaxM, 2)} m</span>
        </Explained>
        <p>or less, to keep {short(brief.climbingRpm, 1)} rpm there</p>
      </div>
      <div className={styles.figure}>
        <h2>Hardest gear wanted</h2>
        <Explained className={styles.value} explain={() => explainHardestNeed(brief, needs)}>
          <span data-testid="hardest-wanted">{fixed(needs.hardestMinM, 2)} m</span>
        </Explained>
        <p>
          or more, for {short(brief.topSpeedKmh, 1)} km/h at {short(brief.highRpm, 1)} rpm
        </p>
      </div>
      <div className={styles.figure}>
        <h2>
          <SetupMark place={bench.place} /> gives
        </h2>
        <p className={styles.gives} data-testid="gives">
          <span>
            {easyEnough ? '●' : '○'} {fixed(easiestM, 2)} m at the easy end: {fixed(climbRpm, 1)} rpm on that climb
          </span>
          <span>
            {hardEnough ? '●' : '○'} {fixed(hardestM, 2)} m at the hard end: {fixed(topKmh, 1)} km/h at{' '}
            {short(brief.highRpm, 1)} rpm
          </span>
        </p>
      </div>
    </section>
  );
}
