import type { DatumRule } from '../../core/fit';
import { capital } from '../../ui/format';
import { textOf } from '../../messages/core';
import { t } from './text';

interface DatumFieldOptions {
  /** The assumed value, if any. */
  readonly assumed?: number | undefined;
  readonly label?: string | undefined;
}

/** Properties of a number field for a datum. */
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
