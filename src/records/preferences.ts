import type { Migration } from './migration';
import type { Preferences, ShortcutSettings, TableSettings } from './preferences.schema';

export type { Preferences, ShortcutSettings, TableSettings };

/** What the gear table and the ladder's lower axis show. */
export const QUANTITIES = ['ratio', 'gearInches', 'development', 'gainRatio', 'speed'] as const;

/** Which gears the step list goes along. */
export const STEP_ROUTES = ['cassette', 'shiftPath', 'allGears'] as const;

export type StepRoute = (typeof STEP_ROUTES)[number];

/** Which side of a setup the Gears stage shows below the ladder. */
export const GEARS_VIEWS = ['table', 'riding', 'shifting', 'tables'] as const;

export type GearsTab = (typeof GEARS_VIEWS)[number];

export const PREFERENCES_DEFAULTS: Preferences = {
  id: 'preferences',
  gearsView: 'table',
  quantity: 'ratio',
  gearInchSchool: 'ownWheel',
  speedUnit: 'kmh',
  stepReading: 'speedStep',
  stepRoute: 'cassette',
  theme: 'system',
};

export const PREFERENCES_MIGRATIONS: readonly Migration[] = [
  {
    toVersion: 4,
    name: 'the Gears stage has views',
    table: 'preferences',
    up: (preferences) => ({ ...preferences, gearsView: 'table' }),
  },
  {
    toVersion: 18,
    name: 'distances and heights have units of their own, and shortcuts other keys',
    table: 'preferences',
    up: (preferences) => preferences,
  },
];
