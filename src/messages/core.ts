import type { Message } from '../core/message';
import en from './en/core.json';
import { sayer } from './say';
import { translator } from './translator';

/** Says what core found, in words. */
export const textOf: (message: Message) => string = sayer(translator('core', en));

/** Says what is wrong with a value, in words. */
export const problemText = ({ message }: { readonly message: Message }): string => textOf(message);
