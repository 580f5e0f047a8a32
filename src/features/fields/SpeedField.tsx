'use client';

import type { ReactNode } from 'react';
import type { Bounds } from '../../core/numbers';
import { useUnits } from '../workspace/useUnits';
import { short } from '../../ui/format';
import { shownIn } from '../units/measures';
import { MeasureField } from './MeasureField';

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

/** A speed field in the reader's unit; stored in km/h. */
export function SpeedField({ term, assumedKmh, assumedText = (speed) => speed, valueKmh, ...rest }: SpeedFieldProps) {
  const units = useUnits();
  const { id, label, width = 110 } = rest;
  return (
    <MeasureField
      {...rest}
      measure="speed"
      width={width}
      term={term ?? (typeof label === 'string' ? label : id)}
      placeholder={assumedText(short(shownIn('speed', units, assumedKmh), 1))}
      value={valueKmh}
    />
  );
}
