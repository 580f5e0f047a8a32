import type { EntityTable } from 'dexie';
import { KEPT_TABLES, sameRecord, type KeptRecords, type KeptTable } from '../records';
import { mustBelong } from './belonging';
import { binnedOf } from './bin';
import { carriedOver } from './carried-over';
import type { RontelDatabase } from './db';
import { openGate } from './gate';
import type { HistoryEntry, RecordChange } from './history-entry';
import { t } from './words';
import { entryOf } from '../core/items';

/** Maximum number of undo steps. */
const HISTORY_LENGTH = 200;
/** Edits with the same key closer in time than this are merged into one undo step. */
const MERGE_WITHIN_MS = 1500;

/** From this number of records on it is faster to read the existing ids first. */
const MANY = 500;

/** Writes records and collects what changes; every write goes through it, so that undo is complete. */
export interface Draft {
  readonly put: <T extends KeptTable>(table: T, record: KeptRecords[T]) => Promise<void>;
  /** Puts many records at once. */
  readonly putAll: <T extends KeptTable>(table: T, records: readonly KeptRecords[T][]) => Promise<void>;
  readonly update: <T extends KeptTable>(
    table: T,
    id: string,
    edit: (record: KeptRecords[T]) => KeptRecords[T],
  ) => Promise<void>;
  readonly remove: (table: KeptTable, id: string) => Promise<void>;
  readonly removeAll: (table: KeptTable, ids: readonly string[]) => Promise<void>;
}

/** One undo step: its label and its identity. */
export interface EditStep {
  readonly label: string;
  /** Edits of one record under one key in quick succession are one step. */
  readonly key: string;
}

interface ChangeOptions {
  readonly label: string;
  readonly mergeKey?: string;
  /** Milliseconds since 1970. */
  readonly now: number;
}

/**
 * Runs `work` as one transaction and one undo step of this tab; rolls everything back if it throws.
 * @throws RefusedRecordError if a record does not pass its schema
 * @throws DoesNotFitError if a record refers to something that does not exist, such as a bike that another window has
 * deleted
 */
export async function change(
  db: RontelDatabase,
  { label, mergeKey, now }: ChangeOptions,
  work: (draft: Draft) => Promise<void>,
): Promise<void> {
  await openGate();
  await db.transaction('rw', changeTables(db), async () => {
    const changes = new Map<string, RecordChange>();
    await work(draftInto(db, changes));
    const real = [...changes.values()].filter(isReal);
    if (real.length === 0) return;
    await mustBelong(db, real);
    await remember(db, { label, mergeKey, at: now, undone: 0, tab: db.tab, changes: real });
    const binned = binnedOf(label, now, real);
    if (binned) await db.bin.add(binned);
  });
}

/**
 * Undoes the latest step of this tab; returns its label, or undefined if there is none.
 * @throws BuiltOnError if another window has changed the same fields since; the step is dropped, so that the next undo
 * continues with the one before it
 */
export function undo(db: RontelDatabase): Promise<string | undefined> {
  return travel(db, 0);
}

/** Redoes the step of this tab that was undone last. @throws BuiltOnError as {@link undo} does */
export function redo(db: RontelDatabase): Promise<string | undefined> {
  return travel(db, 1);
}

/** Reads the labels of the steps that undo and redo would apply in this tab. */
export async function historyLabels(
  db: RontelDatabase,
): Promise<{ undo: string | undefined; redo: string | undefined }> {
  const [last, next] = [await newest(db, 0), await newest(db, 1)];
  return { undo: last?.label, redo: next?.label };
}

/** Thrown where a step cannot be undone or redone because another window has changed the same fields since. */
export class BuiltOnError extends Error {
  constructor(label: string, from: 0 | 1) {
    super(t(from === 0 ? 'notUndone' : 'notRedone', { label }));
  }
}

/** Returns the tables that a change may write to. */
export function keptTables(db: RontelDatabase) {
  return KEPT_TABLES.map((table) => db[table]);
}

/** Returns the tables of a change's transaction: records, undo steps and bin. */
export function changeTables(db: RontelDatabase) {
  return [...keptTables(db), db.history, db.bin];
}

/** Returns a table by its name, typed for generic access. */
export function tableOf(db: RontelDatabase, table: KeptTable): EntityTable<KeptRecords[KeptTable], 'id'> {
  return db[table] as EntityTable<KeptRecords[KeptTable], 'id'>;
}

