'use client';

import { Input } from 'antd';
import { NOTE_LENGTH_MAX } from '../../records';
import { Field } from '../../ui/fields/Field';
import { useDraft, type Parsed } from '../../ui/fields/useDraft';
import { t } from './text';
import { defined } from '../../core/optional';

interface NoteFieldProps {
  readonly id: string;
  readonly label: string;
  /** Names the record that the note belongs to. */
  readonly owner: string;
  readonly value: string | undefined;
  readonly placeholder?: string;
  readonly onCommit: (value: string | undefined) => void;
}

function readNote(text: string): Parsed<string | undefined> {
  if (text.length > NOTE_LENGTH_MAX) {
    return {
      ok: false,
      message: t('noteField.aNoteOfCountCharacters', { count: text.length, noteLengthMax: NOTE_LENGTH_MAX }),
    };
  }
  return { ok: true, value: text.trim() === '' ? undefined : text };
}

/** A few sentences that may be left out, kept as typed. */
export function NoteField({ id, label, owner, value, placeholder, onCommit }: NoteFieldProps) {
  const draft = useDraft(owner, value ?? '', readNote, onCommit);
  return (
    <Field id={id} label={label} problem={draft.problem}>
      <Input.TextArea
        id={id}
        {...draft.inputProps}
        autoSize={{ minRows: 2, maxRows: 8 }}
        {...defined({ placeholder, status: draft.problem ? 'error' : undefined })}
        aria-invalid={draft.problem !== undefined}
        aria-describedby={draft.problem ? `${id}-problem` : undefined}
      />
    </Field>
  );
}
