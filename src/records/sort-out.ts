import type { z } from 'zod';
import { within } from '../core/numbers';
import { ELEVATION_M } from '../core/world';
import { EMPTY_TABLES, KEPT_TABLES, type Dataset, type KeptRecords, type KeptTable } from './dataset';
import type { RawTables } from './migration';
import { recordText } from './record-words';
import type { RouteRecord } from './route';
import { SETUPS_MAX } from './setup';
import { RECORD_SCHEMAS } from './dataset.schema';
import { dataProblems, type DataProblem } from './data-problems';
import { preferencesSchema } from './preferences.schema';
import { t } from './words';
import { itemAt, lastOf, definite } from '../core/items';

/** A record that cannot be kept with the rest, as it was found, and why. */
export interface Quarantined {
  readonly table: KeptTable | 'preferences';
  readonly record: unknown;
  /** A sentence with its name. */
  readonly text: string;
}

export interface SortedOut {
  /** All that can be kept; it belongs together. */
  readonly dataset: Dataset;
  readonly quarantined: readonly Quarantined[];
  /** Records that were repaired, as they were before. */
  readonly repaired: readonly Quarantined[];
}

/** Rounds: what is quarantined can leave others alone, but never more often than there are kinds of record. */
const ROUNDS_MAX = 10;

/** Separates valid from invalid records and repairs what can be repaired; nothing is lost, and everything is reported. */
export function sortOut(tables: RawTables): SortedOut {
  const quarantined: Quarantined[] = [];
  const repaired: Quarantined[] = [];
  let dataset: Dataset = { ...EMPTY_TABLES, preferences: [] };
  for (const table of KEPT_TABLES)
    dataset = { ...dataset, [table]: readable(table, tables[table], quarantined, repaired) };
  dataset = {
    ...dataset,
    preferences: tables.preferences
      .filter((record) => preferencesSchema.safeParse(record).success)
      .slice(0, 1) as Dataset['preferences'],
  };
  const lost = tables.preferences.filter((record) => !dataset.preferences.includes(record as never));
  quarantined.push(
    ...lost.map((record): Quarantined => ({ table: 'preferences', record, text: t('problem.settings') })),
  );
  for (let round = 0; round < ROUNDS_MAX; round += 1) {
    const problems = spoilingProblems(dataset);
    if (problems.length === 0) break;
    // One at a time for each record: what repairs one of its problems is worked out from the record as it is.
    const first = new Map(problems.map((problem) => [`${problem.table}/${problem.id}`, problem]));
    for (const { table, id, text, repair, repaired: record } of first.values()) {
      const kept = dataset[table] as readonly KeptRecords[KeptTable][];
      const found = kept.find((one) => one.id === id);
      if (record) repaired.push({ table, record: found, text: t('problem.withCure', { problem: text, cure: repair }) });
      else quarantined.push({ table, record: found, text });
      const others = kept.flatMap((one) => (one.id !== id ? [one] : record ? [record] : []));
      dataset = { ...dataset, [table]: others };
    }
  }
  return { dataset, quarantined, repaired };
}

/** Everything because of which a backup of this data could not be read. */
export function spoilingProblems(dataset: Dataset): readonly DataProblem[] {
  return [...dataProblems(dataset).filter(({ spoils }) => spoils), ...surplusSetups(dataset)];
}

function readable<T extends KeptTable>(
  table: T,
  records: readonly unknown[],
  quarantined: Quarantined[],
  repaired: Quarantined[],
): readonly KeptRecords[T][] {
  const schema = RECORD_SCHEMAS[table];
  const seen = new Set<string>();
  return records.flatMap((record) => {
    const what = recordText(table, record);
    let result = schema.safeParse(record);
    if (!result.success) {
      const [issue] = result.error.issues;
      const place = definite(issue).path.join('.');
      const cause = { record: what, cause: definite(issue).message };
      const why = place === '' ? t('problem.cause', cause) : t('problem.causeAt', { ...cause, place });
      const attempt = repair(table, record, result.error.issues);
      result = schema.safeParse(attempt.record);
      if (!result.success) {
        quarantined.push({ table, record, text: why });
        return [];
      }
      repaired.push({ table, record, text: t('problem.cause', { record: what, cause: attempt.text }) });
    }
    const { id } = result.data;
    if (seen.has(id)) {
      quarantined.push({ table, record, text: t('problem.idTwice', { record: what, id }) });
      return [];
    }
    seen.add(id);
    return [result.data];
  });
}

