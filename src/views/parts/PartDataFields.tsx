'use client';

import { Checkbox, Select } from 'antd';
import { SHIFTINGS, type Shifting } from '../../core/fit';
import { COG_TEETH } from '../../core/gears';
import {
  KIND_DATA,
  PART_FLAG_TERMS,
  PART_NAME_TERMS,
  PART_NUMBER_RULES,
  checkPartData,
  type PartData,
  type PartNumber,
} from '../../core/parts';
import { FREEHUB_FAMILIES } from '../../core/catalog/freehubs';
import { parseShorthand } from '../../formats/shorthand';
import { datumFieldProps } from '../../features/fields/datum-field';
import { Field } from '../../ui/fields/Field';
import { NameField } from '../../features/fields/NameField';
import { capital } from '../../ui/format';
import { QuantityField } from '../../features/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import type { Parsed } from '../../ui/fields/useDraft';
import { withOptional } from '../../ui/fields/with-optional';
import type { PartRecord } from '../../records';
import { problemText, textOf } from '../../messages/core';
import styles from './Parts.module.css';
import { t } from './text';
import type { EditName } from '../../messages/edit-name';

const SPLINES = [...new Set(FREEHUB_FAMILIES.map(({ spline }) => spline))];
/** Numbers of a cage that must be measured: collapsed by default. */
const RARE: readonly PartNumber[] = [
  'pulleyTeeth',
  'pitchLineGapMm',
  'guidePulleyAngleDeg',
  'guidePulleyOffsetMm',
  'foldBackLimitDeg',
];

interface PartDataFieldsProps {
  readonly part: PartRecord;
  readonly onEdit: (what: EditName, edit: (part: PartRecord) => PartRecord) => void;
}

/** The data of a part, by kind. */
export function PartDataFields({ part, onEdit }: PartDataFieldsProps) {
  const { kind, data } = part;
  const { numbers, names, flags, cogs, shifting } = KIND_DATA[kind];
  const set = <K extends keyof PartData>(field: K, term: string, value: PartData[K] | undefined) =>
    onEdit({ key: `part.data.${field}`, text: term }, (before) => ({
      ...before,
      data: withOptional(before.data, field, value),
    }));
  const number = (field: PartNumber) => {
    const rule = PART_NUMBER_RULES[field];
    return (
      <QuantityField
        key={field}
        id={`part-${field}`}
        {...datumFieldProps(rule)}
        owner={part.id}
        value={data[field]}
        check={(value) => checkPartData(kind, withOptional(data, field, value)).map(problemText)[0]}
        onCommit={(value) => set(field, textOf(rule.term), value)}
      />
    );
  };
  const rare = numbers.filter((field) => RARE.includes(field));
  if (numbers.length + names.length + flags.length === 0 && !cogs) return null;
  return (
    <fieldset className={styles.data}>
      <legend>{t('partDataFields.byItsSheet')}</legend>
      {cogs && (
        <CogsField
          owner={part.id}
          value={data.cogs}
          onCommit={(value) => set('cogs', t('partDataFields.cogs'), value)}
        />
      )}
      <div className={styles.grid}>
        {numbers.filter((field) => !RARE.includes(field)).map(number)}
        {names.map((field) => (
          <NameField
            key={field}
            id={`part-${field}`}
            label={capital(textOf(PART_NAME_TERMS[field]))}
            owner={part.id}
            offered={field === 'spline' || field === 'cassetteSpline' ? SPLINES : []}
            placeholder={t('partDataFields.notKnown')}
            value={data[field]}
            onCommit={(value) => set(field, textOf(PART_NAME_TERMS[field]), value)}
          />
        ))}
        {shifting && (
          <Field id="part-shifting" label={t('partDataFields.shiftsBy')}>
            <Select<Shifting | null>
              id="part-shifting"
              allowClear
              placeholder={t('partDataFields.notKnown')}
              value={data.shifting ?? null}
              options={SHIFTINGS.map((value) => ({ value, label: t(`partDataFields.${value}`) }))}
              onChange={(value) => set('shifting', t('partDataFields.shifting'), value ?? undefined)}
            />
          </Field>
        )}
      </div>
      {flags.map((field) => (
        <Checkbox
          key={field}
          checked={data[field] === true}
          indeterminate={data[field] === undefined}
          onChange={({ target }) => set(field, textOf(PART_FLAG_TERMS[field]), target.checked)}
        >
          {textOf(PART_FLAG_TERMS[field])}
          {data[field] === undefined && t('partDataFields.colonNotKnown')}
        </Checkbox>
      ))}
      {rare.length > 0 && (
        <details className={styles.rare}>
          <summary>{t('partDataFields.measuredOfTheCage')}</summary>
          <div className={styles.grid}>{rare.map(number)}</div>
        </details>
      )}
    </fieldset>
  );
}

/** A cassette as in shorthand: a range, or every cog. */
function readCogs(text: string): Parsed<readonly number[] | undefined> {
  if (text.trim() === '') return { ok: true, value: undefined };
  const result = parseShorthand(`40 x ${text}`);
  return result.ok ? { ok: true, value: result.setup.cogs } : result;
}

function CogsField({
  owner,
  value,
  onCommit,
}: {
  owner: string;
  value: readonly number[] | undefined;
  onCommit: (cogs: readonly number[] | undefined) => void;
}) {
  return (
    <TextField
      id="part-cogs"
      label={t('partDataFields.cogsMinToMaxTeeth', { min: COG_TEETH.min, max: COG_TEETH.max })}
      owner={owner}
      text={value?.join('-') ?? ''}
      parse={readCogs}
      placeholder={t('partDataFields.suchAsCogs')}
      onCommit={onCommit}
    />
  );
}
