'use client';

import { BALANCE_KMH } from '../../core/needs';
import { gearSizeText } from '../../features/units/measures';
import { Assumed } from '../../features/setups-bar/Assumed';
import { BriefNotice } from '../../features/setups-bar/BriefNotice';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { SetupMark } from '../../features/setup-mark/SetupMark';
import {
  explainClimbSpeed,
  explainEasiestNeed,
  explainHardestNeed,
  explainPower,
} from '../../features/explanations/brief';
import { Explained } from '../../features/explain/Explained';
import { fixed, short } from '../../ui/format';
import { speedText } from '../../features/units/speed';
import { useWanted } from './useWanted';
import styles from './Needs.module.css';
import { t } from './text';

/** The needs, and whether the selected setup meets them. */
export function Wanted() {
  const { workspace, preferences } = useReadyWorkspace();
  const unit = preferences.speedUnit;
  const units = useUnits();
  const { brief, contradictions, needs, easiestM, hardestM, climbRpm, topKmh, easyEnough, hardEnough } = useWanted();
  if (contradictions.length > 0) return <BriefNotice contradictions={contradictions} />;
  return (
    <section className={styles.wanted} aria-label={t('wanted.whatNeed')}>
      <div className={styles.figure}>
        <h2>{t('wanted.onTheSteepestClimb')}</h2>
        <Explained className={styles.value} explain={() => explainClimbSpeed(brief, needs, units)}>
          <span data-testid="climb-speed">{speedText(unit, needs.climbSpeedKmh)}</span>
        </Explained>
        <p>
          <Explained explain={() => explainPower(brief, needs, workspace.bike.brief.powerW !== undefined)}>
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
          <SetupMark place={workspace.place} /> {t('wanted.gives')}
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
