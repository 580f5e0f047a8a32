import type { Message } from '../../../core/message';
import { textOf } from '../../../messages/core';

/** Returns a message of core for HTTP: its code, its values and its English text. */
export const messageFields = (message: Message) => ({
  code: message.code,
  values: message.values ?? {},
  message: textOf(message),
});
