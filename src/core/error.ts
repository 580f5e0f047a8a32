/** Returns what was thrown as an error; anything else becomes the cause of a new one. */
export function asError(thrown: unknown): Error {
  return thrown instanceof Error ? thrown : new Error(String(thrown), { cause: thrown });
}

/** Returns the message of what was thrown. */
export const errorText = (thrown: unknown): string => asError(thrown).message;
