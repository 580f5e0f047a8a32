'use client';

import { ColumnWidthOutlined } from '@ant-design/icons';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { CADENCE_RPM, CRANK_LENGTH_MM, ROLLOUT_MM, TYRE_WIDTH_MM, isMeasured, rolloutMm } from '../../core/gears';
import { RIM_SIZES } from '../../core/catalog/rims';
import { wheelOf } from '../../records';
import { explainRollout } from '../explanations/gears';
import { Explained } from '../explain/Explained';
import { Field } from '../../ui/fields/Field';
import { NumberField } from '../../ui/fields/NumberField';
import { withOptional } from '../../ui/fields/with-optional';
import { fixed } from '../../ui/format';
import { usePreviousIfEqual } from '../../ui/react/usePreviousIfEqual';
import { textOf } from '../../messages/core';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { RolloutHelper } from './RolloutHelper';
import { WheelsetPicker } from './WheelsetPicker';
import styles from './SetupsBar.module.css';
import { t } from './text';
import { defined } from '../../core/optional';

/** Wheel, crank and cadence: what turns teeth into metres and speeds. */
export function WheelFields() {
  const { workspace, preferences, edits } = useReadyWorkspace();
  const { bike, wheelset, fromLink } = workspace;
  const wheel = wheelOf(wheelset);
  const { editBike, editWheelset } = edits;
  const [measuring, setMeasuring] = useState(false);
  const ofWheels = { owner: wheelset.id + bike.id, disabled: fromLink };
  const ofBike = { owner: bike.id, disabled: fromLink };
  const listed = RIM_SIZES.some(({ diameterMm }) => diameterMm === wheelset.rimDiameterMm);
  const rims = listed ? RIM_SIZES : [{ diameterMm: wheelset.rimDiameterMm, alsoCalled: undefined }, ...RIM_SIZES];
  const rimOptions = usePreviousIfEqual(
    rims.map(({ diameterMm, alsoCalled }) => ({
      value: diameterMm,
      label: `${diameterMm} · ${alsoCalled ? textOf(alsoCalled) : t('wheelFields.asKept')}`,
    })),
  );
  const rollout = rolloutMm(wheel);
  const riding = {
    rolloutMm: rollout,
    cadenceRpm: bike.cadenceRpm,
    crankLengthMm: bike.crankLengthMm,
    closenessPercent: bike.closenessPercent,
  };

  return (
    <>
      <WheelsetPicker />
      <Field id="rim" label={t('wheelFields.rimSeatIso')}>
        <Select
          id="rim"
          value={wheelset.rimDiameterMm}
          disabled={fromLink}
          style={{ width: 152 }}
          popupMatchSelectWidth={false}
          options={rimOptions}
          onChange={(rimDiameterMm: number) =>
            editWheelset('rimDiameterMm', (record) => ({ ...record, rimDiameterMm }))
          }
        />
      </Field>
      <NumberField
        {...ofWheels}
        id="tyre"
        label={t('wheelFields.tyreWidth')}
        term={t('wheelFields.tyreWidth2')}
        unit="mm"
        bounds={TYRE_WIDTH_MM}
        width={84}
        value={wheelset.tyreWidthMm}
        onCommit={(value) =>
          value !== undefined && editWheelset('tyreWidthMm', (record) => ({ ...record, tyreWidthMm: value }))
        }
      />
      <NumberField
        {...ofWheels}
        id="rollout"
        label={t('wheelFields.measuredRollout')}
        term={t('wheelFields.measuredRollout2')}
        unit="mm"
        bounds={ROLLOUT_MM}
        optional
        width={112}
        placeholder={t('wheelFields.noneYet')}
        value={wheelset.measuredRolloutMm}
        onCommit={(value) =>
          editWheelset('measuredRolloutMm', (record) => withOptional(record, 'measuredRolloutMm', value))
        }
      />
      <Button
        {...defined({ className: styles.measure })}
        icon={<ColumnWidthOutlined />}
        disabled={fromLink}
        onClick={() => setMeasuring(true)}
        aria-label={t('wheelFields.measureTheRollout')}
        title={t('wheelFields.measureTheRollout')}
      />
      <RolloutHelper open={measuring} onClose={() => setMeasuring(false)} />
      <div className={styles.used}>
        <span className={styles.caption}>{t('wheelFields.reckonedWith')}</span>
        <Explained
          className={styles.usedFigure}
          explain={() => explainRollout({ riding, wheel, speedUnit: preferences.speedUnit })}
        >
          <b>{fixed(rollout, 1)} mm</b> {isMeasured(wheel) ? t('wheelFields.measured') : t('wheelFields.computed')}
        </Explained>
      </div>
      <NumberField
        {...ofBike}
        id="crank"
        label={t('wheelFields.crankLength')}
        term={t('wheelFields.crankLength2')}
        unit="mm"
        bounds={CRANK_LENGTH_MM}
        optional
        width={100}
        placeholder="–"
        value={bike.crankLengthMm}
        onCommit={(value) => editBike('crankLengthMm', (record) => withOptional(record, 'crankLengthMm', value))}
      />
      <NumberField
        {...ofBike}
        id="cadence"
        label={t('wheelFields.cadence')}
        term={t('wheelFields.cadence2')}
        unit={t('wheelFields.rpm')}
        bounds={CADENCE_RPM}
        width={88}
        value={bike.cadenceRpm}
        onCommit={(value) =>
          value !== undefined && editBike('cadenceRpm', (record) => ({ ...record, cadenceRpm: value }))
        }
      />
    </>
  );
}
