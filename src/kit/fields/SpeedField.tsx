'use client';

import type { ReactNode } from 'react';
import type { Bounds } from '../../core/gears';
import { useReadyBench } from '../bench/BenchProvider';
import { SPEED_UNIT_TEXT, kmhFrom, short, speedIn } from '../format';
import { NumberField } from './NumberField';

/** Digits to which a speed in miles is shown again as it was typed. */
const TYPED_DIGITS = 4;

interface SpeedFieldProps {
  readonly id: string;
  readonly label: ReactNode;
  readonly term?: string;
  readonly owner: string;
  /** km/h */
  readonly bounds: Bounds;
  /** What counts while it is empty, km/h. */
  readonly assumedKmh: number;
  readonly assumedText?: (speed: string) => string;
  readonly valueKmh: number | undefined;
  readonly width?: number | string;
  readonly disabled?: boolean;
  readonly doubted?: boolean;
  readonly onCommit: (kmh: number | undefined) => void;
}

/** A speed in the unit that this person reads, kept in km/h. */
export function SpeedField(props: SpeedFieldProps) {
  const { id, label, term, owner, bounds, assumedKmh, assumedText = (speed) => speed, valueKmh } = props;
  const { width = 110, disabled, doubted, onCommit } = props;
  const { preferences } = useReadyBench();
  const unit = preferences.speedUnit;
  return (
    <NumberField
      id={id}
      label={label}
      term={term ?? (typeof label === 'string' ? label : id)}
      owner={`${owner} ${unit}`}
      unit={SPEED_UNIT_TEXT[unit]}
      bounds={{ min: Math.ceil(speedIn(unit, bounds.min)), max: Math.floor(speedIn(unit, bounds.max)) }}
      optional
      width={width}
      placeholder={assumedText(short(speedIn(unit, assumedKmh), 1))}
      value={valueKmh === undefined ? undefined : Number(speedIn(unit, valueKmh).toFixed(TYPED_DIGITS))}
      onCommit={(value) => onCommit(value === undefined ? undefined : kmhFrom(unit, value))}
      {...(disabled !== undefined && { disabled })}
      {...(doubted !== undefined && { doubted })}
    />
  );
}
