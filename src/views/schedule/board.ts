import type { JobCard } from '../../core/job';
import { JOB_STATES, type JobRecord, type JobState } from '../../records';
import { firstOf } from '../../core/items';

export interface BoardJob {
  readonly job: JobRecord;
  readonly card: JobCard | undefined;
  readonly minutes: number;
  readonly bikeName: string;
}

/** A column of the board: a day of the week, what is late, or what has no day. */
export type Column = 'late' | 'none' | (string & {});

export interface Cell {
  readonly state: JobState;
  readonly column: Column;
  readonly jobs: readonly BoardJob[];
}

export interface Board {
  readonly columns: readonly { readonly column: Column; readonly minutes: number }[];
  /** A row a state, a cell a column. */
  readonly rows: readonly (readonly Cell[])[];
}

/** The column of a job; undefined where its day is outside the week shown. */
export function columnOf(job: JobRecord, days: readonly string[], today: string): Column | undefined {
  if (job.state === 'done') {
    const on = job.dueOn;
    return on !== undefined && days.includes(on) ? on : undefined;
  }
  if (job.dueOn === undefined) return 'none';
  if (days.includes(job.dueOn)) return job.dueOn;
  return job.dueOn < firstOf(days) && job.dueOn < today ? 'late' : undefined;
}

/** The week as rows of states and columns of days, with the time that each day is taken up for. */
export function boardOf(jobs: readonly BoardJob[], days: readonly string[], today: string): Board {
  const placed = jobs.map((one) => ({ one, column: columnOf(one.job, days, today) }));
  const columns: Column[] = [...(placed.some(({ column }) => column === 'late') ? ['late'] : []), ...days, 'none'];
  const inColumn = (column: Column) => placed.filter((entry) => entry.column === column).map(({ one }) => one);
  return {
    columns: columns.map((column) => ({
      column,
      minutes: inColumn(column)
        .filter(({ job }) => job.state !== 'done')
        .reduce((sum, { minutes }) => sum + minutes, 0),
    })),
    rows: JOB_STATES.map((state) =>
      columns.map((column) => ({ state, column, jobs: inColumn(column).filter(({ job }) => job.state === state) })),
    ),
  };
}

/** What a job becomes when it is dropped in a cell; undefined where it cannot. A job cannot be dropped on “done”; it has to be signed off. */
export function dropped(job: JobRecord, state: JobState, column: Column): JobRecord | undefined {
  if (job.state === 'done' || state === 'done' || column === 'late') return undefined;
  const { dueOn: _day, ...rest } = job;
  return column === 'none' ? { ...rest, state } : { ...rest, state, dueOn: column };
}