type Issues = z.ZodError['issues'];

/** A record with what can be repaired of it, and what that is. */
interface Attempt {
  readonly record: unknown;
  readonly text: string;
}

function repair(table: KeptTable, record: unknown, issues: Issues): Attempt {
  const route = table === 'routes' ? repairedRoute(record) : undefined;
  return route ?? withoutWrongFields(record, issues);
}

/** Leaves out every field that is wrong: most figures may be unknown. */
function withoutWrongFields(record: unknown, issues: Issues): Attempt {
  const copy: unknown = structuredClone(record);
  const leftOut: string[] = [];
  for (const { path, message, ...issue } of issues) {
    const fields = issue.code === 'unrecognized_keys' ? issue.keys.map((key) => [...path, key]) : [path];
    for (const field of fields) {
      const parent = field.slice(0, -1).reduce<unknown>((at, key) => (at as Loose | undefined)?.[key as string], copy);
      if (field.length === 0 || typeof parent !== 'object' || parent === null || Array.isArray(parent)) continue;
      Reflect.deleteProperty(parent, lastOf(field));
      leftOut.push(t('problem.leftOut', { field: field.join('.'), cause: message }));
    }
  }
  return { record: copy, text: leftOut.join('; ') };
}

type Loose = Readonly<Record<string, unknown>>;

/** A route without the heights that mean "no data", straight lines in their place, and with a name; undefined where that is not what is wrong. */
function repairedRoute(record: unknown): Attempt | undefined {
  const route = record as Partial<RouteRecord> | null;
  if (typeof route !== 'object' || route === null || !Array.isArray(route.elevationM)) return undefined;
  const heights = route.elevationM as readonly unknown[];
  const isHeight = (height: unknown): height is number => typeof height === 'number' && within(height, ELEVATION_M);
  const wrong = heights.filter((height) => !isHeight(height)).length;
  const isNamed = typeof route.name === 'string' && route.name.trim() !== '';
  if ((wrong === 0 && isNamed) || wrong > heights.length / 2) return undefined;
  const said = [
    ...(wrong > 0 ? [t('problem.heights', { heights: wrong })] : []),
    ...(isNamed ? [] : [t('problem.noName')]),
  ];
  return {
    record: { ...route, name: isNamed ? route.name : t('routeName'), elevationM: bridged(heights, isHeight) },
    text: said.join('; '),
  };
}

/** Straight lines over what is not known; at the ends the nearest height that is. */
function bridged(heights: readonly unknown[], isKnown: (height: unknown) => height is number): readonly number[] {
  const known = heights.flatMap((height, i) => (isKnown(height) ? [{ i, height }] : []));
  let next = 0;
  return heights.map((height, i) => {
    while (next < known.length && itemAt(known, next).i < i) next += 1;
    if (isKnown(height)) return height;
    const [before, after] = [known[next - 1], known[next]];
    if (!before) return definite(after).height;
    if (!after) return before.height;
    return before.height + ((after.height - before.height) * (i - before.i)) / (after.i - before.i);
  });
}

/** Setups beyond the maximum of a bike, the last ones first. */
function surplusSetups({ bikes, setups }: Dataset): DataProblem[] {
  return bikes.flatMap(({ id, name }) =>
    setups
      .filter(({ bikeId }) => bikeId === id)
      .sort((a, b) => a.rank - b.rank)
      .slice(SETUPS_MAX)
      .map((setup) => ({
        table: 'setups' as const,
        id: setup.id,
        text: t('problem.surplusSetup', { setup: recordText('setups', setup), most: SETUPS_MAX, bike: name }),
        repair: t('cure.delete'),
        repaired: undefined,
        spoils: true,
      })),
  );
}
