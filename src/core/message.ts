import type { CoreMessages, DrillMessages } from './message-values';

type AllMessages = CoreMessages & DrillMessages;

/** What stands in a sentence: a number, a name, another message, or several of them. */
export type MessageValue = string | number | AnyMessage | readonly (string | AnyMessage)[];

/** Names a sentence of the catalogue. */
export type MessageCode = keyof CoreMessages;
export type DrillCode = keyof DrillMessages;

/** What is to be said, as the code of a sentence and what stands in it. The words are the catalogue's. */
export interface Message<Code extends keyof AllMessages = MessageCode> {
  readonly code: Code;
  /** By name; left out where nothing stands in it. */
  readonly values?: Readonly<Record<string, MessageValue>>;
}

export type AnyMessage = Message<keyof AllMessages>;

/** Makes a message, its values checked by the types of the catalogue. */
export function message<Code extends keyof AllMessages>(
  code: Code,
  ...[values]: AllMessages[Code] extends null ? [] : [values: AllMessages[Code]]
): Message<Code> {
  return values === undefined ? { code } : { code, values: values as Readonly<Record<string, MessageValue>> };
}
