'use client';

import { Modal } from 'antd';
import type { HandOver } from '../../records/selectors/handed-over';
import type { RontelDatabase } from '../../store';
import { SendPanel } from './SendPanel';
import { t } from './text';

interface SendDialogProps {
  readonly db: RontelDatabase;
  readonly what: HandOver;
  readonly name: string;
  readonly open: boolean;
  readonly onClose: () => void;
}

/** Sends one thing to another device. */
export function SendDialog({ db, what, name, open, onClose }: SendDialogProps) {
  return (
    <Modal title={t('send.title')} open={open} footer={null} onCancel={onClose} width={640} destroyOnHidden>
      <p>{name}</p>
      <SendPanel db={db} choices={[{ what, name }]} />
    </Modal>
  );
}
