'use client';

import { Input, Modal } from 'antd';
import { Field } from '../../ui/fields/Field';
import { useDraft } from '../../ui/fields/useDraft';
import { readName } from '../workspace/read-name';
import { t } from './text';

interface RenameDialogProps {
  readonly id: string;
  readonly title: string;
  /** Names the record whose name it is. */
  readonly owner: string;
  readonly name: string;
  readonly open: boolean;
  readonly onCommit: (name: string) => void;
  readonly onClose: () => void;
}

/** A name, kept as it is typed. */
export function RenameDialog({ title, open, onClose, ...field }: RenameDialogProps) {
  return (
    <Modal title={title} open={open} onCancel={onClose} footer={null} destroyOnHidden width={420}>
      <NameField {...field} onDone={onClose} />
    </Modal>
  );
}

function NameField({
  id,
  owner,
  name,
  onCommit,
  onDone,
}: Pick<RenameDialogProps, 'id' | 'owner' | 'name' | 'onCommit'> & { onDone: () => void }) {
  const draft = useDraft(owner, name, readName, onCommit);
  return (
    <Field id={id} label={t('renameDialog.label')} problem={draft.problem}>
      <Input
        id={id}
        {...draft.inputProps}
        autoFocus
        onPressEnter={(event) => {
          // Else the key also presses the button that the focus returns to.
          event.preventDefault();
          if (!draft.problem) onDone();
        }}
      />
    </Field>
  );
}
