import { z } from 'zod';
import { boundedSchema } from './drivetrain.schema';
import { idSchema, noteSchema, timeSchema } from './field-schemas';
import { NOTE_KM } from './log-note';
import { t } from './words';
import type { Saved } from './saved';

export const logNoteSchema = z.strictObject({
  id: idSchema,
  bikeId: idSchema,
  atMs: timeSchema,
  text: noteSchema,
  km: boundedSchema(NOTE_KM, t('term.distance'), 'km').optional(),
});

/** A note about a bike: an observation, or a distance without a recording. */
export type LogNoteRecord = Saved<typeof logNoteSchema>;
