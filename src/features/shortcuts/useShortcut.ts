'use client';

import { useEffect, useMemo } from 'react';
import { useHotkeys, type Options } from 'react-hotkeys-hook';
import { useStableCallback } from '../../ui/react/useStableCallback';
import { SHORTCUTS, type Keymap, type ShortcutId } from './shortcuts';
import { useKeymap } from './useKeymap';
import { entryOf } from '../../core/items';

/** Handlers by shortcut, of the components on screen. */
const bound = new Map<ShortcutId, Set<() => void>>();

/** Binds a shortcut while the component is mounted. */
export function useShortcut(id: ShortcutId, act: () => void, enabled = true): void {
  const steady = useStableCallback(act);
  useEffect(() => {
    if (!enabled) return;
    const others = bound.get(id) ?? new Set();
    bound.set(id, others.add(steady));
    return () => void others.delete(steady);
  }, [id, enabled, steady]);
}

const idsByKey = (keymap: Keymap, isEverywhere: boolean) =>
  new Map(
    [...keymap]
      .filter(([id]) => SHORTCUTS[id].everywhere === isEverywhere)
      .flatMap(([id, { keys }]) => keys.split(',').map((key) => [key.trim(), id] as const)),
  );

function useKeys(ids: ReadonlyMap<string, ShortcutId>, isEverywhere: boolean): void {
  const actsOf = (hotkey: string) => [...(bound.get(entryOf(ids, hotkey)) ?? [])];
  const options: Options = {
    enableOnFormTags: isEverywhere,
    preventDefault: (_event, { hotkey }) => actsOf(hotkey).length > 0,
    // A field that has handled the key prevents the default.
    ignoreEventWhen: (event) => event.defaultPrevented,
  };
  useHotkeys([...ids.keys()], (_event, { hotkey }) => actsOf(hotkey).forEach((act) => act()), options, [ids]);
}

/** Installs the page's single key listener; one per shortcut would slow down typing. */
export function useShortcutKeys(): void {
  const keymap = useKeymap();
  const everywhere = useMemo(() => idsByKey(keymap, true), [keymap]);
  const onThePage = useMemo(() => idsByKey(keymap, false), [keymap]);
  useKeys(everywhere, true);
  useKeys(onThePage, false);
}
