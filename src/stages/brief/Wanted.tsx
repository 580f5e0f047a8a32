'use client';

import { BALANCE_KMH } from '../../core/brief';
import { gearSizeText } from '../../kit/measures';
import { Assumed } from '../../kit/bench/Assumed';
import { BriefNotice } from '../../kit/bench/BriefNotice';
import { useUnits } from '../../kit/bench/useUnits';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { SetupMark } from '../../kit/bench/SetupMark';
import { explainClimbSpeed, explainEasiestNeed, explainHardestNeed, explainPower } from '../../kit/explain/brief';
import { Explained } from '../../kit/explain/Explained';
import { fixed, short, speedText } from '../../kit/format';
import { useWanted } from './useWanted';
import styles from './Brief.module.css';
import { WORDS } from './words/text';

/** What the brief asks of a setup, and how the one in depth stands to it. */
export function Wanted() {
  const { bench, preferences } = useReadyBench();
  const unit = preferences.speedUnit;
  const units = useUnits();
  const { brief, contradictions, needs, easiestM, hardestM, climbRpm, topKmh, easyEnough, hardEnough } = useWanted();
  if (contradictions.length > 0) return <BriefNotice contradictions={contradictions} />;
  return (
    <section className={styles.wanted} aria-label={WORDS.wanted.whatItAsksFor}>
      <div className={styles.figure}>
        <h2>{WORDS.wanted.onTheSteepestClimb}</h2>
        <Explained className={styles.value} explain={() => explainClimbSpeed(brief, needs, units)}>
          <span data-testid="climb-speed">{speedText(unit, needs.climbSpeedKmh)}</span>
        </Explained>
        <p>
          <Explained explain={() => explainPower(brief, needs, bench.bike.brief.powerW !== undefined)}>
            {short(needs.climbPowerW, 0)} W
          </Explained>{' '}
          {WORDS.wanted.onSteepestGradePercentClimbMinutes(
            short(brief.steepestGradePercent, 1),
            fixed(needs.climbMinutes, 0),
          )}
        </p>
        {needs.walks && (
          <p className={styles.walks} data-testid="walks">
            {WORDS.wanted.youWillWalkHere(speedText(unit, BALANCE_KMH))}
          </p>
        )}
        <Assumed need="climb" />
      </div>
      <div className={styles.figure}>
        <h2>{WORDS.wanted.easiestGearWanted}</h2>
        <Explained className={styles.value} explain={() => explainEasiestNeed(brief, needs, units)}>
          <span data-testid="easiest-wanted">{gearSizeText(units, needs.easiestMaxM)}</span>
        </Explained>
        <p>{WORDS.wanted.orLessToKeepClimbingRpm(short(brief.climbingRpm, 1))}</p>
      </div>
      <div className={styles.figure}>
        <h2>{WORDS.wanted.hardestGearWanted}</h2>
        <Explained className={styles.value} explain={() => explainHardestNeed(brief, needs, units)}>
          <span data-testid="hardest-wanted">{gearSizeText(units, needs.hardestMinM)}</span>
        </Explained>
        <p>{WORDS.wanted.orMoreForTopSpeedKmhKm(speedText(unit, brief.topSpeedKmh), short(brief.highRpm, 1))}</p>
        <Assumed need="topSpeed" />
      </div>
      <div className={styles.figure}>
        <h2>
          <SetupMark place={bench.place} /> {WORDS.wanted.gives}
        </h2>
        <p className={styles.gives} data-testid="gives">
          <span>
            {WORDS.wanted.valueEasiestMAtTheEasy(
              easyEnough ? '●' : '○',
              gearSizeText(units, easiestM),
              fixed(climbRpm, 1),
            )}
          </span>
          <span>
            {WORDS.wanted.valueHardestMAtTheHard(
              hardEnough ? '●' : '○',
              gearSizeText(units, hardestM),
              speedText(unit, topKmh),
              short(brief.highRpm, 1),
            )}
          </span>
        </p>
      </div>
    </section>
  );
}
