import { z } from 'zod';

/** Teeth in front and behind. */
export const pairSchema = z.strictObject({ chainring: z.int(), cog: z.int() }).meta({ id: 'Pair' });
