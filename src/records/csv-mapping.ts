import type { CsvMapping } from './csv-mapping.schema';

export type { CsvMapping };
/** What a column of a table of a ride can be. */
export const CSV_FIELDS = [
  'time',
  'date',
  'speed',
  'cadence',
  'distance',
  'elevation',
  'latitude',
  'longitude',
  'power',
] as const;

export type CsvField = (typeof CSV_FIELDS)[number];

export const CSV_SPEED_UNITS = ['m/s', 'km/h', 'mph'] as const;

/** How dates and times are written, kept in preferences under these names: year first, or as said; time of day or since the start. */
export const DATE_AND_TIME = 'date and time';
export const DAY_FIRST = 'date and time, day first';
export const MONTH_FIRST = 'date and time, month first';
export const CLOCK = 'hours:minutes:seconds';

export const CSV_TIME_UNITS = ['s', 'ms', CLOCK, DATE_AND_TIME, DAY_FIRST, MONTH_FIRST] as const;

/** Code of each unit of time in messages. */
export const TIME_UNIT_CODES = {
  s: 's',
  ms: 'ms',
  [CLOCK]: 'clock',
  [DATE_AND_TIME]: 'dated',
  [DAY_FIRST]: 'dayFirst',
  [MONTH_FIRST]: 'monthFirst',
} as const;

export const CSV_DISTANCE_UNITS = ['m', 'km', 'mi'] as const;

/** Whether columns are enough for a ride, and for a route. */
export function columnsServe(columns: Readonly<Partial<Record<CsvField, string | undefined>>>): {
  readonly ride: boolean;
  readonly way: boolean;
} {
  const has = (field: CsvField) => columns[field] !== undefined;
  const metres = has('distance') || (has('latitude') && has('longitude'));
  return { ride: has('time') && has('cadence') && (has('speed') || metres), way: metres && has('elevation') };
}
