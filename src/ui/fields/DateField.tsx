'use client';

import { DatePicker } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { isoDayText } from '../format';
import { Field } from './Field';
import { dayFormatShown, DAY_FORMATS, FIRST_DAY, LAST_DAY, readDay } from './read-day';
import { t } from './text';

interface DateFieldProps {
  readonly id: string;
  readonly label: string;
  /** 2026-12-03; empty for no day. */
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** A day, typed or chosen. What is typed and is no day stays in the field, with the reason. */
export function DateField({ id, label, value, onChange }: DateFieldProps) {
  const [problem, setProblem] = useState<string>();
  return (
    <Field id={id} label={label} problem={problem === undefined ? undefined : { message: problem, unfinished: false }}>
      <DatePicker
        id={id}
        value={value === '' ? null : dayjs(value)}
        format={[dayFormatShown(isoDayText), ...DAY_FORMATS]}
        minDate={dayjs(FIRST_DAY)}
        maxDate={dayjs(LAST_DAY)}
        placeholder={t('dateField.suchAs')}
        preserveInvalidOnBlur
        needConfirm={false}
        style={{ width: '100%', minWidth: 138 }}
        {...(problem === undefined ? {} : { status: 'error' as const, 'aria-describedby': `${id}-problem` })}
        onChange={(day) => {
          setProblem(undefined);
          onChange(day ? day.format('YYYY-MM-DD') : '');
        }}
        onBlur={({ target }) => {
          const text = target instanceof HTMLInputElement ? target.value : '';
          const read = readDay(text);
          setProblem(read.ok ? undefined : read.message);
        }}
      />
    </Field>
  );
}
