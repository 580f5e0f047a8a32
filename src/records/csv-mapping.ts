/** What a column of a table of a ride can be. */
export const CSV_FIELDS = ['time', 'speed', 'cadence', 'distance', 'elevation'] as const;

export type CsvField = (typeof CSV_FIELDS)[number];

export const CSV_SPEED_UNITS = ['m/s', 'km/h', 'mph'] as const;

/** Kept in preferences under this name. */
export const DATE_AND_TIME = 'date and time';

export const CSV_TIME_UNITS = ['s', 'ms', DATE_AND_TIME] as const;

export const CSV_DISTANCE_UNITS = ['m', 'km', 'mi'] as const;

/** Which column is what, by its heading, and in which unit. */
export interface CsvMapping {
  readonly columns: Readonly<Partial<Record<CsvField, string | undefined>>>;
  readonly speedUnit: (typeof CSV_SPEED_UNITS)[number];
  readonly timeUnit: (typeof CSV_TIME_UNITS)[number];
  readonly distanceUnit: (typeof CSV_DISTANCE_UNITS)[number];
}
