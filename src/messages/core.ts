import type { Message } from '../core/message';
import type { EditName } from './edit-name';
import en from './en/core.json';
import { sayer } from './say';
import { translator } from './translator';

/** Formats a message of core. */
export const textOf: (message: Message) => string = sayer(translator('core', en));

/** Formats a problem with a value. */
export const problemText = ({ message }: { readonly message: Message }): string => textOf(message);

/** Returns the name of an edit of what core has a term for. */
export const editNameOf = (term: Message): EditName => ({
  key: JSON.stringify([term.code, term.values]),
  text: textOf(term),
});
