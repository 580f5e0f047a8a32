import type { TableReading } from '../core/gears';
import type { CsvMapping } from './csv-mapping';
import type { Migration } from './migration';

/** What the gear table and the ladder's lower axis show. */
export const QUANTITIES = ['ratio', 'gearInches', 'development', 'gainRatio', 'speed'] as const;

type Quantity = (typeof QUANTITIES)[number];

/** Which gears the step list goes along. */
export const STEP_ROUTES = ['cassette', 'shiftPath', 'allGears'] as const;

export type StepRoute = (typeof STEP_ROUTES)[number];

/** Which side of a setup the Gears stage shows below the ladder. */
export const GEARS_VIEWS = ['table', 'riding', 'shifting', 'tables'] as const;

export type GearsView = (typeof GEARS_VIEWS)[number];

/** What was typed above the tables of any rings and cogs; what is absent follows the bike. */
export interface TableSettings {
  readonly ringFromT?: number | undefined;
  readonly ringToT?: number | undefined;
  readonly cogFromT?: number | undefined;
  readonly cogToT?: number | undefined;
  readonly reading?: TableReading | undefined;
  readonly cadenceRpm?: number | undefined;
  readonly speedKmh?: number | undefined;
  /** At which the setups of a comparison are held against each other. */
  readonly compareKmh?: number | undefined;
  /** At which losses of two gears are held against each other. */
  readonly lossPowerW?: number | undefined;
  readonly lossKmh?: number | undefined;
}

/** How this person likes to read things; one record, no part of any bike. */
export interface Preferences {
  readonly id: 'preferences';
  readonly currentBikeId?: string | undefined;
  /** The setup that is looked at in depth; of another bike than the one on the bench it counts for nothing. */
  readonly currentSetupId?: string | undefined;
  readonly gearsView: GearsView;
  readonly quantity: Quantity;
  readonly gearInchSchool: 'ownWheel' | 'nominal27';
  /** Of speeds; distances and heights go with it: km and m, or miles and feet. */
  readonly speedUnit: 'kmh' | 'mph';
  /** Of masses: kg and g, or pounds and ounces; metric while nothing was chosen. */
  readonly massUnit?: 'metric' | 'imperial' | undefined;
  /** ISO 4217 code of every price and cost that carries no code of its own. */
  readonly currency?: string | undefined;
  readonly stepReading: 'speedStep' | 'cadenceDrop' | 'logStep';
  readonly stepRoute: StepRoute;
  readonly tables?: TableSettings | undefined;
  readonly theme: 'system' | 'light' | 'dark';
  /** Who is learning now. */
  readonly currentLearnerId?: string | undefined;
  /** The route that is ridden through. */
  readonly currentRouteId?: string | undefined;
  /** How the columns of tables were mapped, by their headings. */
  readonly csvMappings?: Readonly<Record<string, CsvMapping>> | undefined;
}

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
];
