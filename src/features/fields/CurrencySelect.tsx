'use client';

import { Select } from 'antd';
import { t } from './text';
import styles from '../../ui/fields/Field.module.css';
import { defined } from '../../core/optional';

interface CurrencySelectProps {
  readonly id?: string;
  readonly label?: string;
  readonly value: string | undefined;
  /** What holds while nothing is chosen. */
  readonly placeholder: string;
  readonly small?: boolean;
  readonly onChoose: (code: string | undefined) => void;
}

/** Selects a currency by code or name. */
export function CurrencySelect({ id, label, value, placeholder, small = false, onChoose }: CurrencySelectProps) {
  return (
    <Select<string>
      {...defined({ id, className: styles.currency, value })}
      aria-label={label}
      size={small ? 'small' : 'middle'}
      showSearch={{ optionFilterProp: 'label' }}
      allowClear
      popupMatchSelectWidth={false}
      placeholder={placeholder}
      options={currencies()}
      labelRender={({ value: code }) => code}
      notFoundContent={t('currencySelect.noSuchCurrency')}
      onChange={(code: string | undefined) => onChoose(code)}
    />
  );
}

/** Lists each currency as "EUR – Euro", by its code. */
function currencies(): { value: string; label: string }[] {
  const names = new Intl.DisplayNames(undefined, { type: 'currency' });
  return Intl.supportedValuesOf('currency').map((code) => ({
    value: code,
    label: `${code} – ${names.of(code) ?? code}`,
  }));
}