function draftInto(db: RontelDatabase, changes: Map<string, RecordChange>): Draft {
  const note = (
    table: KeptTable,
    id: string,
    before: KeptRecords[KeptTable] | undefined,
    after: RecordChange['after'],
  ) => {
    const key = `${table}/${id}`;
    const known = changes.get(key);
    changes.set(key, { table, id, before: known ? known.before : before, after });
  };
  /** Ids that existed when the change began, of tables with bulk writes. */
  const idsBefore = new Map<KeptTable, ReadonlySet<string>>();
  /** Reads the current records, skipping ids that are known not to exist. */
  const recordsNow = async (table: KeptTable, ids: readonly string[]) => {
    if (ids.length < MANY) return tableOf(db, table).bulkGet([...ids]);
    if (!idsBefore.has(table)) idsBefore.set(table, new Set(await tableOf(db, table).toCollection().primaryKeys()));
    const there = ids.filter((id) => entryOf(idsBefore, table).has(id));
    const found = new Map((await tableOf(db, table).bulkGet(there)).flatMap((one) => (one ? [[one.id, one]] : [])));
    return ids.map((id) => found.get(id));
  };
  const putAll = async (table: KeptTable, records: readonly KeptRecords[KeptTable][]) => {
    if (records.length === 0) return;
    const before = await recordsNow(
      table,
      records.map(({ id }) => id),
    );
    records.forEach((record, i) => note(table, record.id, before[i], record));
    await tableOf(db, table).bulkPut([...records]);
  };
  const removeAll = async (table: KeptTable, ids: readonly string[]) => {
    if (ids.length === 0) return;
    const before = await recordsNow(table, ids);
    ids.forEach((id, i) => note(table, id, before[i], undefined));
    await tableOf(db, table).bulkDelete([...ids]);
  };
  return {
    put: (table, record) => putAll(table, [record]),
    putAll,
    update: async (table, id, edit) => {
      const now = await tableOf(db, table).get(id);
      if (!now) throw new Error(t('gone', { table, id }));
      await putAll(table, [edit(now as KeptRecords[typeof table])]);
    },
    remove: (table, id) => removeAll(table, [id]),
    removeAll,
  };
}

async function remember(db: RontelDatabase, entry: HistoryEntry): Promise<void> {
  await stepsOf(db, 1).delete();
  const last = await newest(db, 0);
  const newestOfAll = await db.history.orderBy('seq').last();
  if (
    last &&
    // Steps of another tab in between end the merge.
    last.seq === newestOfAll?.seq &&
    entry.mergeKey !== undefined &&
    last.mergeKey === entry.mergeKey &&
    // A clock that was set back must not merge everything that follows.
    Math.abs(entry.at - last.at) < MERGE_WITHIN_MS
  ) {
    const changes = mergeChanges(last.changes, entry.changes).filter(isReal);
    // Typed and reverted: nothing is left to undo.
    if (changes.length === 0) await db.history.delete(last.seq);
    else await db.history.put({ ...entry, changes, ...(last.seq !== undefined && { seq: last.seq }) });
    return;
  }
  await db.history.add(entry);
  const surplus = (await db.history.count()) - HISTORY_LENGTH;
  if (surplus > 0) await db.history.bulkDelete(await db.history.orderBy('seq').limit(surplus).primaryKeys());
}

function isReal({ before, after }: RecordChange): boolean {
  return before === undefined || after === undefined ? before !== after : !sameRecord(before, after);
}

function mergeChanges(earlier: readonly RecordChange[], later: readonly RecordChange[]): RecordChange[] {
  const merged = new Map(earlier.map((item) => [`${item.table}/${item.id}`, item]));
  for (const item of later) {
    const key = `${item.table}/${item.id}`;
    merged.set(key, { ...item, before: merged.has(key) ? entryOf(merged, key).before : item.before });
  }
  return [...merged.values()];
}

/** Selects the steps of this tab that undo (0) or redo (1) applies to. */
const stepsOf = (db: RontelDatabase, undone: 0 | 1) => db.history.where('[tab+undone]').equals([db.tab, undone]);

/** Reads the step that undo (0) or redo (1) applies: the last one done, or the first one undone. */
async function newest(db: RontelDatabase, undone: 0 | 1): Promise<HistoryEntry | undefined> {
  const entries = await stepsOf(db, undone).sortBy('seq');
  return undone === 0 ? entries.at(-1) : entries[0];
}

async function travel(db: RontelDatabase, from: 0 | 1): Promise<string | undefined> {
  await openGate();
  const builtOn = await db.transaction('rw', [...keptTables(db), db.history], async () => {
    const entry = await newest(db, from);
    if (!entry) return undefined;
    const steps: RecordChange[] = [];
    for (const { table, id, before, after } of entry.changes) {
      const [was, becomes] = from === 0 ? [after, before] : [before, after];
      const now = await tableOf(db, table).get(id);
      const next = carriedOver(was, becomes, now);
      if (!next.ok) {
        await db.history.delete(entry.seq);
        return { error: new BuiltOnError(entry.label, from) };
      }
      steps.push({ table, id, before: now, after: next.value as KeptRecords[KeptTable] | undefined });
    }
    for (const { table, id, after } of steps) {
      if (after === undefined) await tableOf(db, table).delete(id);
      else await tableOf(db, table).put(after);
    }
    await mustBelong(db, steps);
    await db.history.put({ ...entry, undone: from === 0 ? 1 : 0 });
    return { label: entry.label };
  });
  if (builtOn?.error) throw builtOn.error;
  return builtOn?.label;
}
