'use client';

import { TextField } from '../../kit/fields/TextField';
import type { Parsed } from '../../kit/fields/useDraft';
import { isCurrency } from '../../records';
import { WORDS } from './words/text';

function readCurrency(text: string): Parsed<string | undefined> {
  const code = text.trim().toUpperCase();
  if (code === '') return { ok: true, value: undefined };
  if (isCurrency(code)) return { ok: true, value: code };
  return {
    ok: false,
    message: WORDS.currencyField.currencyCodeThreeLettersSuch(code.slice(0, 12)),
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
      label={WORDS.currencyField.currency}
      owner={owner}
      text={value ?? ''}
      parse={readCurrency}
      placeholder={WORDS.currencyField.yourOwn}
      narrow
      onCommit={onCommit}
    />
  );
}
