import { z } from 'zod';
import { boundedSchema } from './drivetrain';
import { idSchema, noteSchema, timeSchema } from './text';

/** Something written down about a bike: an observation, or kilometres that nobody recorded. */
export interface LogNoteRecord {
  readonly id: string;
  readonly bikeId: string;
  readonly atMs: number;
  readonly text: string;
  readonly km?: number | undefined;
}

export const NOTE_KM = { min: 0.1, max: 20_000 } as const;

export const logNoteSchema: z.ZodType<LogNoteRecord> = z.strictObject({
  id: idSchema,
  bikeId: idSchema,
  atMs: timeSchema,
  text: noteSchema,
  km: boundedSchema(NOTE_KM, 'distance', 'km').optional(),
});
