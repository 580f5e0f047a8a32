'use client';

import { createContext, use, useMemo, type ReactNode } from 'react';
import { useWorkspace } from '../workspace/WorkspaceProvider';
import { keymapOf, type Keymap, type ShortcutId } from './shortcuts';

const KeymapContext = createContext<Keymap>(keymapOf());

/** Gives what is below it the keys that work now. */
export function KeymapProvider({ children }: { children: ReactNode }) {
  const state = useWorkspace();
  const settings = state.kind === 'ready' ? state.preferences.shortcuts : undefined;
  return <KeymapContext value={useMemo(() => keymapOf(settings), [settings])}>{children}</KeymapContext>;
}

export function useKeymap(): Keymap {
  return use(KeymapContext);
}

/** Returns what puts a shortcut's key behind a text, for tooltips. */
export function useWithKey(): (text: string, id: ShortcutId) => string {
  const keymap = useKeymap();
  return (text, id) => {
    const shown = keymap.get(id)?.shown;
    return shown === undefined ? text : `${text} (${shown})`;
  };
}
