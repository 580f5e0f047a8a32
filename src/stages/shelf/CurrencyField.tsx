'use client';

import { TextField } from '../../kit/fields/TextField';
import type { Parsed } from '../../kit/fields/useDraft';
import { isCurrency } from '../../records';

function readCurrency(text: string): Parsed<string | undefined> {
  const code = text.trim().toUpperCase();
  if (code === '') return { ok: true, value: undefined };
  if (isCurrency(code)) return { ok: true, value: code };
  return {
    ok: false,
    message: `currency “${code.slice(0, 12)}”: three letters, such as EUR`,
    unfinished: /^[A-Z]{1,2}$/.test(code),
  };
}

/** An ISO 4217 code, or nothing where the rider's own money is meant. */
export function CurrencyField({
  owner,
  value,
  onCommit,
}: {
  owner: string;
  value: string | undefined;
  onCommit: (value: string | undefined) => void;
}) {
  return (
    <TextField
      id="part-currency"
      label="Currency"
      owner={owner}
      text={value ?? ''}
      parse={readCurrency}
      placeholder="your own"
      narrow
      onCommit={onCommit}
    />
  );
}
