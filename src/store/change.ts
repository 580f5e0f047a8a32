import type { EntityTable } from 'dexie';
import { KEPT_TABLES, sameRecord, type KeptRecords, type KeptTable } from '../records';
import { binnedOf } from './bin';
import type { RontelDatabase } from './db';
import type { HistoryEntry, RecordChange } from './history-entry';

/** Undo steps that are kept. */
const HISTORY_LENGTH = 200;
/** Edits of one field closer in time than this are one undo step. */
const MERGE_WITHIN_MS = 1500;

/** Collects what one change does; every write goes through it, so that undo misses none. */
export interface Draft {
  readonly put: <T extends KeptTable>(table: T, record: KeptRecords[T]) => Promise<void>;
  readonly update: <T extends KeptTable>(
    table: T,
    id: string,
    edit: (record: KeptRecords[T]) => KeptRecords[T],
  ) => Promise<void>;
  readonly remove: (table: KeptTable, id: string) => Promise<void>;
}

export interface ChangeOptions {
  readonly label: string;
  readonly mergeKey?: string;
  /** Milliseconds since 1970. */
  readonly now: number;
}

/** Does `work` as one transaction and one undo step; rolls all of it back when it throws. */
export async function change(
  db: RontelDatabase,
  { label, mergeKey, now }: ChangeOptions,
  work: (draft: Draft) => Promise<void>,
): Promise<void> {
  await db.transaction('rw', changeTables(db), async () => {
    const changes = new Map<string, RecordChange>();
    await work(draftInto(db, changes));
    const real = [...changes.values()].filter(isReal);
    if (real.length > 0) await remember(db, { label, mergeKey, at: now, undone: 0, changes: real });
    const binned = binnedOf(label, now, real);
    if (binned) await db.bin.add(binned);
  });
}

/** Takes back the newest step; answers with its label, or undefined when there is none. */
export function undo(db: RontelDatabase): Promise<string | undefined> {
  return travel(db, 0);
}

/** Does the step again that was taken back last. */
export function redo(db: RontelDatabase): Promise<string | undefined> {
  return travel(db, 1);
}

/** The labels that undo and redo would act on now. */
export async function historyLabels(
  db: RontelDatabase,
): Promise<{ undo: string | undefined; redo: string | undefined }> {
  const [last, next] = [await newest(db, 0), await newest(db, 1)];
  return { undo: last?.label, redo: next?.label };
}

/** The tables that a change may write to. */
export function keptTables(db: RontelDatabase) {
  return KEPT_TABLES.map((table) => db[table]);
}

/** The tables that a change needs: what is kept, the steps of undo, and the bin. */
export function changeTables(db: RontelDatabase) {
  return [...keptTables(db), db.history, db.bin];
}

/** A table by its name, for what is done to each alike. */
export function tableOf(db: RontelDatabase, table: KeptTable): EntityTable<KeptRecords[KeptTable], 'id'> {
  return db[table] as EntityTable<KeptRecords[KeptTable], 'id'>;
}

function draftInto(db: RontelDatabase, changes: Map<string, RecordChange>): Draft {
  const record = async (table: KeptTable, id: string, after: KeptRecords[KeptTable] | undefined) => {
    const known = changes.get(`${table}/${id}`);
    const before = known ? known.before : await tableOf(db, table).get(id);
    changes.set(`${table}/${id}`, { table, id, before, after });
    await apply(db, table, id, after);
  };
  return {
    put: (table, value) => record(table, value.id, value),
    update: async (table, id, edit) => {
      const now = await tableOf(db, table).get(id);
      if (!now) throw new Error(`nothing to change: ${table} ${id} is gone`);
      await record(table, id, edit(now as KeptRecords[typeof table]));
    },
    remove: (table, id) => record(table, id, undefined),
  };
}

async function apply(db: RontelDatabase, table: KeptTable, id: string, value: KeptRecords[KeptTable] | undefined) {
  if (value === undefined) await tableOf(db, table).delete(id);
  else await tableOf(db, table).put(value);
}

async function remember(db: RontelDatabase, entry: HistoryEntry): Promise<void> {
  await db.history.where('undone').equals(1).delete();
  const last = await newest(db, 0);
  if (
    last &&
    entry.mergeKey !== undefined &&
    last.mergeKey === entry.mergeKey &&
    // A clock that was set back would otherwise make one step of all that follows.
    Math.abs(entry.at - last.at) < MERGE_WITHIN_MS
  ) {
    const changes = mergeChanges(last.changes, entry.changes).filter(isReal);
    // Typed there and back again: nothing is left to undo.
    if (changes.length === 0) await db.history.delete(last.seq);
    else await db.history.put({ ...entry, seq: last.seq, changes });
    return;
  }
  await db.history.add(entry);
  const surplus = (await db.history.count()) - HISTORY_LENGTH;
  if (surplus > 0) await db.history.bulkDelete(await db.history.orderBy('seq').limit(surplus).primaryKeys());
}

function isReal({ before, after }: RecordChange): boolean {
  return !sameRecord(before, after);
}

function mergeChanges(earlier: readonly RecordChange[], later: readonly RecordChange[]): RecordChange[] {
  const merged = new Map(earlier.map((item) => [`${item.table}/${item.id}`, item]));
  for (const item of later) {
    const key = `${item.table}/${item.id}`;
    merged.set(key, { ...item, before: merged.has(key) ? merged.get(key)!.before : item.before });
  }
  return [...merged.values()];
}

/** The step that undo (0) or redo (1) acts on: the last one done, the first one undone. */
async function newest(db: RontelDatabase, undone: 0 | 1): Promise<HistoryEntry | undefined> {
  const entries = db.history.where('undone').equals(undone);
  return undone === 0 ? entries.last() : entries.first();
}

function travel(db: RontelDatabase, from: 0 | 1): Promise<string | undefined> {
  return db.transaction('rw', [...keptTables(db), db.history], async () => {
    const entry = await newest(db, from);
    if (!entry) return undefined;
    for (const { table, id, before, after } of entry.changes) {
      await apply(db, table, id, from === 0 ? before : after);
    }
    await db.history.put({ ...entry, undone: from === 0 ? 1 : 0 });
    return entry.label;
  });
}
