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
} from '../../core/shelf';
import { FREEHUB_FAMILIES } from '../../core/parts/freehubs';
import { parseShorthand } from '../../formats/shorthand';
import { datumFieldProps } from '../../kit/fields/datum-field';
import { Field } from '../../kit/fields/Field';
import { NameField } from '../../kit/fields/NameField';
import { capital } from '../../kit/format';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import type { Parsed } from '../../kit/fields/useDraft';
import { withOptional } from '../../kit/fields/with-optional';
import type { PartRecord } from '../../records';
import { problemText, textOf } from '../../messages/core';
import styles from './Shelf.module.css';
import { t } from './words/text';

const SPLINES = [...new Set(FREEHUB_FAMILIES.map(({ spline }) => spline))];
/** Numbers of a cage that only a measuring mechanic knows: out of the way until they are wanted. */
const RARE: readonly PartNumber[] = [
  'pulleyTeeth',
  'pitchLineGapMm',
  'guidePulleyAngleDeg',
  'guidePulleyOffsetMm',
  'foldBackLimitDeg',
];

interface PartDataFieldsProps {
  readonly part: PartRecord;
  readonly onEdit: (what: string, edit: (part: PartRecord) => PartRecord) => void;
}

/** What Fit and Find reckon with, by kind. */
export function PartDataFields({ part, onEdit }: PartDataFieldsProps) {
  const { kind, data } = part;
  const { numbers, names, flags, cogs, shifting } = KIND_DATA[kind];
  const set = <K extends keyof PartData>(field: K, term: string, value: PartData[K] | undefined) =>
    onEdit(term, (before) => ({ ...before, data: withOptional(before.data, field, value) }));
  const number = (field: PartNumber) => {
    const rule = PART_NUMBER_RULES[field];
    return (
      <NumberField
        key={field}
        id={`part-${field}`}
        {...datumFieldProps(rule)}
        width="100%"
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
