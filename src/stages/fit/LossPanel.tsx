'use client';

import { Segmented } from 'antd';
import { ANGLE_LOSS_PERCENT_PER_DEG, CHAIN_FRICTION, type LossWatts } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { BikeNumber } from '../../kit/bench/BikeNumber';
import { BriefNumber } from '../../kit/bench/BriefNumber';
import { explainFrontDrag, explainLoss } from '../../kit/explain/losses';
import { Explained } from '../../kit/explain/Explained';
import { SaveTable } from '../../kit/export/SaveTable';
import { withOptional } from '../../kit/fields/with-optional';
import { SPEED_UNIT_TEXT, fixed, short, speedIn } from '../../kit/format';
import type { LossSchool } from '../../records';
import { GearTable } from './GearTable';
import type { Fit } from './useFit';
import { useLosses } from './useLosses';
import { Note, Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Fit.module.css';
import { t } from './words/text';

const gear = ({ chainring, cog }: LossWatts) => `${chainring}/${cog}`;
const spread = ({ lowWatts, highWatts }: LossWatts) =>
  t('lossPanel.lowWattsToHighWattsW', { lowWatts: fixed(lowWatts, 1), highWatts: fixed(highWatts, 1) });

/** Chain losses in watts with their spread, by the school that counts them, and the drag of the front parts. */
export function LossPanel({ fit }: { fit: Fit }) {
  const { bench, preferences, edits } = useReadyBench();
  const { setup, bike, fromLink } = bench;
  const losses = useLosses(fit);
  const { school, powerW, rows, most, least, drag, frontDragCm2, anglePercentPerDeg } = losses;
  const { speedUnit } = preferences;
  const choose = (next: LossSchool) =>
    edits.editBike(t('lossPanel.schoolOnLosses'), (record) =>
      withOptional(record, 'lossSchool', next === 'count' ? undefined : next),
    );
  const counted = school === 'count';
  return (
    <Panel aria-label={t('lossPanel.losses')}>
      <PanelHead>
        <h2>{t('lossPanel.whatChainAndAirTake', { powerW: short(powerW, 0) })}</h2>
        {counted && (
          <SaveTable
            name={t('lossPanel.nameLosses', { name: bike.name })}
            table={() => ({
              fields: ['chainring', 'cog', 'loss_w', 'low_w', 'high_w'],
              rows: rows.flat().map((one) => [one.chainring, one.cog, one.watts, one.lowWatts, one.highWatts]),
            })}
          />
        )}
        <Segmented<LossSchool>
          size="small"
          value={school}
          disabled={fromLink}
          options={[
            { value: 'count', label: t('lossPanel.countIt') },
            { value: 'ignore', label: t('lossPanel.ignoreIt') },
          ]}
          onChange={choose}
          aria-label={t('lossPanel.schoolOnLossesLabel')}
        />
      </PanelHead>
      {counted ? (
        <>
          <p className={styles.answerSmall} data-testid="loss">
            {t('lossPanel.from')}{' '}
            <Explained explain={() => explainLoss(least, powerW, anglePercentPerDeg)}>
              {t('lossPanel.wattsWInGear', { watts: fixed(least.watts, 1), gear: gear(least) })}
            </Explained>{' '}
            {t('lossPanel.spreadTo', { spread: spread(least) })}{' '}
            <Explained explain={() => explainLoss(most, powerW, anglePercentPerDeg)}>
              {t('lossPanel.wattsWInGear', { watts: fixed(most.watts, 1), gear: gear(most) })}
            </Explained>{' '}
            ({spread(most)}).
          </p>
          <GearTable
            rows={rows}
            corner="W"
            cell={(one) => (
              <td key={one.cog} title={spread(one)}>
                {fixed(one.watts, 1)}
              </td>
            )}
          />
          <Note>
            {t('lossPanel.anEstimateFromTheFriction', {
              lowMu: fixed(CHAIN_FRICTION.lowMu, 2),
              highMu: fixed(CHAIN_FRICTION.highMu, 2),
            })}
          </Note>
        </>
      ) : (
        <Note data-testid="loss">{t('lossPanel.ignoredDirtOnTheChain')}</Note>
      )}
      <Note data-testid="front-drag">
        {setup.chainrings.length > 1
          ? t('lossPanel.leavingOutFrontDerailleurAnd')
          : t('lossPanel.withoutFrontDerailleurAndSecond')}{' '}
        {drag.map(({ speedKmh, watts }, i) => (
          <span key={speedKmh}>
            {i > 0 && ', '}
            <Explained explain={() => explainFrontDrag(frontDragCm2, speedKmh, watts)}>
              {t('lossPanel.wattsWAtSpeedInSpeedUnit', {
                watts: fixed(watts, 2),
                speedIn: fixed(speedIn(speedUnit, speedKmh), 0),
                speedUnit: SPEED_UNIT_TEXT[speedUnit],
              })}
            </Explained>
          </span>
        ))}
        {t('lossPanel.itGrowsWithTheSpeed')}
      </Note>
      <div className={styles.fields}>
        <BriefNumber field="powerW" width={150} />
        <BikeNumber
          field="angleLossPercentPerDeg"
          term={t('lossPanel.lossByAngle')}
          label={t('lossPanel.lossByAngleLabel')}
          unit={t('lossPanel.percentADegree')}
          bounds={ANGLE_LOSS_PERCENT_PER_DEG}
          placeholder={t('lossPanel.noneAssumed')}
          width={170}
        />
        <BriefNumber field="frontDragCm2" label={t('lossPanel.dragAreaOfTheFront')} width={170} />
      </div>
    </Panel>
  );
}
