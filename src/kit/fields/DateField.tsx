'use client';

import { Input } from 'antd';
import { Field } from './Field';

interface DateFieldProps {
  readonly id: string;
  readonly label: string;
  /** 2026-12-03; empty for no day. */
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** A day by the browser's own picker, which phones make large. */
export function DateField({ id, label, value, onChange }: DateFieldProps) {
  return (
    <Field id={id} label={label}>
      <Input
        id={id}
        type="date"
        value={value}
        style={{ height: 30 }}
        onChange={({ target }) => onChange(target.value)}
      />
    </Field>
  );
}
