/** One migration of a record's shape. Old types live inside `up`. */
export interface Migration {
  /** The data version that it produces; consecutive. */
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
  /** Migrates one record from the previous version; must not mutate its input. */
  readonly up: (record: Record<string, unknown>) => Record<string, unknown>;
}

const FIRST_DATA_VERSION = 1;

export function versionAfter(migrations: readonly Migration[]): number {
  return FIRST_DATA_VERSION + migrations.length;
}

/** Raw tables of an older version, as read from a file or the browser. */
export type RawTables = Readonly<Record<Migration['table'], readonly unknown[]>>;

/** Migrates raw tables from `fromVersion` to the latest. Records that a migration cannot read are left for the schema to reject. */
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

/** Whether a raw record has the shape that its version requires. */
function upOrAsItIs(up: Migration['up'], record: Record<string, unknown>): Record<string, unknown> {
  try {
    return up(record);
  } catch {
    return record;
  }
}
