'use client';

import { BRIEF_BOUNDS, BRIEF_TERMS, type BriefNumbers } from '../../core/brief';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { useBrief } from '../../kit/bench/useBrief';
import { NumberField } from '../../kit/fields/NumberField';
import { withOptional } from '../../kit/fields/with-optional';
import { short } from '../../kit/format';

/** One number of the brief; what is taken while it is empty stands in it in grey. */
export function BriefNumber({ field, label }: { field: keyof BriefNumbers; label?: string }) {
  const { bench, edits } = useReadyBench();
  const { brief, contradictions } = useBrief();
  const { bike, fromLink } = bench;
  const [term, unit] = BRIEF_TERMS[field];
  const contradicts = contradictions.some(({ fields }) => fields.includes(field));
  return (
    <NumberField
      id={field}
      label={label ?? `${term[0]!.toUpperCase()}${term.slice(1)}`}
      term={term}
      owner={bike.id}
      disabled={fromLink}
      unit={unit}
      bounds={BRIEF_BOUNDS[field]}
      optional
      width="100%"
      placeholder={`${short(brief[field], 1)} assumed`}
      doubted={contradicts}
      value={bike.brief[field]}
      onCommit={(value) =>
        edits.editBike(term, (record) => ({ ...record, brief: withOptional(record.brief, field, value) }))
      }
    />
  );
}
