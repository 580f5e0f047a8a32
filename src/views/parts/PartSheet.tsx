'use client';

import { CloseOutlined } from '@ant-design/icons';
import { Button, Select } from 'antd';
import { Confirm } from '../../ui/confirm/Confirm';
import { CurrencySelect } from '../../features/fields/CurrencySelect';
import { useState } from 'react';
import {
  PART_KM,
  PART_MASS_G,
  PART_PRICE,
  PART_QUANTITY,
  type StockKind,
  STOCK_KINDS,
  checkPartData,
} from '../../core/parts';
import { SCALE_RESOLUTION_G } from '../../core/job';
import { partMassText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { MeasureField } from '../../features/fields/MeasureField';
import { Field } from '../../ui/fields/Field';
import { NameField } from '../../features/fields/NameField';
import { NoteField } from '../../features/fields/NoteField';
import { NumberField } from '../../ui/fields/NumberField';
import { withOptional } from '../../ui/fields/with-optional';
import { ScalePanel } from '../../features/scale/ScalePanel';
import { CONDITION_TEXT, KIND_TEXT } from '../../features/workshop/words';
import { CONDITIONS, type Condition, type PartRecord } from '../../records';
import { LifePanel } from './LifePanel';
import { PartDataFields } from './PartDataFields';
import type { StockLine } from './part-rows';
import type { Stock } from './useParts';
import { WearPanel } from './WearPanel';
import { PanelHead } from '../../ui/panel/Panel';
import styles from './Parts.module.css';
import { t } from './text';
import type { EditName } from '../../messages/edit-name';

/** Fields that may be left open. */
type OptionalField = 'massG' | 'massResolutionG' | 'price' | 'currency' | 'place' | 'note';

/** A bench scale shows the weight that is typed, or what a part of a middle sort has. */
const UNWEIGHED_G = 250;

/** All data of one part, editable. */
export function PartSheet({ stock, line }: { stock: Stock; line: StockLine }) {
  const units = useUnits();
  const { part } = line;
  const [weighing, setWeighing] = useState(false);
  const edit = (what: EditName, change: (before: PartRecord) => PartRecord) => stock.edit([part.id], what, change);
  const optional =
    <K extends OptionalField>(field: K) =>
    (value: PartRecord[K] | undefined) =>
      edit(`part.${field}`, (before) => withOptional(before, field, value));
  const jobs = stock.jobsWith([part.id]);
  const changeKind = (kind: StockKind) =>
    edit('part.kind', (before) => ({
      ...before,
      kind,
      // Data of another kind mean nothing here; what the new kind has too stays.
      data: checkPartData(kind, before.data).length === 0 ? before.data : {},
    }));
  return (
    <section
      className={styles.sheet}
      aria-label={t('partSheet.partName', { name: part.name })}
      data-testid="part-sheet"
    >
      <PanelHead>
        <h2>{part.name}</h2>
        <Button
          type="text"
          size="small"
          icon={<CloseOutlined />}
          aria-label={t('partSheet.closeThePart')}
          onClick={() => stock.open(undefined)}
        />
      </PanelHead>
      <div className={styles.grid}>
        <NameField
          id="part-name"
          label={t('partSheet.name')}
          owner={part.id}
          value={part.name}
          onCommit={(name) => name !== undefined && edit('part.name', (before) => ({ ...before, name }))}
        />
        <Field id="part-kind" label={t('partSheet.kind')}>
          <Select<StockKind>
            id="part-kind"
            value={part.kind}
            options={STOCK_KINDS.map((value) => ({ value, label: KIND_TEXT[value] }))}
            onChange={changeKind}
          />
        </Field>
        <NumberField
          id="part-quantity"
          label={t('partSheet.quantityIncludingFitted')}
          term={t('partSheet.quantity')}
          unit={t('partSheet.pieces')}
          bounds={PART_QUANTITY}
          whole
          owner={part.id}
          width="100%"
          value={part.quantity}
          check={(value) =>
            value !== undefined && value < line.on.length && value > 0
              ? t('partSheet.valueAreFewerThanThe', { value, count: line.on.length })
              : undefined
          }
          onCommit={(quantity) =>
            quantity !== undefined && edit('part.quantity', (before) => ({ ...before, quantity }))
          }
        />
        <Field id="part-condition" label={t('partSheet.state')}>
          <Select<Condition>
            id="part-condition"
            value={part.condition}
            options={CONDITIONS.map((value) => ({ value, label: CONDITION_TEXT[value] }))}
            onChange={(condition) => edit('part.condition', (before) => ({ ...before, condition }))}
          />
        </Field>
        <MeasureField
          measure="partMass"
          id="part-mass"
          label={
            <>
              {t('partSheet.weightEach')}{' '}
              <button type="button" className={styles.link} onClick={() => setWeighing(!weighing)}>
                {weighing ? t('partSheet.scaleAway') : t('partSheet.weighIt')}
              </button>
            </>
          }
          term={t('partSheet.weight')}
          bounds={PART_MASS_G}
          owner={part.id}
          placeholder={t('partSheet.notWeighed')}
          value={part.massG}
          onCommit={optional('massG')}
        />
        <MeasureField
          measure="partMass"
          id="part-resolution"
          label={t('partSheet.scaleResolution')}
          term={t('partSheet.resolution')}
          bounds={SCALE_RESOLUTION_G}
          owner={part.id}
          placeholder={t('partSheet.spec')}
          value={part.massResolutionG}
          onCommit={optional('massResolutionG')}
        />
        <NumberField
          id="part-price"
          label={t('partSheet.priceEach')}
          term={t('partSheet.price')}
          unit={part.currency ?? units.currency ?? ''}
          bounds={PART_PRICE}
          owner={part.id}
          optional
          placeholder={t('partSheet.notKnown')}
          width="100%"
          value={part.price}
          onCommit={optional('price')}
        />
        <Field id="part-currency" label={t('partSheet.currency')}>
          <CurrencySelect
            id="part-currency"
            value={part.currency}
            placeholder={units.currency ?? t('partSheet.notChosen')}
            onChoose={optional('currency')}
          />
        </Field>
        <NameField
          id="part-place"
          label={t('partSheet.location')}
          owner={part.id}
          value={part.place}
          onCommit={optional('place')}
        />
        <MeasureField
          measure="distance"
          optional={false}
          id="part-km"
          label={t('partSheet.distanceWhenAcquired')}
          term={t('partSheet.distance')}
          bounds={PART_KM}
          owner={part.id}
          value={part.kmBefore}
          onCommit={(kmBefore) =>
            kmBefore !== undefined && edit('part.kmBefore', (before) => ({ ...before, kmBefore }))
          }
        />
      </div>
      {weighing && (
        <ScalePanel
          unit={units.massUnit === 'imperial' ? 'lbOz' : 'g'}
          trueG={part.massG ?? UNWEIGHED_G}
          what={part.name}
          maxG={PART_MASS_G.max}
          onReading={(massG, massResolutionG) => {
            edit('part.massG', (before) => ({ ...before, massG, massResolutionG }));
            setWeighing(false);
          }}
        />
      )}
      <PartDataFields part={part} onEdit={edit} />
      <NoteField
        id="part-note"
        label={t('partSheet.note')}
        owner={part.id}
        value={part.note}
        onCommit={optional('note')}
      />
      {part.kind === 'chain' && <WearPanel part={part} stock={stock} />}
      <LifePanel stock={stock} line={line} />
      <div className={styles.sheetFoot}>
        {jobs.length > 0 && (
          <span>{t('partSheet.namedInJobs', { jobs: jobs.map(({ name }) => `“${name}”`).join(', ') })}</span>
        )}
        <Confirm
          title={t('partSheet.delete', { name: part.name })}
          description={jobs.length === 0 ? t('partSheet.setupsUseKeepData') : t('partSheet.jobsThatNameItKeep')}
          okText={t('partSheet.takeOff')}
          cancelText={t('partSheet.keep')}
          onConfirm={() => stock.remove([part.id])}
        >
          <Button size="small" danger>
            {t('partSheet.delete2')}
          </Button>
        </Confirm>
        {part.massResolutionG !== undefined && part.massG !== undefined && (
          <span className={styles.soft}>
            {t('partSheet.weighedMassGMassResolutionG', {
              mass: partMassText(units, part.massG, 1),
              resolution: partMassText(units, part.massResolutionG / 2, 2),
            })}
          </span>
        )}
      </div>
    </section>
  );
}
