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
import { t } from './words/text';

/** What the brief asks of a setup, and how the one in depth stands to it. */
export function Wanted() {
  const { bench, preferences } = useReadyBench();
  const unit = preferences.speedUnit;
  const units = useUnits();
  const { brief, contradictions, needs, easiestM, hardestM, climbRpm, topKmh, easyEnough, hardEnough } = useWanted();
  if (contradictions.length > 0) return <BriefNotice contradictions={contradictions} />;
  return (
    <section className={styles.wanted} aria-label={t('wanted.whatItAsksFor')}>
      <div className={styles.figure}>
        <h2>{t('wanted.onTheSteepestClimb')}</h2>
        <Explained className={styles.value} explain={() => explainClimbSpeed(brief, needs, units)}>
          <span data-testid="climb-speed">{speedText(unit, needs.climbSpeedKmh)}</span>
        </Explained>
        <p>
          <Explained explain={() => explainPower(brief, needs, bench.bike.brief.powerW !== undefined)}>
            {short(needs.climbPowerW, 0)} W
          </Explained>{' '}
          {t('wanted.onSteepestGradePercentClimbMinutes', {
            steepestGradePercent: short(brief.steepestGradePercent, 1),
            climbMinutes: fixed(needs.climbMinutes, 0),
          })}
        </p>
        {needs.walks && (
          <p className={styles.walks} data-testid="walks">
            {t('wanted.youWillWalkHere', { balanceKmh: speedText(unit, BALANCE_KMH) })}
          </p>
        )}
        <Assumed need="climb" />
      </div>
      <div className={styles.figure}>
        <h2>{t('wanted.easiestGearWanted')}</h2>
        <Explained className={styles.value} explain={() => explainEasiestNeed(brief, needs, units)}>
          <span data-testid="easiest-wanted">{gearSizeText(units, needs.easiestMaxM)}</span>
        </Explained>
        <p>{t('wanted.orLessToKeepClimbingRpm', { climbingRpm: short(brief.climbingRpm, 1) })}</p>
      </div>
      <div className={styles.figure}>
        <h2>{t('wanted.hardestGearWanted')}</h2>
        <Explained className={styles.value} explain={() => explainHardestNeed(brief, needs, units)}>
          <span data-testid="hardest-wanted">{gearSizeText(units, needs.hardestMinM)}</span>
        </Explained>
        <p>
          {t('wanted.orMoreForTopSpeedKmhKm', {
            topSpeedKmh: speedText(unit, brief.topSpeedKmh),
            highRpm: short(brief.highRpm, 1),
          })}
        </p>
        <Assumed need="topSpeed" />
      </div>
      <div className={styles.figure}>
        <h2>
          <SetupMark place={bench.place} /> {t('wanted.gives')}
        </h2>
        <p className={styles.gives} data-testid="gives">
          <span>
            {t('wanted.valueEasiestMAtTheEasy', {
              value: easyEnough ? '●' : '○',
              easiest: gearSizeText(units, easiestM),
              climbRpm: fixed(climbRpm, 1),
            })}
          </span>
          <span>
            {t('wanted.valueHardestMAtTheHard', {
              value: hardEnough ? '●' : '○',
              hardest: gearSizeText(units, hardestM),
              topKmh: speedText(unit, topKmh),
              highRpm: short(brief.highRpm, 1),
            })}
          </span>
        </p>
      </div>
    </section>
  );
}
