import type { KeptRecords, KeptTable } from '../records';

/** One record before and after a change; undefined if it did not exist. */
export interface RecordChange {
  readonly table: KeptTable;
  readonly id: string;
  readonly before: KeptRecords[KeptTable] | undefined;
  readonly after: KeptRecords[KeptTable] | undefined;
}

/** One undo step. */
export interface HistoryEntry {
  /** Assigned by the database, ascending. */
  readonly seq?: number;
  /** What was done, for the tooltip, such as "cadence of Estuary tourer". */
  readonly label: string;
  /** Changes with the same key in quick succession are merged into one step, so that undo does not go letter by letter. */
  readonly mergeKey?: string | undefined;
  /** Milliseconds since 1970. */
  readonly at: number;
  /** The tab that made the change; undo in another tab ignores it. */
  readonly tab: string;
  /** 1 if undone and available to redo; a number because booleans cannot be indexed. */
  readonly undone: 0 | 1;
  readonly changes: readonly RecordChange[];
}
