import { z } from 'zod';
import { NAME_LENGTH_MAX, NOTE_LENGTH_MAX, isCurrency } from '../text';

/** A name as a person types it: something other than spaces, and not a novel. */
export const nameSchema = z
  .string()
  .refine((name) => name.trim().length > 0, { message: 'an empty name: type at least one letter' })
  .refine((name) => name.length <= NAME_LENGTH_MAX, {
    error: ({ input }) => `a name of ${String(input).length} characters: at most ${NAME_LENGTH_MAX}`,
  });

export const idSchema = z.string().min(1).max(40);

/** A few sentences. */
export const noteSchema = z
  .string()
  .refine((text) => text.trim().length > 0, { message: 'an empty note: type something, or leave it out' })
  .refine((text) => text.length <= NOTE_LENGTH_MAX, {
    error: ({ input }) => `a note of ${String(input).length} characters: at most ${NOTE_LENGTH_MAX}`,
  });

/** Milliseconds since 1970, in the range that a date can have. */
export const timeSchema = z.number().min(-8.64e15).max(8.64e15);

/** A day without a time or a place, ISO 8601. */
export const dateSchema = z.iso.date();

export const currencySchema = z
  .string()
  .refine(isCurrency, { error: 'a currency has three capital letters, such as EUR' });
