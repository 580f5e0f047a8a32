import Papa from 'papaparse';
import type { RawSample, Recording } from '../../core/recording';
import type { CsvField, CsvMapping } from '../../records';
import { DATE_AND_TIME } from '../../records/csv-mapping';
import { tableCsv } from '../csv';
import { POINTS_MAX, fileFailure, tooLong, type FileFailure, type TrackResult } from './result';
import { t } from '../text';
import { itemAt } from '../../core/items';

/** The first rows of a table, from which the user maps its columns. */
export interface CsvHead {
  readonly headings: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

const METRES_PER_MILE = 1609.344;
const TO_MS: Readonly<Record<CsvMapping['speedUnit'], number>> = {
  'm/s': 1,
  'km/h': 1 / 3.6,
  mph: METRES_PER_MILE / 3600,
};
const TO_M: Readonly<Record<CsvMapping['distanceUnit'], number>> = { m: 1, km: 1000, mi: METRES_PER_MILE };

/** Words in headings by which a column is guessed. */
const GUESSES: Readonly<Record<CsvField, RegExp>> = {
  time: /^(time|timestamp|date.?time|seconds|secs|elapsed|t)\b|time/i,
  speed: /speed|velocity|km\/?h|mph/i,
  cadence: /cad|rpm/i,
  distance: /dist|^km$|^m$/i,
  elevation: /ele|alt|height/i,
};

export function readCsvHead(
  text: string,
): { readonly ok: true; readonly head: CsvHead } | { readonly ok: false; readonly failure: FileFailure } {
  const { data } = Papa.parse<string[]>(text.slice(0, 20_000), { preview: 4, skipEmptyLines: 'greedy' });
  const [headings, ...rows] = data;
  if (!headings || headings.length < 2 || rows.length === 0) {
    return fileFailure('unknown', t('ride.unknown'));
  }
  return { ok: true, head: { headings: headings.map((one) => one.trim()), rows } };
}

/** A mapping by the headings; undefined where time, cadence, or speed and distance both, cannot be guessed. */
export function guessMapping({ headings, rows }: CsvHead): CsvMapping | undefined {
  const find = (field: CsvField) => headings.find((heading) => GUESSES[field].test(heading));
  const columns = {
    time: find('time'),
    speed: find('speed'),
    cadence: find('cadence'),
    distance: find('distance'),
    elevation: find('elevation'),
  };
  const profile = columns.distance !== undefined && columns.elevation !== undefined;
  const ride =
    columns.time !== undefined && columns.cadence !== undefined && (columns.speed ?? columns.distance) !== undefined;
  if (!ride && !profile) return undefined;
  const heading = columns.speed ?? '';
  const first = rows[0]?.[headings.indexOf(columns.time ?? '')] ?? '';
  return {
    columns: Object.fromEntries(Object.entries(columns).filter(([, name]) => name !== undefined)),
    speedUnit: /km\/?h|kph/i.test(heading) ? 'km/h' : /mph/i.test(heading) ? 'mph' : 'm/s',
    timeUnit: Number.isNaN(Number(first)) ? DATE_AND_TIME : /ms|milli/i.test(columns.time ?? '') ? 'ms' : 's',
    distanceUnit: /km/i.test(columns.distance ?? '') ? 'km' : /mi/i.test(columns.distance ?? '') ? 'mi' : 'm',
  };
}

/** The table's rows as samples; empty cells are values that are not known. */
export function readRideCsv(text: string, mapping: CsvMapping): TrackResult {
  const { data, errors } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (one) => one.trim(),
  });
  const quoted = errors.find(({ type }) => type === 'Quotes');
  if (quoted) return fileFailure('truncated', t('ride.csvQuoted', { row: (quoted.row ?? 0) + 2 }));
  if (data.length === 0) return fileFailure('noPoints', t('ride.csvEmpty'));
  if (data.length > POINTS_MAX) return tooLong();
  const { columns, speedUnit, timeUnit, distanceUnit } = mapping;
  const samples: RawSample[] = [];
  for (const [i, row] of data.entries()) {
    const cell = (field: CsvField) => {
      const column = columns[field];
      const text = column === undefined ? '' : (row[column] ?? '').trim();
      return text === '' ? undefined : text;
    };
    const number = (field: CsvField, factor = 1) => {
      const text = cell(field);
      const value = text === undefined ? NaN : Number(text.replace(',', '.'));
      return Number.isFinite(value) ? value * factor : undefined;
    };
    const time = cell('time');
    const timeMs =
      time === undefined
        ? undefined
        : timeUnit === DATE_AND_TIME
          ? Date.parse(time)
          : Number(time) * (timeUnit === 's' ? 1000 : 1);
    if (timeMs !== undefined && Number.isNaN(timeMs)) {
      return fileFailure('damaged', t('ride.csvTime', { row: i + 2, text: (time ?? '').slice(0, 40), unit: timeUnit }));
    }
    samples.push({
      timeMs,
      speedMs: number('speed', TO_MS[speedUnit]),
      cadenceRpm: number('cadence'),
      distanceM: number('distance', TO_M[distanceUnit]),
      elevationM: number('elevation'),
    });
  }
  return { ok: true, track: { name: undefined, samples } };
}

const blank = (value: number) => (Number.isNaN(value) ? '' : value);

/** A ride as a table that this reader reads back. */
export function writeRideCsv({ timeS, speedMs, cadenceRpm, distanceM, elevationM }: Recording): string {
  return tableCsv(
    ['time_s', 'speed_m_s', 'cadence_rpm', 'distance_m', 'elevation_m'],
    [...timeS].map((time, i) => [
      time,
      blank(itemAt(speedMs, i)),
      blank(itemAt(cadenceRpm, i)),
      itemAt(distanceM, i),
      blank(itemAt(elevationM, i)),
    ]),
  );
}
