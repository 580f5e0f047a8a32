import type { Message } from '../../../core/message';
import { textOf } from '../../../messages/core';

/** Returns a message of core as HTTP tells it: its code, what stands in it, and its English. */
export const told = (message: Message) => ({
  code: message.code,
  values: message.values ?? {},
  message: textOf(message),
});
