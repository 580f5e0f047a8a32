'use client';

import type { Bounds } from '../../core/gears';
import type { BikeRecord } from '../../records';
import { capital } from '../format';
import { NumberField } from '../fields/NumberField';
import type { OpenNumber } from '../fields/open-number';
import { withOptional } from '../fields/with-optional';
import { useReadyBench } from './BenchProvider';

interface BikeNumberProps {
  readonly id?: string;
  readonly field: OpenNumber<BikeRecord>;
  readonly term: string;
  readonly label?: string;
  readonly unit: string;
  readonly bounds: Bounds;
  readonly whole?: boolean;
  readonly placeholder: string;
  readonly width?: number;
}

/** One number of the bike on the bench that is not known until it is typed. */
export function BikeNumber({ id, field, term, label, width = 150, ...rule }: BikeNumberProps) {
  const { bench, edits } = useReadyBench();
  const { bike, fromLink } = bench;
  return (
    <NumberField
      {...rule}
      id={id ?? field}
      label={label ?? capital(term)}
      term={term}
      owner={bike.id}
      disabled={fromLink}
      optional
      width={width}
      value={bike[field]}
      onCommit={(value) => edits.editBike(term, (record) => withOptional(record, field, value))}
    />
  );
}
