import { z } from 'zod';
import { CSV_SPEED_UNITS, CSV_TIME_UNITS, CSV_DISTANCE_UNITS } from './csv-mapping';
import type { Saved } from './saved';

const heading = z.string().max(200).optional();

export const csvMappingSchema = z.strictObject({
  columns: z.strictObject({
    time: heading,
    date: heading,
    speed: heading,
    cadence: heading,
    distance: heading,
    elevation: heading,
    latitude: heading,
    longitude: heading,
    power: heading,
  }),
  speedUnit: z.enum(CSV_SPEED_UNITS),
  timeUnit: z.enum(CSV_TIME_UNITS),
  distanceUnit: z.enum(CSV_DISTANCE_UNITS),
});

/** Which column is what, by its heading, and in which unit. */
export type CsvMapping = Saved<typeof csvMappingSchema>;
