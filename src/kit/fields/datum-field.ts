import type { DatumRule } from '../../core/fit';
import { capital } from '../format';
import { textOf } from '../../messages/core';
import { t } from './text';

interface DatumFieldOptions {
  /** What is reckoned with until it is known; nothing where it is left out. */
  readonly assumed?: number | undefined;
  readonly label?: string | undefined;
}

/** How a number of a sheet is asked for. */
export function datumFieldProps({ term, unit, bounds, whole }: DatumRule, { assumed, label }: DatumFieldOptions = {}) {
  return {
    label: label ?? capital(textOf(term)),
    term: textOf(term),
    unit,
    bounds,
    whole,
    placeholder: assumed === undefined ? t('datumField.notKnown') : t('datumField.assumed', { assumed }),
    optional: true,
  } as const;
}
