'use client';

import { capital } from '../format';
import { MeasureField } from '../fields/MeasureField';
import { NumberField } from '../fields/NumberField';
import type { OpenNumber } from '../fields/open-number';
import { withOptional } from '../fields/with-optional';
import type { Bounds } from '../../core/gears';
import type { SetupRecord } from '../../records';
import { useReadyBench } from './BenchProvider';

interface SetupNumberProps {
  readonly id?: string;
  readonly field: OpenNumber<SetupRecord>;
  readonly term: string;
  readonly label?: string;
  readonly unit: string;
  readonly bounds: Bounds;
  readonly whole?: boolean;
  readonly placeholder: string;
  /** The setup in depth where it is left out. */
  readonly record?: SetupRecord;
}

/** One number of a setup that is not known until it is typed. */
export function SetupNumber({ id, field, term, label, placeholder, record, ...rule }: SetupNumberProps) {
  const { bench, edits } = useReadyBench();
  const setup = record ?? bench.setup;
  const common = {
    id: id ?? field,
    label: label ?? capital(term),
    term,
    owner: setup.id,
    disabled: bench.fromLink,
    width: 150,
    placeholder,
    value: setup[field],
    onCommit: (value: number | undefined) =>
      edits.editSetup(term, (before) => withOptional(before, field, value), setup.id),
  };
  if (rule.unit === 'g') return <MeasureField {...common} bounds={rule.bounds} measure="partMass" />;
  return <NumberField {...rule} {...common} optional />;
}
