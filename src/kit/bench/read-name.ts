import { NAME_LENGTH_MAX } from '../../records';
import type { Parsed } from '../fields/useDraft';
import { WORDS } from './text';

/** Reads a name that must not be empty. */
export function readName(text: string): Parsed<string> {
  const name = text.trim();
  if (name === '') return { ok: false, message: WORDS.readName.anEmptyNameTypeAt, unfinished: true };
  if (name.length > NAME_LENGTH_MAX)
    return { ok: false, message: WORDS.readName.aNameOfCountCharacters(name.length, NAME_LENGTH_MAX) };
  return { ok: true, value: name };
}
