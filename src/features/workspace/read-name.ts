import { NAME_LENGTH_MAX } from '../../records';
import type { Parsed } from '../../ui/fields/useDraft';
import { t } from './text';

/** Reads a name that must not be empty. */
export function readName(text: string): Parsed<string> {
  const name = text.trim();
  if (name === '') return { ok: false, message: t('readName.nameEmptyEnterLeast'), unfinished: true };
  if (name.length > NAME_LENGTH_MAX)
    return {
      ok: false,
      message: t('readName.aNameOfCountCharacters', { count: name.length, nameLengthMax: NAME_LENGTH_MAX }),
    };
  return { ok: true, value: name };
}
