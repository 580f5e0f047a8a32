'use client';

import { NumberField } from '../../ui/fields/NumberField';
import type { NumberRule } from '../../ui/fields/parse-number';
import { short } from '../../ui/format';
import { defined } from '../../core/optional';
import { shownIn, type Measure } from '../units/measures';
import { useUnits } from '../workspace/useUnits';
import { MeasureField } from './MeasureField';

/** What a stored unit measures, where readers choose the unit that they read. */
const MEASURE_OF: Readonly<Record<string, Measure>> = { g: 'partMass', kg: 'bodyMass', 'km/h': 'speed' };

export interface QuantityFieldProps extends Omit<NumberRule, 'optional'> {
  readonly id: string;
  readonly label: string;
  /** Names the record that the number belongs to. */
  readonly owner: string;
  /** In the stored unit, as `bounds` are. */
  readonly value: number | undefined;
  /** What is shown while it is empty. */
  readonly placeholder?: string | undefined;
  /** The value that counts while it is empty, in the stored unit; `assumedText` says so. */
  readonly assumed?: number | undefined;
  readonly assumedText?: ((value: string) => string) | undefined;
  readonly width?: number | string | undefined;
  readonly disabled?: boolean | undefined;
  readonly doubted?: boolean | undefined;
  readonly check?: ((value: number | undefined) => string | undefined) | undefined;
  readonly onCommit: (value: number | undefined) => void;
}

const asItIs = (value: string): string => value;

/** A number that may be left open: masses and speeds in the reader's unit, everything else in the stored one. */
export function QuantityField({
  assumed,
  assumedText = asItIs,
  placeholder,
  width = '100%',
  disabled,
  doubted,
  check,
  unit,
  whole,
  ...rest
}: QuantityFieldProps) {
  const units = useUnits();
  const measure = MEASURE_OF[unit];
  const shown = assumed === undefined || measure === undefined ? assumed : shownIn(measure, units, assumed);
  const common = {
    ...rest,
    width,
    ...defined({
      placeholder:
        placeholder ?? (shown === undefined ? undefined : assumedText(short(shown, Math.abs(shown) < 1 ? 4 : 1))),
      disabled,
      doubted,
    }),
  };
  if (measure !== undefined) return <MeasureField {...common} {...defined({ check })} measure={measure} />;
  return <NumberField {...common} {...defined({ whole, check })} unit={unit} optional />;
}
