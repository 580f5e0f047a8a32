import { z } from 'zod';
import { BRIEF_BOUNDS } from '../../core/brief';
import { CADENCE_RPM, CHAINRING_TEETH, COG_TEETH, TABLE_READINGS, type Bounds } from '../../core/gears';
import { csvMappingSchema } from './csv-mapping';
import { boundedSchema } from './drivetrain';
import { currencySchema, idSchema } from './text';
import { QUANTITIES, STEP_ROUTES, GEARS_VIEWS, type Preferences } from '../preferences';
import { t } from '../words';

const teeth = (bounds: Bounds, what: string) =>
  boundedSchema(bounds, what, 'T')
    .refine((value) => Number.isInteger(value), { error: t('refused.wholeTeeth', { term: what }) })
    .optional();
const speed = boundedSchema(BRIEF_BOUNDS.cruisingSpeedKmh, t('term.speed'), 'km/h').optional();

const tablesSchema = z.strictObject({
  ringFromT: teeth(CHAINRING_TEETH, t('term.ringsFrom')),
  ringToT: teeth(CHAINRING_TEETH, t('term.ringsTo')),
  cogFromT: teeth(COG_TEETH, t('term.cogsFrom')),
  cogToT: teeth(COG_TEETH, t('term.cogsTo')),
  reading: z.enum(TABLE_READINGS).optional(),
  cadenceRpm: boundedSchema(CADENCE_RPM, t('term.cadence'), 'rpm').optional(),
  speedKmh: speed,
  compareKmh: speed,
  lossPowerW: boundedSchema(BRIEF_BOUNDS.powerW, t('term.power'), 'W').optional(),
  lossKmh: speed,
});

export const preferencesSchema: z.ZodType<Preferences> = z.strictObject({
  id: z.literal('preferences'),
  currentBikeId: idSchema.optional(),
  currentSetupId: idSchema.optional(),
  gearsView: z.enum(GEARS_VIEWS),
  quantity: z.enum(QUANTITIES),
  gearInchSchool: z.enum(['ownWheel', 'nominal27']),
  speedUnit: z.enum(['kmh', 'mph']),
  massUnit: z.enum(['metric', 'imperial']).optional(),
  currency: currencySchema.optional(),
  stepReading: z.enum(['speedStep', 'cadenceDrop', 'logStep']),
  stepRoute: z.enum(STEP_ROUTES),
  theme: z.enum(['system', 'light', 'dark']),
  currentLearnerId: idSchema.optional(),
  currentRouteId: idSchema.optional(),
  tables: tablesSchema.optional(),
  csvMappings: z.record(z.string().max(4000), csvMappingSchema).optional(),
});
