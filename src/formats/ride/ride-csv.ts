import Papa from 'papaparse';
import type { RawSample, Recording } from '../../core/recording';
import type { CsvField, CsvMapping } from '../../records';
import { CLOCK, DATE_AND_TIME, DAY_FIRST, MONTH_FIRST, TIME_UNIT_CODES, columnsServe } from '../../records/csv-mapping';
import { tableCsv } from '../csv';
import { POINTS_MAX, fileFailure, tooLong, type FileFailure, type TrackResult } from './result';
import { t } from '../text';
import { itemAt } from '../../core/items';

/** The first rows of a table, from which the user maps its columns. */
export interface CsvHead {
  readonly headings: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** What the columns seem to be, where only the order of day and month is in doubt. */
  readonly guess?: CsvMapping;
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
  date: /^(date|day)$/i,
  speed: /speed|velocity|km\/?h|mph/i,
  cadence: /cad|rpm/i,
  distance: /dist|^km$|^m$/i,
  elevation: /ele|alt|height/i,
  latitude: /^lat/i,
  longitude: /^(lon|lng)/i,
  power: /power|watt/i,
};

/** Lines that begin with this are comments. */
const COMMENT = '#';
const PREVIEW_ROWS = 4;

export function readCsvHead(
  text: string,
): { readonly ok: true; readonly head: CsvHead } | { readonly ok: false; readonly failure: FileFailure } {
  const { data } = Papa.parse<string[]>(text.slice(0, 20_000), {
    preview: PREVIEW_ROWS,
    skipEmptyLines: 'greedy',
    comments: COMMENT,
  });
  const [headings, ...rows] = data;
  if (!headings || headings.length < 2 || rows.length === 0) {
    return fileFailure('unknown', t('ride.unknown'));
  }
  return { ok: true, head: { headings: headings.map((one) => one.trim()), rows } };
}

/**
 * A mapping by the headings and the first rows.
 * @returns undefined where time, cadence, or speed and distance both, cannot be guessed; `inDoubt` where day and month can be
 * either way round
 */
export function guessMapping({
  headings,
  rows,
}: CsvHead): { readonly mapping: CsvMapping; readonly inDoubt: boolean } | undefined {
  const find = (field: CsvField) => headings.find((heading) => GUESSES[field].test(heading));
  const columns = {
    time: find('time'),
    date: find('date'),
    speed: find('speed'),
    cadence: find('cadence'),
    distance: find('distance'),
    elevation: find('elevation'),
    latitude: find('latitude'),
    longitude: find('longitude'),
    power: find('power'),
  };
  const { ride, way } = columnsServe(columns);
  if (!ride && !way) return undefined;
  const heading = columns.speed ?? '';
  const cellsOf = (column: string | undefined) =>
    column === undefined ? [] : rows.map((row) => (row[headings.indexOf(column)] ?? '').trim());
  const dates = cellsOf(columns.date);
  const times = cellsOf(columns.time).map((time, i) => joined(dates[i], time));
  const timeUnit = timeUnitOf(times, columns.time ?? '');
  return {
    inDoubt: timeUnit === undefined,
    mapping: {
      columns: Object.fromEntries(Object.entries(columns).filter(([, name]) => name !== undefined)),
      speedUnit: /km\/?h|kph/i.test(heading) ? 'km/h' : /mph/i.test(heading) ? 'mph' : 'm/s',
      timeUnit: timeUnit ?? DAY_FIRST,
      distanceUnit: /km/i.test(columns.distance ?? '') ? 'km' : /mi/i.test(columns.distance ?? '') ? 'mi' : 'm',
    },
  };
}

const joined = (date: string | undefined, time: string) => (date ? `${date} ${time}` : time);

