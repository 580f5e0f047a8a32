import { z } from 'zod';
import { csvMappingSchema } from './csv-mapping';
import { idSchema } from './text';
import { QUANTITIES, STEP_ROUTES, GEARS_VIEWS, type Preferences } from '../preferences';

export const preferencesSchema: z.ZodType<Preferences> = z.strictObject({
  id: z.literal('preferences'),
  currentBikeId: idSchema.optional(),
  currentSetupId: idSchema.optional(),
  gearsView: z.enum(GEARS_VIEWS),
  quantity: z.enum(QUANTITIES),
  gearInchSchool: z.enum(['ownWheel', 'nominal27']),
  speedUnit: z.enum(['kmh', 'mph']),
  stepReading: z.enum(['speedStep', 'cadenceDrop', 'logStep']),
  stepRoute: z.enum(STEP_ROUTES),
  theme: z.enum(['system', 'light', 'dark']),
  currentLearnerId: idSchema.optional(),
  currentRouteId: idSchema.optional(),
  csvMappings: z.record(z.string().max(4000), csvMappingSchema).optional(),
});
