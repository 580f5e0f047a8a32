import { KEPT_TABLES, type Dataset, type KeptRecords, type KeptTable } from '@/records';
import { RECORD_SCHEMAS, spoilingProblems } from '@/records/schemas';

type Path = readonly (string | number)[];

/** Lists longer than this are changed in their first places only: samples of a route stand for each other. */
const LIST_MAX = 4;

/** Where numbers stand in a record, as paths. */
function numberPaths(value: unknown, at: Path = []): Path[] {
  if (typeof value === 'number') return [at];
  if (Array.isArray(value)) return value.slice(0, LIST_MAX).flatMap((one, i) => numberPaths(one, [...at, i]));
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, one]) => numberPaths(one, [...at, key]));
}

function valueAt(record: unknown, path: Path): unknown {
  return path.reduce<unknown>((at, key) => (at as Record<string | number, unknown>)[key], record);
}

function setAt<T>(record: T, [key, ...rest]: Path, value: unknown): T {
  if (key === undefined) return value as T;
  const copy = (Array.isArray(record) ? [...(record as unknown[])] : { ...record }) as Record<string | number, unknown>;
  copy[key] = setAt(copy[key], rest, value);
  return copy as T;
}

/** The farthest that a number can go in one direction with the rest as it is: by halving, whole steps first. */
function farthest(isValid: (value: number) => boolean, from: number, towards: 1 | -1): number {
  let good = from;
  let bad = towards * 1e17;
  for (let i = 0; i < 80 && Math.abs(bad - good) > 1e-3; i += 1) {
    const middle = Number.isInteger(from) ? Math.trunc((good + bad) / 2) : (good + bad) / 2;
    if (middle === good || middle === bad) break;
    if (isValid(middle)) good = middle;
    else bad = middle;
  }
  return good;
}

/** A record with every number as low, or as high, as the rest of it allows, one after the other. */
function atBounds<T extends KeptTable>(table: T, record: KeptRecords[T], towards: 1 | -1): KeptRecords[T] {
  const schema = RECORD_SCHEMAS[table];
  return numberPaths(record).reduce((now, path) => {
    const isValid = (value: number) => schema.safeParse(setAt(now, path, value)).success;
    const value = farthest(isValid, valueAt(now, path) as number, towards);
    return isValid(value) ? setAt(now, path, value) : now;
  }, record);
}

/** Where something stands that may be absent, or a list that may be empty: the outer ones first. */
function optionalPaths(value: unknown, at: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, one]) => {
    const path = [...at, Array.isArray(value) ? Number(key) : key];
    return [...(Array.isArray(value) ? [] : [path]), ...optionalPaths(one, path)];
  });
}

function without<T>(record: T, path: Path): T {
  const parent = valueAt(record, path.slice(0, -1)) as Record<string, unknown>;
  const { [path.at(-1) as string]: gone, ...rest } = parent;
  return setAt(
    record,
    path.slice(0, -1),
    Array.isArray(gone) && gone.length > 0 ? { ...rest, [path.at(-1)!]: [] } : rest,
  );
}

/** A record with nothing that may be absent, and every list as empty as it may be. */
function bare<T extends KeptTable>(table: T, record: KeptRecords[T]): KeptRecords[T] {
  const isThere = (now: unknown, path: Path) =>
    path.reduce<unknown>((at, key) => (at as Record<string | number, unknown> | undefined)?.[key], now) !== undefined;
  // Twice: an empty list may be left out altogether.
  return [...optionalPaths(record), ...optionalPaths(record)].reduce((now, path) => {
    if (!isThere(now, path)) return now;
    const next = without(now, path);
    return RECORD_SCHEMAS[table].safeParse(next).success ? next : now;
  }, record);
}

/** The demo with nothing in it that may be absent. */
export function bareDataset(demo: Dataset): Dataset {
  const entries = KEPT_TABLES.map((table) => [
    table,
    table === 'recordings' ? demo[table] : demo[table].map((record) => bare(table, record as never)),
  ]);
  return { ...demo, ...(Object.fromEntries(entries) as Dataset) };
}

/** The demo with all of its records at their bounds; rides keep their samples. */
export function datasetAtBounds(demo: Dataset, towards: 1 | -1): Dataset {
  const entries = KEPT_TABLES.map((table) => [
    table,
    table === 'recordings' ? demo[table] : demo[table].map((record) => atBounds(table, record as never, towards)),
  ]);
  const dataset = { ...demo, ...(Object.fromEntries(entries) as Dataset) };
  const problems = spoilingProblems(dataset);
  if (problems.length > 0) throw new Error(problems[0]!.text);
  return dataset;
}
