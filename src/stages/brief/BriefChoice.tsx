'use client';

import { Select } from 'antd';
import type { Brief } from '../../core/brief';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { useBrief } from '../../kit/bench/useBrief';
import { Field } from '../../kit/fields/Field';
import { withOptional } from '../../kit/fields/with-optional';
import { t } from './words/text';

type ChoiceField = 'use' | 'effort' | 'position' | 'surface';

interface BriefChoiceProps<F extends ChoiceField> {
  readonly field: F;
  readonly label: string;
  readonly texts: Readonly<Record<NonNullable<Brief[F]>, string>>;
  /** What a choice comes to, in figures. */
  readonly detail?: (choice: NonNullable<Brief[F]>) => string;
}

/** One choice of the brief; left open, the assumed one shows in grey. */
export function BriefChoice<F extends ChoiceField>({ field, label, texts, detail }: BriefChoiceProps<F>) {
  const { bench, edits } = useReadyBench();
  const { brief } = useBrief();
  const { bike, fromLink } = bench;
  type Choice = NonNullable<Brief[F]>;
  const assumed = brief[field] as Choice;
  return (
    <Field id={field} label={label}>
      <Select<Choice>
        id={field}
        allowClear
        disabled={fromLink}
        style={{ width: '100%' }}
        popupMatchSelectWidth={false}
        placeholder={t('briefChoice.textAssumed', { text: texts[assumed] })}
        value={bike.brief[field] as Choice | undefined}
        options={(Object.keys(texts) as Choice[]).map((value) => ({
          value,
          label: detail ? `${texts[value]}, ${detail(value)}` : texts[value],
        }))}
        onChange={(value: Choice | undefined) =>
          edits.editBike(label.toLowerCase(), (record) => ({
            ...record,
            brief: withOptional(record.brief, field, value as Brief[F] | undefined),
          }))
        }
      />
    </Field>
  );
}
