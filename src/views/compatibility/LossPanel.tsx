'use client';

import { WorkspaceNumber } from '../../features/fields/WorkspaceNumber';
import { Segmented } from 'antd';
import { ANGLE_LOSS_PERCENT_PER_DEG, CHAIN_FRICTION, type LossWatts } from '../../core/fit';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { explainFrontDrag, explainLoss } from '../../features/explanations/losses';
import { Explained } from '../../features/explain/Explained';
import { SaveTable } from '../../features/save-table/SaveTable';
import { withOptional } from '../../ui/fields/with-optional';
import { fixed, short } from '../../ui/format';
import { SPEED_UNIT_TEXT, speedIn } from '../../features/units/speed';
import type { LossSchool } from '../../records';
import { GearTable } from './GearTable';
import type { Fit } from './useFit';
import { useLosses } from './useLosses';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Compatibility.module.css';
import { t } from './text';

const gear = ({ chainring, cog }: LossWatts) => `${chainring}/${cog}`;
const spread = ({ lowWatts, highWatts }: LossWatts) =>
  t('lossPanel.lowWattsToHighWattsW', { lowWatts: fixed(lowWatts, 1), highWatts: fixed(highWatts, 1) });

/** Chain losses in watts with their spread, by the school that counts them, and the drag of the front parts. */
export function LossPanel({ fit }: { fit: Fit }) {
  const { workspace, preferences, edits } = useReadyWorkspace();
  const { setup, bike, fromLink } = workspace;
  const losses = useLosses(fit);
  const { school, powerW, rows, most, least, drag, frontDragCm2, anglePercentPerDeg } = losses;
  const { speedUnit } = preferences;
  const choose = (next: LossSchool) =>
    edits.editBike('lossSchool', (record) => withOptional(record, 'lossSchool', next === 'count' ? undefined : next));
  const counted = school === 'count';
  return (
    <Panel aria-label={t('lossPanel.losses')}>
      <PanelHead>
        <h2>{t('lossPanel.chainAeroLossesW', { powerW: short(powerW, 0) })}</h2>
        {counted && (
          <SaveTable
            name={t('lossPanel.nameLosses', { name: bike.name })}
            table={() => ({
              fields: ['chainring_t', 'cog_t', 'loss_w', 'loss_low_w', 'loss_high_w'],
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
          aria-label={t('lossPanel.frictionLosses')}
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
        <WorkspaceNumber of="brief" field="powerW" width={150} />
        <WorkspaceNumber
          of="bike"
          rule={{
            term: t('lossPanel.lossByAngle'),
            unit: t('lossPanel.perDegree'),
            bounds: ANGLE_LOSS_PERCENT_PER_DEG,
          }}
          field="angleLossPercentPerDeg"

          label={t('lossPanel.lossPerDegreeChain')}

          placeholder={t('lossPanel.noneAssumed')}
          width={170}
        />
        <WorkspaceNumber of="brief" field="frontDragCm2" label={t('lossPanel.dragAreaOfTheFront')} width={170} />
      </div>
    </Panel>
  );
}
