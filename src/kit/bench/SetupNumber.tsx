'use client';

import { capital } from '../format';
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
  return (
    <NumberField
      {...rule}
      id={id ?? field}
      label={label ?? capital(term)}
      term={term}
      owner={setup.id}
      disabled={bench.fromLink}
      optional
      width={150}
      placeholder={placeholder}
      value={setup[field]}
      onCommit={(value) => edits.editSetup(term, (before) => withOptional(before, field, value), setup.id)}
    />
  );
}
