import type { z } from 'zod';

/** Hands what core says of a value to Zod, so that each rule and its wording stand once, in core. */
export function addProblems(
  context: z.RefinementCtx,
  problems: readonly { readonly path: readonly (string | number)[]; readonly message: string }[],
): void {
  for (const { path, message } of problems) context.addIssue({ code: 'custom', path: [...path], message });
}
