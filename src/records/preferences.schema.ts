import { z } from 'zod';
import { BRIEF_BOUNDS } from '../core/needs';
import { CADENCE_RPM, CHAINRING_TEETH, COG_TEETH, TABLE_READINGS } from '../core/gears';
import type { Bounds } from '../core/numbers';
import { csvMappingSchema } from './csv-mapping.schema';
import { boundedSchema } from './drivetrain.schema';
import { currencySchema, idSchema } from './field-schemas';
import { QUANTITIES, STEP_ROUTES, GEARS_VIEWS } from './preferences';
import { t } from './words';
import type { Saved } from './saved';

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
  /** At which the setups of a comparison are held against each other. */
  compareKmh: speed,
  /** At which losses of two gears are held against each other. */
  lossPowerW: boundedSchema(BRIEF_BOUNDS.powerW, t('term.power'), 'W').optional(),
  lossKmh: speed,
});

/** What was typed above the tables of any rings and cogs; what is absent follows the bike. */
export type TableSettings = Saved<typeof tablesSchema>;

/** What single keys do: each may have another key, or all be switched off (WCAG 2.2, 2.1.4). */
const shortcutsSchema = z.strictObject({
  isOff: z.boolean().optional(),
  /** By the shortcut: the key's code on the keyboard in small letters (key, digit and numpad left out), and what is on it. */
  keys: z
    .record(
      z.string().max(40),
      z.strictObject({ code: z.string().regex(/^[a-z0-9]{1,24}$/), shown: z.string().min(1).max(12) }),
    )
    .optional(),
});

export type ShortcutSettings = Saved<typeof shortcutsSchema>;

export const preferencesSchema = z.strictObject({
  id: z.literal('preferences'),
  currentBikeId: idSchema.optional(),
  /** The selected setup; ignored if it belongs to another bike than the one in the workspace. */
  currentSetupId: idSchema.optional(),
  gearsView: z.enum(GEARS_VIEWS),
  quantity: z.enum(QUANTITIES),
  gearInchSchool: z.enum(['ownWheel', 'nominal27']),
  speedUnit: z.enum(['kmh', 'mph']),
  /** Of distances; while nothing was chosen it goes with the speeds. */
  distanceUnit: z.enum(['km', 'mi']).optional(),
  /** Of heights and climbs; while nothing was chosen it goes with the speeds. */
  heightUnit: z.enum(['m', 'ft']).optional(),
  /** Of masses: kg and g, or pounds and ounces; metric while nothing was chosen. */
  massUnit: z.enum(['metric', 'imperial']).optional(),
  /** ISO 4217 code of every price and cost that carries no code of its own. */
  currency: currencySchema.optional(),
  stepReading: z.enum(['speedStep', 'cadenceDrop', 'logStep']),
  stepRoute: z.enum(STEP_ROUTES),
  theme: z.enum(['system', 'light', 'dark']),
  shortcuts: shortcutsSchema.optional(),
  /** Who is learning now. */
  currentLearnerId: idSchema.optional(),
  /** Whether rides that come in keep their positions; they show where the rider lives. */
  keepPositions: z.boolean().optional(),
  /** The route that is ridden through. */
  currentRouteId: idSchema.optional(),
  tables: tablesSchema.optional(),
  /** How the columns of tables were mapped, by their headings. */
  csvMappings: z.record(z.string().max(4000), csvMappingSchema).optional(),
});

/** View settings and conventions of the user; one record. */
export type Preferences = Saved<typeof preferencesSchema>;
