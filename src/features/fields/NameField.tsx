'use client';

import { Input } from 'antd';
import { NAME_LENGTH_MAX } from '../../records';
import { Field } from '../../ui/fields/Field';
import { useDraft, type Parsed } from '../../ui/fields/useDraft';
import { t } from './text';
import { defined } from '../../core/optional';

interface NameFieldProps {
  readonly id: string;
  readonly label: string;
  /** Names the record that the name belongs to. */
  readonly owner: string;
  readonly value: string | undefined;
  readonly placeholder?: string;
  /** What is offered; any other may be typed. */
  readonly offered?: readonly string[];
  readonly disabled?: boolean;
  readonly autoFocus?: boolean;
  readonly width?: number;
  readonly onCommit: (value: string | undefined) => void;
}

function readOptionalName(text: string): Parsed<string | undefined> {
  const name = text.trim();
  if (name.length > NAME_LENGTH_MAX)
    return {
      ok: false,
      message: t('nameField.aNameOfCountCharacters', { count: name.length, nameLengthMax: NAME_LENGTH_MAX }),
    };
  return { ok: true, value: name === '' ? undefined : name };
}

/** A name that may be left out, kept as typed. */
export function NameField(props: NameFieldProps) {
  const { id, label, owner, value, placeholder, offered = [], disabled, autoFocus, width, onCommit } = props;
  const draft = useDraft(owner, value ?? '', readOptionalName, onCommit);
  const list = offered.length > 0 ? `${id}-offered` : undefined;
  return (
    <Field id={id} label={label} problem={draft.problem} narrow>
      <Input
        id={id}
        {...draft.inputProps}
        {...defined({
          list,
          placeholder,
          disabled,
          status: draft.problem ? 'error' : undefined,
          style: width === undefined ? undefined : { width },
        })}
        autoFocus={autoFocus}
        autoComplete="off"
        aria-invalid={draft.problem !== undefined}
        aria-describedby={draft.problem ? `${id}-problem` : undefined}
      />
      {list && (
        <datalist id={list}>
          {offered.map((name) => (
            <option key={name} value={name} />
          ))}
        </datalist>
      )}
    </Field>
  );
}
