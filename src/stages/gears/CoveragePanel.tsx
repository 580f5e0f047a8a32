'use client';

import { highRpmToClose } from '../../core/gears';
import { BriefNotice } from '../../kit/bench/BriefNotice';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { fixed, short, speedIn, speedText, SPEED_UNIT_TEXT } from '../../kit/format';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Gears.module.css';
import { WORDS } from './words/text';

/** What the rider's cadences reach, and the speeds at which no gear keeps them. */
export function CoveragePanel({ gears }: { gears: Gears }) {
  const { preferences } = useReadyBench();
  const { coverage, inUse, spinOutKmh } = gears;
  const unit = preferences.speedUnit;
  if (!coverage) return <BriefNotice contradictions={inUse.contradictions} />;
  const { band, holes, lowestSteadyKmh, topKmh } = coverage;
  const bandText = WORDS.coveragePanel.lowRpmHighRpm(short(band.lowRpm, 1), short(band.highRpm, 1));
  return (
    <Panel aria-label={WORDS.coveragePanel.coverage}>
      <PanelHead>
        <h2>{WORDS.coveragePanel.whatBandTextReach(bandText)}</h2>
      </PanelHead>
      <dl className={styles.facts}>
        <dt>{WORDS.coveragePanel.lowestSteadySpeed}</dt>
        <dd>{speedText(unit, lowestSteadyKmh)}</dd>
        <dt>{WORDS.coveragePanel.topSpeedAtHighRpm(short(band.highRpm, 1))}</dt>
        <dd>{speedText(unit, topKmh)}</dd>
        <dt>{WORDS.coveragePanel.spunOutAtSpinOutRpm(short(inUse.brief.spinOutRpm, 1))}</dt>
        <dd>{speedText(unit, spinOutKmh)}</dd>
      </dl>
      {holes.length === 0 ? (
        <p className={styles.stepSummary}>{WORDS.coveragePanel.noHolesSomeGearKeeps(bandText)}</p>
      ) : (
        <ul className={styles.holes} data-testid="holes">
          {holes.map((hole) => (
            <li key={hole.fromKmh}>
              {WORDS.coveragePanel.noGearKeepsYouIn(bandText)}{' '}
              <b>
                {WORDS.coveragePanel.speedInAndSpeedIn2SpeedUnit(
                  fixed(speedIn(unit, hole.fromKmh), 1),
                  fixed(speedIn(unit, hole.toKmh), 1),
                  SPEED_UNIT_TEXT[unit],
                )}
              </b>
              {WORDS.coveragePanel.fromGearNameToGearName2HighRpmToClose(
                gearName(hole.below),
                gearName(hole.above),
                fixed(highRpmToClose(hole, band), 0),
              )}
            </li>
          ))}
        </ul>
      )}
    </Panel>
  );
}
