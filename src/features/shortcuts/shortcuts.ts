import type { ShortcutSettings } from '../../records';
import { t } from './text';

/** All keyboard shortcuts, as listed in the help. `keys` is in the notation of the hotkey package. */
export const SHORTCUTS = {
  undo: { keys: 'mod+z', shown: 'Ctrl Z', what: t('shortcuts.undo.what'), everywhere: true },
  redo: { keys: 'mod+shift+z, mod+y', shown: 'Ctrl Shift Z', what: t('shortcuts.redo.what'), everywhere: true },
  needs: { keys: 'b', shown: 'B', what: t('shortcuts.needs.what'), everywhere: false },
  gears: { keys: 'g', shown: 'G', what: t('shortcuts.gears.what'), everywhere: false },
  compare: { keys: 'p', shown: 'P', what: t('shortcuts.compare.what'), everywhere: false },
  find: { keys: 'h', shown: 'H', what: t('shortcuts.find.what'), everywhere: false },
  rides: { keys: 'i', shown: 'I', what: t('shortcuts.rides.what'), everywhere: false },
  compatibility: { keys: 'f', shown: 'F', what: t('shortcuts.compatibility.what'), everywhere: false },
  jobs: { keys: 'j', shown: 'J', what: t('shortcuts.jobs.what'), everywhere: false },
  schedule: { keys: 't', shown: 'T', what: t('shortcuts.schedule.what'), everywhere: false },
  log: { keys: 'o', shown: 'O', what: t('shortcuts.log.what'), everywhere: false },
  parts: { keys: 'a', shown: 'A', what: t('shortcuts.parts.what'), everywhere: false },
  settings: { keys: 'd', shown: 'D', what: t('shortcuts.settings.what'), everywhere: false },
  devices: { keys: 'y', shown: 'Y', what: t('shortcuts.devices.what'), everywhere: false },
  learn: { keys: 'u', shown: 'U', what: t('shortcuts.learn.what'), everywhere: false },
  setup: { keys: 's', shown: 'S', what: t('shortcuts.setup.what'), everywhere: false },
  candidate: { keys: 'n', shown: 'N', what: t('shortcuts.candidate.what'), everywhere: false },
  setupA: { keys: '1', shown: '1', what: t('shortcuts.setupA.what'), everywhere: false },
  setupB: { keys: '2', shown: '2', what: t('shortcuts.setupB.what'), everywhere: false },
  setupC: { keys: '3', shown: '3', what: t('shortcuts.setupC.what'), everywhere: false },
  setupD: { keys: '4', shown: '4', what: t('shortcuts.setupD.what'), everywhere: false },
  earlier: { keys: 'bracketleft', shown: '[', what: t('shortcuts.earlier.what'), everywhere: false },
  later: { keys: 'bracketright', shown: ']', what: t('shortcuts.later.what'), everywhere: false },
  swap: { keys: 'x', shown: 'X', what: t('shortcuts.swap.what'), everywhere: false },
  details: { keys: 'e', shown: 'E', what: t('shortcuts.details.what'), everywhere: false },
  quantity: { keys: 'q', shown: 'Q', what: t('shortcuts.quantity.what'), everywhere: false },
  reading: { keys: 'r', shown: 'R', what: t('shortcuts.reading.what'), everywhere: false },
  route: { keys: 'w', shown: 'W', what: t('shortcuts.route.what'), everywhere: false },
  view: { keys: 'v', shown: 'V', what: t('shortcuts.view.what'), everywhere: false },
  search: { keys: 'slash', shown: '/', what: t('shortcuts.search.what'), everywhere: false },
  glossary: { keys: 'm', shown: 'M', what: t('shortcuts.glossary.what'), everywhere: false },
  link: { keys: 'l', shown: 'L', what: t('shortcuts.link.what'), everywhere: false },
  csv: { keys: 'c', shown: 'C', what: t('shortcuts.csv.what'), everywhere: false },
  print: {
    keys: 'k',
    shown: 'K',
    what: t('shortcuts.print.what'),
    everywhere: false,
  },
  // eslint-disable-next-line no-restricted-syntax -- keys in the notation of the hotkey package, no words
  help: { keys: 'shift+slash, shift+?', shown: '?', what: t('shortcuts.help.what'), everywhere: false },
} as const;

export type ShortcutId = keyof typeof SHORTCUTS;

/** Keys that work within one drawing. */
export const LOCAL_KEYS = [
  { shown: '↑ ↓', what: t('shortcuts.localKeys.what') },
  { shown: '← →', what: t('shortcuts.localKeys.whatWords.inTheLadderTheRing2') },
  { shown: 'Esc', what: t('shortcuts.localKeys.whatWords.inAFieldDiscardAn2') },
] as const;

/** Shortcuts of one key, which a person may switch off or give another key; the others need Ctrl. */
export const SINGLE_KEYS: readonly ShortcutId[] = (Object.keys(SHORTCUTS) as ShortcutId[]).filter(
  (id) => !SHORTCUTS[id].everywhere,
);

/** What works now, by the shortcut: its keys in the notation of the hotkey package, and as they are shown. */
export type Keymap = ReadonlyMap<ShortcutId, { readonly keys: string; readonly shown: string }>;

/** The keys that work with a person's settings; those of one key are absent where they are switched off. */
export function keymapOf(settings: ShortcutSettings = {}): Keymap {
  const ids = Object.keys(SHORTCUTS) as ShortcutId[];
  return new Map(
    ids
      .filter((id) => SHORTCUTS[id].everywhere || settings.isOff !== true)
      .map((id) => {
        const own = settings.keys?.[id];
        const { keys, shown } = SHORTCUTS[id];
        return [id, own ? { keys: own.code, shown: own.shown } : { keys, shown }];
      }),
  );
}

/** A key that was pressed to become a shortcut's own, or why it cannot. */
type PressedKey =
  | { readonly kind: 'key'; readonly code: string; readonly shown: string }
  | { readonly kind: 'modified' | 'reserved' | 'nothing' };

/** Keys that move, type or leave, wherever they are pressed. */
const RESERVED = /^(tab|enter|escape|space|backspace|delete|home|end|insert|contextmenu|arrow|page|f\d|caps)/;
/** Held with another key; alone they mean nothing yet. */
const MODIFIERS = /^(shift|control|alt|meta|os)/;

/** Reads a key press, with the code that the hotkey package goes by. */
export function pressedKey({ code, key, ctrlKey, altKey, metaKey, shiftKey }: KeyPress): PressedKey {
  const name = code.toLowerCase().replace(/^(key|digit|numpad)/, '');
  if (MODIFIERS.test(name)) return { kind: 'nothing' };
  if (RESERVED.test(name) || !/^[a-z0-9]+$/.test(name)) return { kind: 'reserved' };
  if (ctrlKey || altKey || metaKey || shiftKey) return { kind: 'modified' };
  return { kind: 'key', code: name, shown: key.length === 1 ? key.toUpperCase() : key };
}

/** What is needed of a keyboard event. */
type KeyPress = Pick<KeyboardEvent, 'code' | 'key' | 'ctrlKey' | 'altKey' | 'metaKey' | 'shiftKey'>;

/** The other shortcut that has a key already. */
export function holderOf(keymap: Keymap, code: string, besides: ShortcutId): ShortcutId | undefined {
  return SINGLE_KEYS.find((id) => id !== besides && keymap.get(id)?.keys.split(', ').includes(code));
}
