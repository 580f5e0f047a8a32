import type { Middleware, DBCore } from 'dexie';
import type { TABLE_SCHEMAS } from '../records/schemas';
import { KEPT_TABLES, recordText, type KeptTable } from '../records';
import { t } from './words';

type Guarded = KeptTable | 'preferences';
type RecordSchemas = typeof TABLE_SCHEMAS;

/** Thrown where a record does not pass its schema. The transaction is rolled back. */
export class RefusedRecordError extends Error {
  constructor(
    readonly table: Guarded,
    readonly id: string,
    sentence: string,
  ) {
    super(sentence);
  }
}

let schemas: RecordSchemas | undefined;

/**
 * Loads the schemas. They are large and load after the page, so every writer awaits this before it opens its transaction,
 * which would commit while it waits.
 */
export async function openGate(): Promise<RecordSchemas> {
  schemas ??= (await import('../records/schemas')).TABLE_SCHEMAS;
  return schemas;
}

/**
 * Middleware that validates every record written to a guarded table against its schema, in the same transaction; an
 * invalid record fails the whole transaction. An upgrade of the layout is exempt: opening the store checks what it leaves.
 */
export const GATE: Middleware<DBCore> = {
  stack: 'dbcore',
  name: 'gate',
  create: (core) => ({
    ...core,
    table: (name) => {
      const table = core.table(name);
      if (!isGuarded(name)) return table;
      return {
        ...table,
        mutate: (request) => {
          const isUpgrade = (request.trans as IDBTransaction).mode === 'versionchange';
          if (!isUpgrade && (request.type === 'add' || request.type === 'put')) {
            for (const record of request.values as readonly unknown[]) check(name, record);
          }
          return table.mutate(request);
        },
      };
    },
  }),
};

const isGuarded = (name: string): name is Guarded => name === 'preferences' || KEPT_TABLES.includes(name as KeptTable);

function check(table: Guarded, record: unknown): void {
  if (!schemas) throw new Error(`a write to ${table} before the gate was open: call openGate first`);
  const result = schemas[table].safeParse(record);
  if (result.success) return;
  const [issue] = result.error.issues;
  const place = issue?.path.join('.') ?? '';
  const { id } = record as { readonly id?: unknown };
  const what = recordText(table, record);
  const capital = what.charAt(0).toUpperCase() + what.slice(1);
  const refused = { record: capital, cause: issue?.message ?? '' };
  const sentence = place === '' ? t('refused', refused) : t('refusedAt', { ...refused, place });
  throw new RefusedRecordError(table, String(id), sentence);
}
