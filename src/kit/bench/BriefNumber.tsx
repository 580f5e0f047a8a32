'use client';

import { BRIEF_BOUNDS, BRIEF_UNITS, briefTerm, type BriefNumbers } from '../../core/brief';
import { capital } from '../format';
import { NumberField } from '../fields/NumberField';
import { MeasureField } from '../fields/MeasureField';
import { SpeedField } from '../fields/SpeedField';
import { withOptional } from '../fields/with-optional';
import { short } from '../format';
import { shownIn } from '../measures';
import { textOf } from '../../messages/core';
import { useReadyBench } from './BenchProvider';
import { useBrief } from './useBrief';
import { useUnits } from './useUnits';
import { t } from './text';

/** One number of the brief; what is taken while it is empty stands in it in grey. */
export function BriefNumber({
  field,
  label,
  width = '100%',
}: {
  field: keyof BriefNumbers;
  label?: string;
  width?: number | string;
}) {
  const { bench, edits } = useReadyBench();
  const { brief, contradictions } = useBrief();
  const units = useUnits();
  const { bike, fromLink } = bench;
  const [term, unit] = [textOf(briefTerm(field)), BRIEF_UNITS[field]];
  const contradicts = contradictions.some(({ fields }) => fields.includes(field));
  const set = (value: number | undefined) =>
    edits.editBike(term, (record) => ({ ...record, brief: withOptional(record.brief, field, value) }));
  const common = {
    id: field,
    label: label ?? capital(term),
    term,
    owner: bike.id,
    disabled: fromLink,
    bounds: BRIEF_BOUNDS[field],
    width,
    doubted: contradicts,
    onCommit: set,
  };
  if (unit === 'km/h') {
    return (
      <SpeedField
        {...common}
        assumedKmh={brief[field]}
        assumedText={(brief) => t('briefNumber.briefAssumed', { brief })}
        valueKmh={bike.brief[field]}
      />
    );
  }
  if (unit === 'kg') {
    return (
      <MeasureField
        {...common}
        measure="bodyMass"
        placeholder={t('briefNumber.briefAssumed', { brief: short(shownIn('bodyMass', units, brief[field]), 1) })}
        value={bike.brief[field]}
      />
    );
  }
  return (
    <NumberField
      {...common}
      unit={unit}
      optional
      placeholder={t('briefNumber.briefAssumed', { brief: short(brief[field], 1) })}
      value={bike.brief[field]}
    />
  );
}
