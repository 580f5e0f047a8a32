'use client';

import { Select } from 'antd';
import { GENERIC_PARTS, SHELF_KINDS, type ShelfKind } from '../../core/shelf';
import { textOf } from '../../messages/core';
import { KIND_TEXT } from '../../kit/shop/words';
import type { Shelf } from './useShelf';
import { t } from './words/text';

const blankKey = (kind: ShelfKind) => `blank-${kind}`;

/** Built-in entries by kind, each kind with a blank one first. */
const OPTIONS = SHELF_KINDS.map((kind) => ({
  label: KIND_TEXT[kind],
  options: [
    { value: blankKey(kind), label: t('addPart.kindBlank', { kind: KIND_TEXT[kind] }) },
    ...GENERIC_PARTS.flatMap((part, i) => (part.kind === kind ? [{ value: String(i), label: textOf(part.name) }] : [])),
  ],
}));

/** Starts an entry from a built-in one. */
export function AddPart({ shelf }: { shelf: Shelf }) {
  const add = (key: string) => {
    const kind = SHELF_KINDS.find((one) => blankKey(one) === key);
    if (kind) return shelf.add({ kind, name: t('addPart.newKind', { kind: KIND_TEXT[kind] }), condition: 'new' });
    const generic = GENERIC_PARTS[Number(key)];
    if (generic) shelf.add({ ...generic, name: textOf(generic.name), condition: 'new' });
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
