import en from './en/undo.json';
import type { Messages } from './keys';
import { translator } from './translator';

/** A key of the names that fields have in undo. */
type UndoKey = keyof Messages['undo'];

/**
 * What an edit is of. It has an identity, by which edits of one field in quick succession become one step of undo, and a
 * text for the button. `of` distinguishes fields of one name, such as the prices of several parts.
 */
export type EditName =
  UndoKey | { readonly undo: UndoKey; readonly of: string } | { readonly key: string; readonly text: string };

const t = translator('undo', en);

/** Returns the identity of what is edited. */
export function editKey(name: EditName): string {
  if (typeof name === 'string') return name;
  return 'undo' in name ? `${name.undo} ${name.of}` : name.key;
}

/** Returns the name of what is edited, for the tooltip of undo. */
export function editText(name: EditName): string {
  if (typeof name === 'string') return t(name);
  return 'undo' in name ? t(name.undo) : name.text;
}

/** Returns the name of a record's field; undefined where it has none. @param group such as `part`, empty for bikes and setups */
export function fieldText(group: '' | 'part' | 'job' | 'step', field: string): string | undefined {
  const names = (group === '' ? en : en[group]) as Readonly<Record<string, unknown>>;
  return typeof names[field] === 'string' ? names[field] : undefined;
}
