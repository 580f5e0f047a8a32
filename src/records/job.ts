import type { CheckId, Freehub } from '../core/fit';
import type { Slot } from '../core/shelf';
import type { Outcome, PartWeighing, Progress, Run, StepId } from '../core/swap';
import type { SetupRecord } from './setup';

export const JOB_STATES = ['asked', 'waiting', 'ready', 'inHand', 'done'] as const;

export type JobState = (typeof JOB_STATES)[number];

/** A part of the shelf as it was when the job was planned: the card outlives the shelf. */
export interface JobPart {
  readonly id: string;
  readonly name: string;
  readonly massG?: number | undefined;
  readonly price?: number | undefined;
  readonly currency?: string | undefined;
  readonly chainLinks?: number | undefined;
}

/** One side of a swap, as it was planned. */
export interface JobSide {
  readonly setup: SetupRecord;
  readonly freehub?: Freehub | undefined;
  readonly parts: Readonly<Partial<Record<Slot, JobPart>>>;
}

/** What a job does: swap one setup for another, or look a bike over after a swap. */
export type JobWork =
  | {
      readonly kind: 'swap';
      readonly from: JobSide;
      readonly to: JobSide;
      readonly newChain: boolean;
      readonly weighs: boolean;
      readonly usesQuickLink: boolean;
      /** Whether it takes another job back. */
      readonly isReturn?: boolean | undefined;
    }
  | { readonly kind: 'recheck'; readonly ofJobId: string; readonly afterKm: number };

export interface JobRecord {
  readonly id: string;
  readonly bikeId: string;
  readonly name: string;
  readonly state: JobState;
  readonly createdAtMs: number;
  /** The day on which it is to be done, as 2026-12-03. */
  readonly dueOn?: string | undefined;
  /** Why on that day: "before the mountain week". */
  readonly occasion?: string | undefined;
  /** The job that takes it back, or that it takes back. */
  readonly pairId?: string | undefined;
  readonly work: JobWork;
  readonly progress: Progress;
  /** The step that is on screen. */
  readonly at?: StepId | undefined;
  readonly runs: readonly Run[];
  readonly weighings: readonly PartWeighing[];
  /** Keys of the purchases that have come. */
  readonly bought: readonly string[];
  /** How it came out; only with `finishedAtMs`. */
  readonly outcome?: Outcome | undefined;
  readonly outcomeNote?: string | undefined;
  readonly finishedAtMs?: number | undefined;
  /** Published limits that the new setup passed at its sign-off; of one that was reverted those that it was reverted for. */
  readonly passed?: readonly { readonly id: CheckId; readonly overT: number }[] | undefined;
}

export const RECHECK_AFTER_KM = 100;

export const JOB_DEFAULTS = {
  state: 'asked',
  progress: {},
  runs: [],
  weighings: [],
  bought: [],
} as const satisfies Partial<JobRecord>;
