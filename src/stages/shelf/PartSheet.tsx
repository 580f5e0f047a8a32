'use client';

import { CloseOutlined } from '@ant-design/icons';
import { Button, Popconfirm, Select } from 'antd';
import { CurrencySelect } from '../../kit/fields/CurrencySelect';
import { useState } from 'react';
import {
  PART_KM,
  PART_MASS_G,
  PART_PRICE,
  PART_QUANTITY,
  type ShelfKind,
  SHELF_KINDS,
  checkPartData,
} from '../../core/shelf';
import { SCALE_RESOLUTION_G } from '../../core/job';
import { partMassText } from '../../kit/measures';
import { useUnits } from '../../kit/bench/useUnits';
import { MeasureField } from '../../kit/fields/MeasureField';
import { Field } from '../../kit/fields/Field';
import { NameField } from '../../kit/fields/NameField';
import { NoteField } from '../../kit/fields/NoteField';
import { NumberField } from '../../kit/fields/NumberField';
import { withOptional } from '../../kit/fields/with-optional';
import { ScalePanel } from '../../kit/scale/ScalePanel';
import { CONDITION_TEXT, KIND_TEXT } from '../../kit/shop/words';
import { CONDITIONS, type Condition, type PartRecord } from '../../records';
import { LifePanel } from './LifePanel';
import { PartDataFields } from './PartDataFields';
import type { ShelfLine } from './shelf-rows';
import type { Shelf } from './useShelf';
import { WearPanel } from './WearPanel';
import { PanelHead } from '../../kit/sheet/Panel';
import styles from './Shelf.module.css';
import { t } from './words/text';

/** A scale of the bench shows the weight that is typed, or what a part of a middle sort has. */
const UNWEIGHED_G = 250;

/** Everything that is known of one entry, to be changed in place. */
export function PartSheet({ shelf, line }: { shelf: Shelf; line: ShelfLine }) {
  const units = useUnits();
  const { part } = line;
  const [weighing, setWeighing] = useState(false);
  const edit = (what: string, change: (before: PartRecord) => PartRecord) => shelf.edit([part.id], what, change);
  const optional =
    <K extends keyof PartRecord>(what: string, field: K) =>
    (value: PartRecord[K] | undefined) =>
      edit(what, (before) => withOptional(before, field, value));
  const jobs = shelf.jobsWith([part.id]);
  const changeKind = (kind: ShelfKind) =>
    edit('kind', (before) => ({
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
          onClick={() => shelf.open(undefined)}
        />
      </PanelHead>
      <div className={styles.grid}>
        <NameField
          id="part-name"
          label={t('partSheet.name')}
          owner={part.id}
          value={part.name}
          onCommit={(name) => name !== undefined && edit('name', (before) => ({ ...before, name }))}
        />
        <Field id="part-kind" label={t('partSheet.kind')}>
          <Select<ShelfKind>
            id="part-kind"
            value={part.kind}
            options={SHELF_KINDS.map((value) => ({ value, label: KIND_TEXT[value] }))}
            onChange={changeKind}
          />
        </Field>
        <NumberField
          id="part-quantity"
          label={t('partSheet.howManyFittedOnesToo')}
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
          onCommit={(quantity) => quantity !== undefined && edit('quantity', (before) => ({ ...before, quantity }))}
        />
        <Field id="part-condition" label={t('partSheet.state')}>
          <Select<Condition>
            id="part-condition"
            value={part.condition}
            options={CONDITIONS.map((value) => ({ value, label: CONDITION_TEXT[value] }))}
            onChange={(condition) => edit('state', (before) => ({ ...before, condition }))}
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
          onCommit={optional('weight', 'massG')}
        />
        <MeasureField
          measure="partMass"
          id="part-resolution"
          label={t('partSheet.scaleShowsStepsOf')}
          term={t('partSheet.resolution')}
          bounds={SCALE_RESOLUTION_G}
          owner={part.id}
          placeholder={t('partSheet.fromASheet')}
          value={part.massResolutionG}
          onCommit={optional('resolution', 'massResolutionG')}
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
          onCommit={optional('price', 'price')}
        />
        <Field id="part-currency" label={t('partSheet.currency')}>
          <CurrencySelect
            id="part-currency"
            value={part.currency}
            placeholder={units.currency ?? t('partSheet.notChosen')}
            onChoose={optional('currency', 'currency')}
          />
        </Field>
        <NameField
          id="part-place"
          label={t('partSheet.whereItLies')}
          owner={part.id}
          value={part.place}
          onCommit={optional('place', 'place')}
        />
        <MeasureField
          measure="distance"
          optional={false}
          id="part-km"
          label={t('partSheet.riddenBeforeItCame')}
          term={t('partSheet.distance')}
          bounds={PART_KM}
          owner={part.id}
          value={part.kmBefore}
          onCommit={(kmBefore) => kmBefore !== undefined && edit('distance', (before) => ({ ...before, kmBefore }))}
        />
      </div>
      {weighing && (
        <ScalePanel
          unit={units.massUnit === 'imperial' ? 'lbOz' : 'g'}
          trueG={part.massG ?? UNWEIGHED_G}
          what={part.name}
          maxG={PART_MASS_G.max}
          onReading={(massG, massResolutionG) => {
            edit('weight', (before) => ({ ...before, massG, massResolutionG }));
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
        onCommit={optional('note', 'note')}
      />
      {part.kind === 'chain' && <WearPanel part={part} shelf={shelf} />}
      <LifePanel shelf={shelf} line={line} />
      <div className={styles.sheetFoot}>
        {jobs.length > 0 && (
          <span>{t('partSheet.namedInJobs', { jobs: jobs.map(({ name }) => `“${name}”`).join(', ') })}</span>
        )}
        <Popconfirm
          title={t('partSheet.takeNameOffTheShelf', { name: part.name })}
          description={jobs.length === 0 ? t('partSheet.setupsMadeOfItKeep') : t('partSheet.jobsThatNameItKeep')}
          okText={t('partSheet.takeOff')}
          cancelText={t('partSheet.keep')}
          onConfirm={() => shelf.remove([part.id])}
        >
          <Button size="small" danger>
            {t('partSheet.takeOffTheShelf')}
          </Button>
        </Popconfirm>
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
