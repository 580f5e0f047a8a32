import { NAME_LENGTH_MAX } from '../../records';
import type { Parsed } from '../fields/useDraft';

/** Reads a name that must not be empty. */
export function readName(text: string): Parsed<string> {
  const name = text.trim();
  if (name === '') return { ok: false, message: 'an empty name: type at least one letter', unfinished: true };
  if (name.length > NAME_LENGTH_MAX)
    return { ok: false, message: `a name of ${name.length} characters: at most ${NAME_LENGTH_MAX}` };
  return { ok: true, value: name };
}
