import { z } from 'zod';
import { within } from '../core/numbers';
import { TIME_MS } from '../core/world';
import { NAME_LENGTH_MAX, NOTE_LENGTH_MAX, isCurrency } from './text';
import { t } from './words';

/** A name: not empty, not only spaces, and of bounded length. */
export const nameSchema = z
  .string()
  .refine((name) => name.trim().length > 0, { message: t('refused.emptyName') })
  .refine((name) => name.length <= NAME_LENGTH_MAX, {
    error: ({ input }) => t('refused.longName', { length: String(input).length, most: NAME_LENGTH_MAX }),
  });

export const idSchema = z.string().min(1).max(40);

/** A few sentences. */
export const noteSchema = z
  .string()
  .refine((text) => text.trim().length > 0, { message: t('refused.emptyNote') })
  .refine((text) => text.length <= NOTE_LENGTH_MAX, {
    error: ({ input }) => t('refused.longNote', { length: String(input).length, most: NOTE_LENGTH_MAX }),
  });

/** Milliseconds since 1970. */
export const timeSchema = z.number().refine((ms) => within(ms, TIME_MS), {
  error: ({ input }) => t('refused.time', { ms: String(input) }),
});

/** A day without a time or a place, ISO 8601. */
export const dateSchema = z.iso.date().refine((day) => within(Date.parse(day), TIME_MS), {
  error: ({ input }) => t('refused.day', { day: String(input) }),
});

/** A position in a list that the user orders. */
export const rankSchema = z.number().min(-1_000_000).max(1_000_000);

/** How often something happened. */
export const countSchema = z.int().min(0).max(10_000_000);

export const currencySchema = z.string().refine(isCurrency, { error: t('refused.currency') });
