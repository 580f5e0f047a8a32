'use client';

import { Input } from 'antd';
import type { ReactNode } from 'react';
import { Field } from './Field';
import { useDraft, type Parsed } from './useDraft';
import { defined } from '../../core/optional';

interface TextFieldProps<T> {
  readonly id: string;
  readonly label: ReactNode;
  /** Names the record that the value belongs to. */
  readonly owner: string;
  /** The value as text, which `parse` reads back as that value. */
  readonly text: string;
  readonly parse: (text: string) => Parsed<T>;
  readonly placeholder?: string;
  readonly disabled?: boolean;
  /** Whether it is in a row of fields, so that its message overlays what is below. */
  readonly narrow?: boolean;
  readonly onCommit: (value: T) => void;
}

/** Something that is typed in a notation of its own, kept as typed until it can be read. */
export function TextField<T>(props: TextFieldProps<T>) {
  const { id, label, owner, text, parse, placeholder, disabled, narrow = false, onCommit } = props;
  const draft = useDraft(owner, text, parse, onCommit);
  return (
    <Field id={id} label={label} problem={draft.problem} narrow={narrow}>
      <Input
        id={id}
        {...draft.inputProps}
        autoComplete="off"
        {...defined({
          placeholder,
          disabled,
          status: draft.problem && !draft.problem.unfinished ? 'error' : undefined,
        })}
        aria-invalid={draft.problem !== undefined}
        aria-describedby={draft.problem ? `${id}-problem` : undefined}
      />
    </Field>
  );
}
