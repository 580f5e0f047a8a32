'use client';

import type { ReactNode } from 'react';
import type { Bounds } from '../../core/gears';
import { readTeethList } from '../../formats/teeth-list';
import { TextField } from '../../kit/fields/TextField';
import type { Parsed } from '../../kit/fields/useDraft';
import { t } from './words/text';

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

/** Several tooth counts in one line; nothing typed is none said. */
export function TeethField({ value, bounds, ...field }: TeethFieldProps) {
  const parse = (text: string): Parsed<readonly number[] | undefined> => {
    const read = readTeethList(text, bounds);
    if (!read.ok) {
      const message = t('teethField.wrongTeethAreWholeNumbers', {
        wrong: read.wrong.slice(0, 12),
        min: bounds.min,
        max: bounds.max,
      });
      // On the way to "30" there is a "3" that nobody meant.
      return { ok: false, message, unfinished: /^\d$/.test(read.wrong) };
    }
    return { ok: true, value: read.teeth.length > 0 ? read.teeth : undefined };
  };
  return <TextField {...field} text={value?.join(', ') ?? ''} parse={parse} />;
}
