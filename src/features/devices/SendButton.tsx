'use client';

import { Button } from 'antd';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { HandOver } from '../../records/selectors/handed-over';
import { useDb } from '../../store';
import { t } from './text';

const SendDialog = dynamic(() => import('./SendDialog').then((module) => module.SendDialog), { ssr: false });

/** Opens the dialog that sends one thing to another device. */
export function SendButton({ what, name }: { what: HandOver; name: string }) {
  const db = useDb();
  // Undefined until first opened: the code loads then, and the dialog stays mounted so that focus can return.
  const [isOpen, setIsOpen] = useState<boolean>();
  return (
    <>
      <Button size="small" data-testid="send" onClick={() => setIsOpen(true)}>
        {t('send.button')}
      </Button>
      {isOpen !== undefined && (
        <SendDialog db={db} what={what} name={name} open={isOpen} onClose={() => setIsOpen(false)} />
      )}
    </>
  );
}
