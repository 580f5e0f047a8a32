import type { CoreMessages } from './message-values';

/** What stands in a sentence: a number, a name, another message, or several of them. */
export type MessageValue = string | number | Message | readonly (string | Message)[];

/** Names a sentence of the catalogue. */
export type MessageCode = keyof CoreMessages;

/** What is to be said, as the code of a sentence and what stands in it. The words are the catalogue's. */
export interface Message {
  readonly code: MessageCode;
  /** By name; left out where nothing stands in it. */
  readonly values?: Readonly<Record<string, MessageValue>>;
}

/** Makes a message, its values checked by the types of the catalogue. */
export function message<Code extends MessageCode>(
  code: Code,
  ...[values]: CoreMessages[Code] extends null ? [] : [values: CoreMessages[Code]]
): Message {
  return values === undefined ? { code } : { code, values: values as Message['values'] & {} };
}
