'use client';

import { Select } from 'antd';
import type { Brief } from '../../core/needs';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useBrief } from '../../features/workspace/useBrief';
import { Field } from '../../ui/fields/Field';
import { withOptional } from '../../ui/fields/with-optional';
import { t } from './text';
import { defined } from '../../core/optional';

type ChoiceField = 'use' | 'effort' | 'position' | 'surface';

interface BriefChoiceProps<F extends ChoiceField> {
  readonly field: F;
  readonly label: string;
  readonly texts: Readonly<Record<NonNullable<Brief[F]>, string>>;
  /** What a choice comes to, in figures. */
  readonly detail?: (choice: NonNullable<Brief[F]>) => string;
}

/** One choice of Needs; its placeholder is the assumed value. */
export function BriefChoice<F extends ChoiceField>({ field, label, texts, detail }: BriefChoiceProps<F>) {
  const { workspace, edits } = useReadyWorkspace();
  const { brief } = useBrief();
  const { bike, fromLink } = workspace;
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
        {...defined({ value: bike.brief[field] as Choice | undefined })}
        options={(Object.keys(texts) as Choice[]).map((value) => ({
          value,
          label: detail ? `${texts[value]}, ${detail(value)}` : texts[value],
        }))}
        onChange={(value: Choice | undefined) =>
          edits.editBike({ key: field, text: label }, (record) => ({
            ...record,
            brief: withOptional(record.brief, field, value as Brief[F] | undefined),
          }))
        }
      />
    </Field>
  );
}
