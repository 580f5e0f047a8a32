/** One change of the shape of the data. Old types live inside `up`. */
export interface Migration {
  /** The data version that it makes; each is one above the one before. */
  readonly toVersion: number;
  readonly name: string;
  readonly table:
    | 'bikes'
    | 'setups'
    | 'preferences'
    | 'rides'
    | 'recordings'
    | 'routes'
    | 'parts'
    | 'jobs'
    | 'photos'
    | 'notes'
    | 'learners';
  /** Changes one record of the table from the version before; must not touch its input. */
  readonly up: (record: Record<string, unknown>) => Record<string, unknown>;
}

export const FIRST_DATA_VERSION = 1;

export function versionAfter(migrations: readonly Migration[]): number {
  return FIRST_DATA_VERSION + migrations.length;
}

/** Tables of records of some older version, as read from a file or the browser. */
export type RawTables = Readonly<Record<Migration['table'], readonly unknown[]>>;

/** Brings raw tables from `fromVersion` to the newest, step by step. What a step cannot read is left for the schema to refuse. */
export function migrate(tables: RawTables, fromVersion: number, migrations: readonly Migration[]): RawTables {
  return migrations
    .filter(({ toVersion }) => toVersion > fromVersion)
    .reduce<RawTables>(
      (current, { table, up }) => ({
        ...current,
        [table]: current[table].map((record) =>
          typeof record === 'object' && record !== null ? upOrAsItIs(up, record as Record<string, unknown>) : record,
        ),
      }),
      tables,
    );
}

/** A record whose parts are not what its version promises is no record of that version. */
function upOrAsItIs(up: Migration['up'], record: Record<string, unknown>): Record<string, unknown> {
  try {
    return up(record);
  } catch {
    return record;
  }
}
