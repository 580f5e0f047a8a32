'use client';

import { EllipsisOutlined } from '@ant-design/icons';
import { Select, type MenuProps } from 'antd';
import { useState } from 'react';
import { defined } from '../../core/optional';
import { MenuButton } from '../../ui/menu/MenuButton';
import { RenameDialog } from './RenameDialog';
import { t } from './text';

interface NamedRecord {
  readonly id: string;
  readonly name: string;
}

interface RecordPickerProps<T extends NamedRecord> {
  readonly id: string;
  /** Says what is selected, where no label stands beside it. */
  readonly label?: string;
  readonly records: readonly T[];
  readonly selected: T;
  readonly onChoose: (id: string) => void;
  readonly disabled?: boolean;
  /** Without a frame, for a line of text. */
  readonly isPlain?: boolean;
  readonly className?: string | undefined;
  readonly width?: number;
  readonly menuLabel: string;
  /** What the menu offers between renaming and deleting. */
  readonly actions: NonNullable<MenuProps['items']>;
  readonly renameTitle: string;
  /** Names the record in the field of its name; its id if omitted. */
  readonly owner?: string;
  readonly onRename: (name: string) => void;
  readonly onDelete: () => void;
  readonly canDelete?: boolean;
}

/** Selects one of several named records; a menu beside it renames, deletes and does what else there is. */
export function RecordPicker<T extends NamedRecord>(props: RecordPickerProps<T>) {
  const { id, label, records, selected, onChoose, disabled = false, isPlain = false, className, width } = props;
  const { menuLabel, actions, renameTitle, owner = selected.id, onRename, onDelete, canDelete = true } = props;
  const [renaming, setRenaming] = useState(false);
  return (
    <>
      <Select
        id={id}
        aria-label={label}
        {...defined({
          className,
          size: isPlain ? ('small' as const) : undefined,
          variant: isPlain ? ('borderless' as const) : undefined,
          style: width === undefined ? undefined : { width },
        })}
        value={selected.id}
        disabled={disabled}
        popupMatchSelectWidth={false}
        options={records.map((record) => ({ value: record.id, label: record.name }))}
        onChange={onChoose}
      />
      <MenuButton
        items={[
          { key: 'rename', label: t('rename'), onClick: () => setRenaming(true) },
          ...actions,
          { type: 'divider' },
          {
            key: 'delete',
            label: t('delete', { name: selected.name }),
            disabled: !canDelete,
            onClick: onDelete,
          },
        ]}
        disabled={disabled}
        {...defined({
          type: isPlain ? ('text' as const) : undefined,
          size: isPlain ? ('small' as const) : undefined,
        })}
        icon={<EllipsisOutlined />}
        aria-label={menuLabel}
        title={menuLabel}
      />
      <RenameDialog
        id={`${id}-name`}
        title={renameTitle}
        owner={owner}
        name={selected.name}
        open={renaming}
        onCommit={onRename}
        onClose={() => setRenaming(false)}
      />
    </>
  );
}
