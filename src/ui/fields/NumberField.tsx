'use client';

import { asTyped } from '../format';
import { Input } from 'antd';
import type { ReactNode } from 'react';
import { Field } from './Field';
import { parseNumber, type NumberRule } from './parse-number';
import { useDraft, type Parsed } from './useDraft';
import { defined } from '../../core/optional';

interface NumberFieldProps extends NumberRule {
  readonly id: string;
  /** Shown above the field; the term where it is left out. */
  readonly label?: ReactNode;
  /** Names the record that the number belongs to. */
  readonly owner: string;
  readonly value: number | undefined;
  readonly placeholder?: string;
  readonly disabled?: boolean;
  readonly width: number | string;
  /** Whether it contradicts another number; the message is shown elsewhere. */
  readonly doubted?: boolean;
  /** Further validation of a number within bounds, such as against another field. */
  readonly check?: (value: number | undefined) => string | undefined;
  readonly onCommit: (value: number | undefined) => void;
}

/** A number field with its unit; text that does not parse stays in it. */
export function NumberField(props: NumberFieldProps) {
  const { id, label, term, owner, value, unit, placeholder, disabled, width, doubted, check, onCommit } = props;
  const parse = (text: string): Parsed<number | undefined> => {
    const parsed = parseNumber(text, props);
    const message = parsed.ok ? check?.(parsed.value) : undefined;
    return message === undefined ? parsed : { ok: false, message };
  };
  const draft = useDraft(owner, value === undefined ? '' : asTyped(value), parse, onCommit);
  return (
    <Field id={id} label={label ?? term} problem={draft.problem} narrow>
      <Input
        id={id}
        {...draft.inputProps}
        inputMode="decimal"
        autoComplete="off"
        suffix={unit}
        {...defined({
          placeholder,
          disabled,
          status: (draft.problem && !draft.problem.unfinished) || doubted ? 'error' : undefined,
        })}
        aria-invalid={draft.problem !== undefined || doubted}
        aria-describedby={draft.problem ? `${id}-problem` : undefined}
        style={{ width }}
      />
    </Field>
  );
}
