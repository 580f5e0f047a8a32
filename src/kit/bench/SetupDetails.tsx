'use client';

import { Modal, Select } from 'antd';
import Link from 'next/link';
import { HUB_STAGE_RATIO, NO_HUB_STAGE } from '../../core/gears';
import { SETUP_COST, SETUP_MASS_G, sumsOf, type SetupRecord } from '../../records';
import { Field } from '../fields/Field';
import { NameField } from '../fields/NameField';
import { NumberField } from '../fields/NumberField';
import { withOptional } from '../fields/with-optional';
import { moneyText, partMassText } from '../measures';
import { useUnits } from './useUnits';
import { useReadyBench } from './BenchProvider';
import { LeverField } from './LeverField';
import { SetupNumber } from './SetupNumber';
import { letterOf } from './setup-sign';
import styles from './Bench.module.css';
import { t } from './text';

interface SetupDetailsProps {
  readonly record: SetupRecord;
  readonly place: number;
  readonly open: boolean;
  readonly onClose: () => void;
}

/** What a setup has besides teeth. */
export function SetupDetails({ record, place, open, onClose }: SetupDetailsProps) {
  return (
    <Modal
      title={t('setupDetails.setupLetter', { letter: letterOf(place) })}
      open={open}
      onCancel={onClose}
      footer={null}
      destroyOnHidden
      width={480}
      // The bench hears of clicks in here as of clicks on the card.
      wrapProps={{ onClick: (event: { stopPropagation: () => void }) => event.stopPropagation() }}
    >
      <DetailFields record={record} />
    </Modal>
  );
}

function DetailFields({ record }: { record: SetupRecord }) {
  const units = useUnits();
  const { bench, edits, workshop } = useReadyBench();
  const { id, name, wheelsetId, hubStages } = record;
  const sums = record.shelf && sumsOf(record, workshop.parts);
  const edit = (field: string, change: (before: SetupRecord) => SetupRecord) => edits.editSetup(field, change, id);
  return (
    <div className={styles.details}>
      <NameField
        id="setup-name"
        label={t('setupDetails.name')}
        owner={id}
        value={name}
        autoFocus
        placeholder={t('setupDetails.suchAsOneRingWide')}
        onCommit={(next) => edit('name', (before) => withOptional(before, 'name', next))}
      />
      <Field id="setup-wheels" label={t('setupDetails.runsOn')}>
        <Select
          id="setup-wheels"
          value={wheelsetId}
          options={bench.bike.wheelsets.map((wheelset) => ({ value: wheelset.id, label: wheelset.name }))}
          onChange={(next: string) => edit('wheels', (before) => ({ ...before, wheelsetId: next }))}
        />
      </Field>
      <div className={styles.detailRow}>
        <NumberField
          id="hub-stage"
          label={t('setupDetails.twoSpeedHubItsLow')}
          term={t('setupDetails.lowStageOfTheHub')}
          owner={id}
          unit=": 1"
          // A stage of 1 would be no second stage.
          bounds={{ min: HUB_STAGE_RATIO.min, max: 0.99 }}
          optional
          width={150}
          placeholder={t('setupDetails.noSuchHub')}
          value={hubStages[1]}
          onCommit={(stage) =>
            edit('hub', (before) => ({ ...before, hubStages: stage === undefined ? NO_HUB_STAGE : [1, stage] }))
          }
        />
        <LeverField id="clicks" record={record} />
      </div>
      <div className={styles.detailRow}>
        {sums?.massG !== undefined || sums?.cost !== undefined ? (
          <p className={styles.byParts} data-testid="by-parts">
            {sums.massG === undefined ? '' : partMassText(units, sums.massG, 1)}
            {sums.massG !== undefined && sums.cost !== undefined && ', '}
            {t('setupDetails.valueByThePartsOf', {
              value: sums.cost === undefined ? '' : t('setupDetails.costToBuy', { cost: moneyText(units, sums.cost) }),
            })}{' '}
            <Link href="/shelf">{t('setupDetails.there')}</Link>.
          </p>
        ) : null}
        {sums?.massG === undefined && (
          <SetupNumber
            id="mass"
            field="massG"
            label={t('setupDetails.weightOfItsPartsAll')}
            term={t('setupDetails.weight')}
            record={record}
            unit="g"
            bounds={SETUP_MASS_G}
            placeholder={t('setupDetails.notWeighed')}
          />
        )}
        {sums?.cost === undefined && (
          <SetupNumber
            id="cost"
            field="cost"
            label={t('setupDetails.toBuyForItIn')}
            term={t('setupDetails.cost')}
            record={record}
            unit={units.currency ?? ''}
            bounds={SETUP_COST}
            placeholder={t('setupDetails.notKnown')}
          />
        )}
      </div>
    </div>
  );
}
