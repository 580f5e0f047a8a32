'use client';

import type { ReactNode } from 'react';
import type { Bounds } from '../../core/numbers';
import { readTeethList } from '../../formats/teeth-list';
import { TextField } from '../../ui/fields/TextField';
import type { Parsed } from '../../ui/fields/useDraft';
import { t } from './text';

interface TeethFieldProps {
  readonly id: string;
  readonly label: ReactNode;
  readonly owner: string;
  readonly value: readonly number[] | undefined;
  readonly bounds: Bounds;
  readonly placeholder: string;
  readonly disabled?: boolean;
  readonly onCommit: (teeth: readonly number[] | undefined) => void;
}

/** Several tooth counts in one line; empty means not set. */
export function TeethField({ value, bounds, ...field }: TeethFieldProps) {
  const parse = (text: string): Parsed<readonly number[] | undefined> => {
    const read = readTeethList(text, bounds);
    if (!read.ok) {
      const message = t('teethField.enterToothCountsSeparated', {
        wrong: read.wrong.slice(0, 12),
        min: bounds.min,
        max: bounds.max,
      });
      // Typing "30" passes through "3", which was never intended.
      return { ok: false, message, unfinished: /^\d$/.test(read.wrong) };
    }
    return { ok: true, value: read.teeth.length > 0 ? read.teeth : undefined };
  };
  return <TextField {...field} text={value?.join(', ') ?? ''} parse={parse} />;
}
