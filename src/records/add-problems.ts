import type { z } from 'zod';
import type { Message } from '../core/message';
import { textOf } from '../messages/core';

/** Adds the problems that core finds with a value to a Zod context: the sentence, and in `params` its code and values. */
export function addProblems(
  context: z.RefinementCtx,
  problems: readonly { readonly path: readonly (string | number)[]; readonly message: Message }[],
): void {
  for (const { path, message } of problems) {
    context.addIssue({ code: 'custom', path: [...path], message: textOf(message), params: { ...message } });
  }
}
