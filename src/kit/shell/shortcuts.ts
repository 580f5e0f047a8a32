/** Every key that does something, once: the help lists just these. `keys` is in the hotkey package's notation. */
export const SHORTCUTS = {
  undo: { keys: 'mod+z', shown: 'Ctrl Z', what: 'Undo', everywhere: true },
  redo: { keys: 'mod+shift+z, mod+y', shown: 'Ctrl Shift Z', what: 'Redo', everywhere: true },
  setup: { keys: 's', shown: 'S', what: 'Type the setup', everywhere: false },
  quantity: { keys: 'q', shown: 'Q', what: 'Next quantity in table and ladder', everywhere: false },
  reading: { keys: 'r', shown: 'R', what: 'Next reading of steps', everywhere: false },
  route: { keys: 'w', shown: 'W', what: 'Next way through the gears', everywhere: false },
  link: { keys: 'l', shown: 'L', what: 'Copy a link to this setup', everywhere: false },
  csv: { keys: 'c', shown: 'C', what: 'Save the gear table as CSV', everywhere: false },
  gears: { keys: 'g', shown: 'G', what: 'Go to Gears', everywhere: false },
  data: { keys: 'd', shown: 'D', what: 'Go to Data', everywhere: false },
  help: { keys: 'shift+slash, shift+?', shown: '?', what: 'This list', everywhere: false },
} as const;

export type ShortcutId = keyof typeof SHORTCUTS;

/** Keys that belong to one picture, not to the page. */
export const LOCAL_KEYS = [
  { shown: '← →', what: 'In the ladder: easier or harder gear' },
  { shown: '↑ ↓', what: 'In the ladder: the other ring' },
  { shown: 'Esc', what: 'In a field: drop what cannot be read. Elsewhere: close the working' },
] as const;

/** A tooltip that names the key as well. */
export function withKey(text: string, id: ShortcutId): string {
  return `${text} (${SHORTCUTS[id].shown})`;
}
