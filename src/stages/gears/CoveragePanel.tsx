'use client';

import { highRpmToClose } from '../../core/gears';
import { BriefNotice } from '../../kit/bench/BriefNotice';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { fixed, short, speedIn, speedText, SPEED_UNIT_TEXT } from '../../kit/format';
import type { Gears } from './useGears';
import styles from './Gears.module.css';

/** What the rider's cadences reach, and the speeds at which no gear keeps them. */
export function CoveragePanel({ gears }: { gears: Gears }) {
  const { preferences } = useReadyBench();
  const { coverage, inUse, spinOutKmh } = gears;
  const unit = preferences.speedUnit;
  if (!coverage) return <BriefNotice contradictions={inUse.contradictions} />;
  const { band, holes, lowestSteadyKmh, topKmh } = coverage;
  const bandText = `${short(band.lowRpm, 1)}–${short(band.highRpm, 1)} rpm`;
  return (
    <section className={styles.panel} aria-label="Coverage">
      <div className={styles.panelHead}>
        <h2>What {bandText} reach</h2>
      </div>
      <dl className={styles.facts}>
        <dt>Lowest steady speed</dt>
        <dd>{speedText(unit, lowestSteadyKmh)}</dd>
        <dt>Top speed at {short(band.highRpm, 1)} rpm</dt>
        <dd>{speedText(unit, topKmh)}</dd>
        <dt>Spun out at {short(inUse.brief.spinOutRpm, 1)} rpm</dt>
        <dd>{speedText(unit, spinOutKmh)}</dd>
      </dl>
      {holes.length === 0 ? (
        <p className={styles.stepSummary}>No holes: some gear keeps you in {bandText} at every speed between.</p>
      ) : (
        <ul className={styles.holes} data-testid="holes">
          {holes.map((hole) => (
            <li key={hole.fromKmh}>
              No gear keeps you in {bandText} between{' '}
              <b>
                {fixed(speedIn(unit, hole.fromKmh), 1)} and {fixed(speedIn(unit, hole.toKmh), 1)}{' '}
                {SPEED_UNIT_TEXT[unit]}
              </b>
              , from {gearName(hole.below)} to {gearName(hole.above)}; {fixed(highRpmToClose(hole, band), 0)} rpm would
              close it.
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
