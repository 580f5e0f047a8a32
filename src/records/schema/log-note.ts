import { z } from 'zod';
import { boundedSchema } from './drivetrain';
import { idSchema, noteSchema, timeSchema } from './text';
import { type LogNoteRecord, NOTE_KM } from '../log-note';
import { t } from '../words';

export const logNoteSchema: z.ZodType<LogNoteRecord> = z.strictObject({
  id: idSchema,
  bikeId: idSchema,
  atMs: timeSchema,
  text: noteSchema,
  km: boundedSchema(NOTE_KM, t('term.distance'), 'km').optional(),
});
