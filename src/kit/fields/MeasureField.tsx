'use client';

import type { ReactNode } from 'react';
import type { Bounds } from '../../core/gears';
import { useUnits } from '../bench/useUnits';
import { keptFrom, roundedInward, shownIn, unitText, type Measure } from '../measures';
import { NumberField } from './NumberField';

/** Digits to which a value in another unit is shown again as it was typed. */
const TYPED_DIGITS = 4;

interface MeasureFieldProps {
  readonly measure: Measure;
  readonly id: string;
  readonly label: ReactNode;
  readonly term: string;
  readonly owner: string;
  /** In the unit that is kept. */
  readonly bounds: Bounds;
  /** In the unit that is kept. */
  readonly value: number | undefined;
  readonly placeholder?: string;
  readonly width?: number | string;
  readonly disabled?: boolean;
  readonly doubted?: boolean;
  /** Whether nothing at all is a value; it is, where nothing is said of it. */
  readonly optional?: boolean;
  /** Takes the value in the unit that is kept. */
  readonly onCommit: (value: number | undefined) => void;
}

/** A number in the unit that this person reads, kept in km/h, km, m, kg or g. */
export function MeasureField({ measure, bounds, owner, value, onCommit, ...rest }: MeasureFieldProps) {
  const units = useUnits();
  const unit = unitText(measure, units);
  const isKept = shownIn(measure, units, 1) === 1;
  const shown = (kept: number) => (isKept ? kept : Number(shownIn(measure, units, kept).toFixed(TYPED_DIGITS)));
  return (
    <NumberField
      width="100%"
      optional
      {...rest}
      owner={`${owner} ${unit}`}
      unit={unit}
      bounds={isKept ? bounds : roundedInward({ min: shown(bounds.min), max: shown(bounds.max) })}
      value={value === undefined ? undefined : shown(value)}
      onCommit={(typed) => onCommit(typed === undefined || isKept ? typed : keptFrom(measure, units, typed))}
    />
  );
}
