import type { CoreMessages, DrillMessages } from './message-values';

type AllMessages = CoreMessages & DrillMessages;

/** A value of a message: a number, a name, another message, or several of them. */
export type MessageValue = string | number | AnyMessage | readonly (string | AnyMessage)[];

/** Names a sentence of the catalogue. */
export type MessageCode = keyof CoreMessages;
export type DrillCode = keyof DrillMessages;

/** A message: a code of the catalogue with its values. */
export interface Message<Code extends keyof AllMessages = MessageCode> {
  readonly code: Code;
  /** By name; absent where the message has none. */
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
