import { holderOf, keymapOf, pressedKey, SHORTCUTS, SINGLE_KEYS } from './shortcuts';

const press = (code: string, key: string, held: Partial<Record<'ctrlKey' | 'altKey' | 'shiftKey', boolean>> = {}) =>
  pressedKey({ code, key, ctrlKey: false, altKey: false, metaKey: false, shiftKey: false, ...held });

test('no two shortcuts have the same key to begin with', () => {
  const keys = [...keymapOf()].flatMap(([, one]) => one.keys.split(', '));
  expect(new Set(keys).size).toBe(keys.length);
});

test('a key of its own replaces the usual one, and is the one that is shown', () => {
  const keymap = keymapOf({ keys: { compare: { code: 'z', shown: 'Z' } } });
  expect(keymap.get('compare')).toEqual({ keys: 'z', shown: 'Z' });
  expect(keymap.get('gears')).toEqual({ keys: 'g', shown: 'G' });
  expect(holderOf(keymap, 'z', 'gears')).toBe('compare');
  expect(holderOf(keymap, 'z', 'compare')).toBeUndefined();
  expect(holderOf(keymap, 'p', 'gears')).toBeUndefined();
});

test('switched off, only shortcuts with Ctrl are left', () => {
  expect([...keymapOf({ isOff: true }).keys()]).toEqual(['undo', 'redo']);
  expect(SINGLE_KEYS).not.toContain('undo');
  expect(SINGLE_KEYS).toHaveLength(Object.keys(SHORTCUTS).length - 2);
});

test('letters, digits and signs can be a shortcut, with what is printed on them', () => {
  expect(press('KeyZ', 'z')).toEqual({ kind: 'key', code: 'z', shown: 'Z' });
  // As on a keyboard where another letter is printed there.
  expect(press('KeyQ', 'a')).toEqual({ kind: 'key', code: 'q', shown: 'A' });
  expect(press('Digit7', '7')).toEqual({ kind: 'key', code: '7', shown: '7' });
  expect(press('BracketLeft', '[')).toEqual({ kind: 'key', code: 'bracketleft', shown: '[' });
});

test.each([
  ['ArrowDown', 'ArrowDown'],
  ['Tab', 'Tab'],
  ['Escape', 'Escape'],
  ['Space', ' '],
  ['F5', 'F5'],
  ['PageUp', 'PageUp'],
  ['', 'Unidentified'],
])('the key %s moves, leaves or is unknown, and cannot be one', (code, key) => {
  expect(press(code, key)).toEqual({ kind: 'reserved' });
});
