import type { KeptRecords, KeptTable } from '../records';

/** One record before and after a change; undefined where it was not there. */
export interface RecordChange {
  readonly table: KeptTable;
  readonly id: string;
  readonly before: KeptRecords[KeptTable] | undefined;
  readonly after: KeptRecords[KeptTable] | undefined;
}

/** One step that undo takes back whole. */
export interface HistoryEntry {
  /** Given by the database, rising. */
  readonly seq?: number;
  /** What was done, for the tooltip: "cadence of Estuary tourer". */
  readonly label: string;
  /** Changes with the same key in quick succession are one step, so that undo does not go letter by letter. */
  readonly mergeKey?: string | undefined;
  /** Milliseconds since 1970. */
  readonly at: number;
  /** The tab that did it: undo of another leaves it alone. */
  readonly tab: string;
  /** 1 when taken back and waiting for redo; a number, for the index. */
  readonly undone: 0 | 1;
  readonly changes: readonly RecordChange[];
}
