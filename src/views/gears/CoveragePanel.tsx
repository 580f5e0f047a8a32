'use client';

import { highRpmToClose } from '../../core/gears';
import { BriefNotice } from '../../features/setups-bar/BriefNotice';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { gearName } from '../../features/explanations/gears';
import { fixed, short } from '../../ui/format';
import { speedIn, speedText, SPEED_UNIT_TEXT } from '../../features/units/speed';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Gears.module.css';
import { t } from './text';

/** What the rider's cadences reach, and the speeds at which no gear keeps them. */
export function CoveragePanel({ gears }: { gears: Gears }) {
  const { preferences } = useReadyWorkspace();
  const { coverage, inUse, spinOutKmh } = gears;
  const unit = preferences.speedUnit;
  if (!coverage) return <BriefNotice contradictions={inUse.contradictions} />;
  const { band, gaps, lowestSteadyKmh, topKmh } = coverage;
  const bandText = t('coveragePanel.lowRpmHighRpm', { lowRpm: short(band.lowRpm, 1), highRpm: short(band.highRpm, 1) });
  return (
    <Panel aria-label={t('coveragePanel.coverage')}>
      <PanelHead>
        <h2>{t('coveragePanel.speedRange', { bandText })}</h2>
      </PanelHead>
      <dl className={styles.facts}>
        <dt>{t('coveragePanel.lowestSteadySpeed')}</dt>
        <dd>{speedText(unit, lowestSteadyKmh)}</dd>
        <dt>{t('coveragePanel.topSpeedAtHighRpm', { highRpm: short(band.highRpm, 1) })}</dt>
        <dd>{speedText(unit, topKmh)}</dd>
        <dt>{t('coveragePanel.spunOutAtSpinOutRpm', { spinOutRpm: short(inUse.brief.spinOutRpm, 1) })}</dt>
        <dd>{speedText(unit, spinOutKmh)}</dd>
      </dl>
      {gaps.length === 0 ? (
        <p className={styles.stepSummary}>{t('coveragePanel.noGapsSomeGearKeeps', { bandText })}</p>
      ) : (
        <ul className={styles.gaps} data-testid="gaps">
          {gaps.map((gap) => (
            <li key={gap.fromKmh}>
              {t('coveragePanel.noGearKeepsYouIn', { bandText })}{' '}
              <b>
                {t('coveragePanel.speedInAndSpeedIn2SpeedUnit', {
                  speedIn: fixed(speedIn(unit, gap.fromKmh), 1),
                  speedIn2: fixed(speedIn(unit, gap.toKmh), 1),
                  speedUnit: SPEED_UNIT_TEXT[unit],
                })}
              </b>
              {t('coveragePanel.fromGearNameToGearName2HighRpmToClose', {
                gearName: gearName(gap.below),
                gearName2: gearName(gap.above),
                highRpmToClose: fixed(highRpmToClose(gap, band), 0),
              })}
            </li>
          ))}
        </ul>
      )}
    </Panel>
  );
}
