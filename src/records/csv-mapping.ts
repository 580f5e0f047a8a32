import type { CsvMapping } from './csv-mapping.schema';

export type { CsvMapping };
/** What a column of a table of a ride can be. */
export const CSV_FIELDS = ['time', 'speed', 'cadence', 'distance', 'elevation'] as const;

export type CsvField = (typeof CSV_FIELDS)[number];

export const CSV_SPEED_UNITS = ['m/s', 'km/h', 'mph'] as const;

/** Kept in preferences under this name. */
export const DATE_AND_TIME = 'date and time';

export const CSV_TIME_UNITS = ['s', 'ms', DATE_AND_TIME] as const;

export const CSV_DISTANCE_UNITS = ['m', 'km', 'mi'] as const;
