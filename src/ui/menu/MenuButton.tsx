'use client';

import { Button, Dropdown, type ButtonProps, type MenuProps } from 'antd';
import { useRef, useState } from 'react';
import { landmarkOf } from './landmark-of';

type Items = NonNullable<MenuProps['items']>;

interface MenuButtonProps extends Omit<ButtonProps, 'onClick'> {
  readonly items: Items;
  /** Names the button for those who do not see its icon. */
  readonly 'aria-label': string;
}

/**
 * A button that opens a menu. The first entry has the focus then, arrow keys lead on, Escape or a choice closes the menu and
 * leaves the focus on the button.
 */
export function MenuButton({ items, disabled = false, ...button }: MenuButtonProps) {
  const [isOpen, setOpen] = useState(false);
  const opener = useRef<HTMLButtonElement>(null);
  return (
    <Dropdown
      trigger={['click']}
      disabled={disabled}
      open={isOpen}
      onOpenChange={(next) => setOpen(next)}
      autoFocus
      // Within a landmark of the page, as all else that is read.
      getPopupContainer={(button) => landmarkOf(button)}
      menu={{
        items,
        // A dialog that an entry opens returns the focus to where it was: to the button.
        onClick: ({ domEvent }) => {
          // Else the key that chose the entry presses the button as well.
          domEvent.preventDefault();
          opener.current?.focus();
        },
      }}
    >
      <Button {...button} ref={opener} disabled={disabled} aria-haspopup="menu" aria-expanded={isOpen} />
    </Dropdown>
  );
}
