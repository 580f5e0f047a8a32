'use client';

import { useEffect, useRef, type ReactNode } from 'react';
import type { Bounds } from '../../core/numbers';
import { useUnits } from '../workspace/useUnits';
import { asTypedIn, keptFrom, roundedInward, shownIn, unitText, type Measure } from '../units/measures';
import { NumberField } from '../../ui/fields/NumberField';

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
  /** Whether the field may be empty; true by default. */
  readonly optional?: boolean;
  /** Further validation, of the value in the unit that is kept. */
  readonly check?: (value: number | undefined) => string | undefined;
  /** Takes the value in the unit that is kept. */
  readonly onCommit: (value: number | undefined) => void;
}

/** A number field in the reader's unit; stored in km/h, km, m, kg or g. */
export function MeasureField({ measure, bounds, owner, value, check, onCommit, ...rest }: MeasureFieldProps) {
  const units = useUnits();
  const unit = unitText(measure, units);
  const isKept = shownIn(measure, units, 1) === 1;
  const typedAs = value === undefined ? undefined : asTypedIn(measure, units, value);
  // What a number in this field stood for: going back to it is to bring back the value itself and not its rounding.
  const stoodFor = useRef(new Map<number, number>());
  useEffect(() => {
    if (typedAs !== undefined && value !== undefined) stoodFor.current.set(typedAs, value);
  }, [typedAs, value]);
  const toKept = (typed: number | undefined) =>
    typed === undefined ? typed : (stoodFor.current.get(typed) ?? keptFrom(measure, units, typed));
  return (
    <NumberField
      width="100%"
      optional
      {...rest}
      owner={`${owner} ${unit}`}
      unit={unit}
      bounds={
        isKept
          ? bounds
          : roundedInward({ min: shownIn(measure, units, bounds.min), max: shownIn(measure, units, bounds.max) })
      }
      value={typedAs}
      check={(typed) => check?.(toKept(typed))}
      onCommit={(typed) => onCommit(toKept(typed))}
    />
  );
}
