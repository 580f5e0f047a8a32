/** Every key that does something, once: the help lists just these. `keys` is in the hotkey package's notation. */
export const SHORTCUTS = {
  undo: { keys: 'mod+z', shown: 'Ctrl Z', what: 'Undo', everywhere: true },
  redo: { keys: 'mod+shift+z, mod+y', shown: 'Ctrl Shift Z', what: 'Redo', everywhere: true },
  brief: { keys: 'b', shown: 'B', what: 'Go to Needs', everywhere: false },
  gears: { keys: 'g', shown: 'G', what: 'Go to Gears', everywhere: false },
  compare: { keys: 'p', shown: 'P', what: 'Go to Compare', everywhere: false },
  find: { keys: 'h', shown: 'H', what: 'Go to Find', everywhere: false },
  rides: { keys: 'i', shown: 'I', what: 'Go to Rides', everywhere: false },
  fit: { keys: 'f', shown: 'F', what: 'Go to Compatibility', everywhere: false },
  swapStage: { keys: 'j', shown: 'J', what: 'Go to Jobs', everywhere: false },
  schedule: { keys: 't', shown: 'T', what: 'Go to Schedule', everywhere: false },
  log: { keys: 'o', shown: 'O', what: 'Go to Log', everywhere: false },
  shelf: { keys: 'a', shown: 'A', what: 'Go to Parts', everywhere: false },
  data: { keys: 'd', shown: 'D', what: 'Go to Settings and data', everywhere: false },
  learn: { keys: 'u', shown: 'U', what: 'Go to Learn', everywhere: false },
  setup: { keys: 's', shown: 'S', what: 'Type the setup', everywhere: false },
  candidate: { keys: 'n', shown: 'N', what: 'Add a setup (copy of the selected one)', everywhere: false },
  setupA: { keys: '1', shown: '1', what: 'Select setup A', everywhere: false },
  setupB: { keys: '2', shown: '2', what: 'Select setup B', everywhere: false },
  setupC: { keys: '3', shown: '3', what: 'Select setup C', everywhere: false },
  setupD: { keys: '4', shown: '4', what: 'Select setup D', everywhere: false },
  earlier: { keys: 'bracketleft', shown: '[', what: 'Move the setup one place to the left', everywhere: false },
  later: { keys: 'bracketright', shown: ']', what: 'Move the setup one place to the right', everywhere: false },
  swap: { keys: 'x', shown: 'X', what: 'Swap A with B', everywhere: false },
  details: { keys: 'e', shown: 'E', what: 'Edit the details of the setup', everywhere: false },
  quantity: { keys: 'q', shown: 'Q', what: 'Change the unit shown in the table and ladder', everywhere: false },
  reading: { keys: 'r', shown: 'R', what: 'Change how steps are shown', everywhere: false },
  route: { keys: 'w', shown: 'W', what: 'Change which gears the step list follows', everywhere: false },
  view: { keys: 'v', shown: 'V', what: 'Next view of the setup, or of Learn', everywhere: false },
  search: { keys: 'slash', shown: '/', what: 'Search parts or the log', everywhere: false },
  glossary: { keys: 'm', shown: 'M', what: 'Glossary: terms on this page', everywhere: false },
  link: { keys: 'l', shown: 'L', what: 'Copy a link to this setup', everywhere: false },
  csv: { keys: 'c', shown: 'C', what: 'Save the table as CSV', everywhere: false },
  print: {
    keys: 'k',
    shown: 'K',
    what: 'Print the gear card, the comparison, the job card, the history or the worksheet',
    everywhere: false,
  },
  help: { keys: 'shift+slash, shift+?', shown: '?', what: 'Keyboard shortcuts', everywhere: false },
} as const;

export type ShortcutId = keyof typeof SHORTCUTS;

/** Keys that belong to one picture, not to the page. */
export const LOCAL_KEYS = [
  { shown: '↑ ↓', what: 'In the ladder: harder or easier gear' },
  { shown: '← →', what: 'In the ladder: the other ring or setup' },
  { shown: 'Esc', what: 'In a field: discard an invalid entry, or leave the field. Elsewhere: close the explanation' },
] as const;

/** A tooltip that names the key as well. */
export function withKey(text: string, id: ShortcutId): string {
  return `${text} (${SHORTCUTS[id].shown})`;
}