/** Hours, minutes and seconds: a time of day, or since the start. */
const CLOCK_TEXT = /^(\d{1,3}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?$/;
/** Day and month in either order, the year last, and the time of day. */
const DATED_TEXT =
  /^(\d{1,2})([./-])(\d{1,2})[./-](\d{4})[T, ]+(\d{1,2}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?\s*([ap]m)?$/i;

/** The unit of times by their look; undefined where day and month can be either way round. */
function timeUnitOf(times: readonly string[], heading: string): CsvMapping['timeUnit'] | undefined {
  const [first = ''] = times;
  if (!Number.isNaN(Number(first))) return /ms|milli/i.test(heading) ? 'ms' : 's';
  if (CLOCK_TEXT.test(first)) return CLOCK;
  const dated = times.map((time) => DATED_TEXT.exec(time)).filter((match) => match !== null);
  if (dated.length === 0) return DATE_AND_TIME;
  // Dates with points are written day first everywhere.
  if (dated.some(([, day, sign]) => Number(day) > 12 || sign === '.')) return DAY_FIRST;
  return dated.some(([, , , day]) => Number(day) > 12) ? MONTH_FIRST : undefined;
}

/** Milliseconds of a time: since 1970, or since the start; NaN where the text is none of its unit. */
function timeMsOf(text: string, unit: CsvMapping['timeUnit']): number {
  if (unit === 's' || unit === 'ms') return Number(text) * (unit === 's' ? 1000 : 1);
  const seconds = (part: string | undefined) => Number((part ?? '0').replace(',', '.'));
  if (unit === CLOCK) {
    const [, hours, minutes, rest] = CLOCK_TEXT.exec(text) ?? [];
    return (Number(hours) * 3600 + Number(minutes) * 60 + seconds(rest)) * 1000;
  }
  if (unit === DATE_AND_TIME) return Date.parse(text);
  const [, one, , other, year, hour, minute, rest, half] = DATED_TEXT.exec(text) ?? [];
  const [day, month] = (unit === DAY_FIRST ? [one, other] : [other, one]).map(Number) as [number, number];
  const hours = half === undefined ? Number(hour) : (Number(hour) % 12) + (half.toLowerCase() === 'pm' ? 12 : 0);
  const date = new Date(Number(year), month - 1, day, hours, Number(minute));
  // 31 February is none.
  return date.getMonth() === month - 1 && date.getDate() === day ? date.getTime() + seconds(rest) * 1000 : NaN;
}

const DAY_MS = 86_400_000;

/** Reads a number of a row. */
type Reader = (row: readonly string[]) => number | undefined;

/** The table's rows as samples; empty cells are values that are not known. */
export function readRideCsv(text: string, mapping: CsvMapping): TrackResult {
  const { data, errors } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy', comments: COMMENT });
  const quoted = errors.find(({ type }) => type === 'Quotes');
  if (quoted) return fileFailure('truncated', t('ride.csvQuoted', { row: (quoted.row ?? 0) + 1 }));
  const [headings = [], ...rows] = data;
  if (rows.length === 0) return fileFailure('noPoints', t('ride.csvEmpty'));
  if (rows.length > POINTS_MAX) return tooLong();
  const { columns, speedUnit, timeUnit, distanceUnit } = mapping;
  const names = headings.map((one) => one.trim());
  const placeOf = (field: CsvField) => {
    const column = columns[field];
    return column === undefined ? -1 : names.indexOf(column);
  };
  const numbers = (field: CsvField, factor = 1) => {
    const place = placeOf(field);
    return (row: readonly string[]) => {
      const cell = (row[place] ?? '').trim();
      const value = cell === '' ? NaN : Number(cell.replace(',', '.'));
      return Number.isFinite(value) ? value * factor : undefined;
    };
  };
  const [timeAt, dateAt] = [placeOf('time'), placeOf('date')];
  const speed = numbers('speed', TO_MS[speedUnit]);
  const cadence = numbers('cadence');
  const distance = numbers('distance', TO_M[distanceUnit]);
  const [elevation, latitude, longitude, power] = (['elevation', 'latitude', 'longitude', 'power'] as const).map(
    (field) => numbers(field),
  ) as [Reader, Reader, Reader, Reader];
  const samples: RawSample[] = [];
  let midnightsMs = 0;
  let beforeMs = -Infinity;
  for (const [i, row] of rows.entries()) {
    const time = (row[timeAt] ?? '').trim();
    let timeMs = time === '' ? undefined : timeMsOf(joined((row[dateAt] ?? '').trim(), time), timeUnit);
    if (timeMs !== undefined && Number.isNaN(timeMs)) {
      return fileFailure(
        'damaged',
        t('ride.csvTime', { row: i + 2, text: time.slice(0, 40), unit: TIME_UNIT_CODES[timeUnit] }),
      );
    }
    if (timeMs !== undefined && timeUnit === CLOCK) {
      // A clock that falls by most of a day has passed midnight.
      if (timeMs + midnightsMs < beforeMs - DAY_MS / 2) midnightsMs += DAY_MS;
      timeMs += midnightsMs;
      beforeMs = timeMs;
    }
    samples.push({
      timeMs,
      speedMs: speed(row),
      cadenceRpm: cadence(row),
      distanceM: distance(row),
      elevationM: elevation(row),
      latitudeDeg: latitude(row),
      longitudeDeg: longitude(row),
      powerW: power(row),
    });
  }
  return { ok: true, track: { name: undefined, samples } };
}

const blank = (value: number) => (Number.isNaN(value) ? '' : value);

/** Rides that began before this counted their seconds from 0, and have no date. */
const DATED_FROM_MS = Date.UTC(1980, 0, 1);

interface RideCsvOptions {
  readonly startedAtMs?: number;
  /** Whether positions are written where the ride has them; they show where the rider lives. */
  readonly withPositions?: boolean;
}

/** A ride as a table that this reader reads back; with the time of day of each sample where the ride has a date. */
export function writeRideCsv(
  recording: Recording,
  { startedAtMs = 0, withPositions = false }: RideCsvOptions = {},
): string {
  const { timeS, speedMs, cadenceRpm, distanceM, elevationM, powerW, positions, recordedGear } = recording;
  const iso = (i: number) => new Date(Math.round(startedAtMs + itemAt(timeS, i) * 1000)).toISOString();
  const number = (values: ArrayLike<number>) => (i: number) => blank(itemAt(values, i));
  const columns: readonly (readonly [heading: string, cell: (i: number) => string | number])[] = [
    ...(startedAtMs >= DATED_FROM_MS ? [['time_utc', iso] as const] : []),
    ['time_s', number(timeS)],
    ['speed_m_s', number(speedMs)],
    ['cadence_rpm', number(cadenceRpm)],
    ['distance_m', number(distanceM)],
    ['elevation_m', number(elevationM)],
    ...(powerW ? [['power_w', number(powerW)] as const] : []),
    ...(recordedGear
      ? ([
          ['chainring_t', number(recordedGear.chainringT)],
          ['cog_t', number(recordedGear.cogT)],
        ] as const)
      : []),
    ...(positions && withPositions
      ? ([
          ['latitude_deg', number(positions.latitudeDeg)],
          ['longitude_deg', number(positions.longitudeDeg)],
        ] as const)
      : []),
  ];
  return tableCsv(
    columns.map(([heading]) => heading),
    Array.from(timeS, (_, i) => columns.map(([, cell]) => cell(i))),
  );
}
