'use client';

import { useHotkeys } from 'react-hotkeys-hook';
import { SHORTCUTS, type ShortcutId } from './shortcuts';

/** Binds one of the listed keys while the caller is on screen. */
export function useShortcut(id: ShortcutId, act: () => void, enabled = true): void {
  const { keys, everywhere } = SHORTCUTS[id];
  useHotkeys(
    keys,
    act,
    {
      enabled,
      enableOnFormTags: everywhere,
      preventDefault: true,
      // A field that has already dealt with the key keeps it to itself.
      ignoreEventWhen: (event) => event.defaultPrevented,
    },
    [act],
  );
}
