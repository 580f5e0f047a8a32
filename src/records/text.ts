import { z } from 'zod';

export const NAME_LENGTH_MAX = 80;

/** A name as a person types it: something other than spaces, and not a novel. */
export const nameSchema = z
  .string()
  .refine((name) => name.trim().length > 0, { message: 'an empty name: type at least one letter' })
  .refine((name) => name.length <= NAME_LENGTH_MAX, {
    error: ({ input }) => `a name of ${String(input).length} characters: at most ${NAME_LENGTH_MAX}`,
  });

export const idSchema = z.string().min(1).max(40);
