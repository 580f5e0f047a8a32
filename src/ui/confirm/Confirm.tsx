'use client';

import { Popconfirm, type PopconfirmProps } from 'antd';
import { useRef } from 'react';
import { landmarkOf } from '../menu/landmark-of';

/** Asks before something is done. The focus is on the answer while it asks, and afterwards where it was. */
export function Confirm(props: PopconfirmProps) {
  const opener = useRef<HTMLElement | undefined>(undefined);
  const follow = (isOpen: boolean) => {
    if (isOpen) {
      opener.current = document.activeElement instanceof HTMLElement ? document.activeElement : undefined;
      return;
    }
    // What was asked about may be gone with its button.
    const goal = opener.current?.isConnected ? opener.current : document.querySelector<HTMLElement>('main');
    goal?.focus({ preventScroll: true });
  };
  return (
    <Popconfirm {...props} okButtonProps={{ autoFocus: true }} getPopupContainer={landmarkOf} onOpenChange={follow} />
  );
}
