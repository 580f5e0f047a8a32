'use client';

import { WorkspaceNumber } from '../fields/WorkspaceNumber';
import { Modal, Select } from 'antd';
import Link from 'next/link';
import { HUB_STAGE_RATIO, NO_HUB_STAGE } from '../../core/gears';
import { SETUP_COST, SETUP_MASS_G, sumsOf, type SetupRecord } from '../../records';
import { Field } from '../../ui/fields/Field';
import { NameField } from '../fields/NameField';
import { NumberField } from '../../ui/fields/NumberField';
import { withOptional } from '../../ui/fields/with-optional';
import { moneyText, partMassText } from '../units/measures';
import { useUnits } from '../workspace/useUnits';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { LeverField } from './LeverField';
import { letterOf } from '../setup-mark/setup-sign';
import styles from './SetupsBar.module.css';
import { t } from './text';
import type { EditName } from '../../messages/edit-name';

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
      // The workspace hears of clicks in here as of clicks on the card.
      wrapProps={{ onClick: (event: { stopPropagation: () => void }) => event.stopPropagation() }}
    >
      <DetailFields record={record} />
    </Modal>
  );
}

function DetailFields({ record }: { record: SetupRecord }) {
  const units = useUnits();
  const { workspace, edits, workshop } = useReadyWorkspace();
  const { id, name, wheelsetId, hubStages } = record;
  const sums = record.partIds && sumsOf(record, workshop.parts);
  const edit = (field: EditName, change: (before: SetupRecord) => SetupRecord) => edits.editSetup(field, change, id);
  return (
    <div className={styles.details}>
      <NameField
        id="setup-name"
        label={t('setupDetails.name')}
        owner={id}
        value={name}
        autoFocus
        placeholder={t('setupDetails.eGWideRange')}
        onCommit={(next) => edit('name', (before) => withOptional(before, 'name', next))}
      />
      <Field id="setup-wheels" label={t('setupDetails.runsOn')}>
        <Select
          id="setup-wheels"
          value={wheelsetId}
          options={workspace.bike.wheelsets.map((wheelset) => ({ value: wheelset.id, label: wheelset.name }))}
          onChange={(next: string) => edit('wheelsetId', (before) => ({ ...before, wheelsetId: next }))}
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
          placeholder={t('setupDetails.notFitted')}
          value={hubStages[1]}
          onCommit={(stage) =>
            edit('hubStages', (before) => ({ ...before, hubStages: stage === undefined ? NO_HUB_STAGE : [1, stage] }))
          }
        />
        <LeverField id="clicks" record={record} />
      </div>
      <div className={styles.detailRow}>
        {sums?.massG !== undefined || sums?.cost !== undefined ? (
          <p className={styles.byParts} data-testid="by-parts">
            {sums.massG === undefined ? '' : partMassText(units, sums.massG, 1)}
            {sums.massG !== undefined && sums.cost !== undefined && ', '}
            {t('setupDetails.partsChange', {
              value: sums.cost === undefined ? '' : t('setupDetails.costToBuy', { cost: moneyText(units, sums.cost) }),
            })}{' '}
            <Link href="/parts">{t('setupDetails.there')}</Link>.
          </p>
        ) : null}
        {sums?.massG === undefined && (
          <WorkspaceNumber
            of="setup"
            rule={{ term: t('setupDetails.weight'), unit: 'g', bounds: SETUP_MASS_G }}
            id="mass"
            field="massG"
            label={t('setupDetails.totalWeightParts')}

            record={record}

            placeholder={t('setupDetails.notWeighed')}
          />
        )}
        {sums?.cost === undefined && (
          <WorkspaceNumber
            of="setup"
            rule={{ term: t('setupDetails.cost'), unit: units.currency ?? '', bounds: SETUP_COST }}
            id="cost"
            field="cost"
            label={t('setupDetails.costPartsBuy')}

            record={record}

            placeholder={t('setupDetails.notKnown')}
          />
        )}
      </div>
    </div>
  );
}
