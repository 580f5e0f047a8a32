'use client';

import { Select } from 'antd';
import { GENERIC_PARTS, STOCK_KINDS, type StockKind } from '../../core/parts';
import { textOf } from '../../messages/core';
import { KIND_TEXT } from '../../features/workshop/words';
import type { Stock } from './useParts';
import { t } from './text';

const blankKey = (kind: StockKind) => `blank-${kind}`;

/** Built-in entries by kind, each kind with a blank one first. */
const OPTIONS = STOCK_KINDS.map((kind) => ({
  label: KIND_TEXT[kind],
  options: [
    { value: blankKey(kind), label: t('addPart.kindBlank', { kind: KIND_TEXT[kind] }) },
    ...GENERIC_PARTS.flatMap((part, i) => (part.kind === kind ? [{ value: String(i), label: textOf(part.name) }] : [])),
  ],
}));

/** Starts an entry from a built-in one. */
export function AddPart({ stock }: { stock: Stock }) {
  const add = (key: string) => {
    const kind = STOCK_KINDS.find((one) => blankKey(one) === key);
    if (kind) {
      stock.add({ kind, name: t('addPart.newKind', { kind: KIND_TEXT[kind] }), condition: 'new' });
      return;
    }
    const generic = GENERIC_PARTS[Number(key)];
    if (generic) stock.add({ ...generic, name: textOf(generic.name), condition: 'new' });
  };
  return (
    <Select<string | null>
      showSearch={{ optionFilterProp: 'label' }}
      size="small"
      id="add-part"
      aria-label={t('addPart.addAPart')}
      placeholder={t('addPart.addAPartMore')}
      style={{ width: 230 }}
      popupMatchSelectWidth={300}
      value={null}
      options={OPTIONS}
      onSelect={(key) => key !== null && add(key)}
    />
  );
}
