'use client';

import { highRpmToClose } from '../../core/gears';
import { BriefNotice } from '../../kit/bench/BriefNotice';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { fixed, short, speedIn, speedText, SPEED_UNIT_TEXT } from '../../kit/format';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Gears.module.css';
import { t } from './words/text';

/** What the rider's cadences reach, and the speeds at which no gear keeps them. */
export function CoveragePanel({ gears }: { gears: Gears }) {
  const { preferences } = useReadyBench();
  const { coverage, inUse, spinOutKmh } = gears;
  const unit = preferences.speedUnit;
  if (!coverage) return <BriefNotice contradictions={inUse.contradictions} />;
  const { band, holes, lowestSteadyKmh, topKmh } = coverage;
  const bandText = t('coveragePanel.lowRpmHighRpm', { lowRpm: short(band.lowRpm, 1), highRpm: short(band.highRpm, 1) });
  return (
    <Panel aria-label={t('coveragePanel.coverage')}>
      <PanelHead>
        <h2>{t('coveragePanel.whatBandTextReach', { bandText })}</h2>
      </PanelHead>
      <dl className={styles.facts}>
        <dt>{t('coveragePanel.lowestSteadySpeed')}</dt>
        <dd>{speedText(unit, lowestSteadyKmh)}</dd>
        <dt>{t('coveragePanel.topSpeedAtHighRpm', { highRpm: short(band.highRpm, 1) })}</dt>
        <dd>{speedText(unit, topKmh)}</dd>
        <dt>{t('coveragePanel.spunOutAtSpinOutRpm', { spinOutRpm: short(inUse.brief.spinOutRpm, 1) })}</dt>
        <dd>{speedText(unit, spinOutKmh)}</dd>
      </dl>
      {holes.length === 0 ? (
        <p className={styles.stepSummary}>{t('coveragePanel.noHolesSomeGearKeeps', { bandText })}</p>
      ) : (
        <ul className={styles.holes} data-testid="holes">
          {holes.map((hole) => (
            <li key={hole.fromKmh}>
              {t('coveragePanel.noGearKeepsYouIn', { bandText })}{' '}
              <b>
                {t('coveragePanel.speedInAndSpeedIn2SpeedUnit', {
                  speedIn: fixed(speedIn(unit, hole.fromKmh), 1),
                  speedIn2: fixed(speedIn(unit, hole.toKmh), 1),
                  speedUnit: SPEED_UNIT_TEXT[unit],
                })}
              </b>
              {t('coveragePanel.fromGearNameToGearName2HighRpmToClose', {
                gearName: gearName(hole.below),
                gearName2: gearName(hole.above),
                highRpmToClose: fixed(highRpmToClose(hole, band), 0),
              })}
            </li>
          ))}
        </ul>
      )}
    </Panel>
  );
}
