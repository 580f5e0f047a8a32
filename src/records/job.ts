import type { CheckId, Freehub } from '../core/fit';
import type { Slot } from '../core/shelf';
import type { ChainChoice, DescribedSlot, Outcome, PartWeighing, Progress, Run, StepId, SwapKind } from '../core/job';
import type { Migration } from './migration';
import { setupTo9, type SetupRecord } from './setup';

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

/** One side of a swap: as it was planned, and once the job is over as it was. */
export interface JobSide {
  readonly setup: SetupRecord;
  readonly freehub?: Freehub | undefined;
  readonly parts: Readonly<Partial<Record<Slot, JobPart>>>;
}

/** From one setup to another. */
export interface SwapWork {
  readonly kind: 'swap';
  /** While the job is open the card is worked out from what is on the bike, not from this. */
  readonly from: JobSide;
  /** Its `chainLinks` are a wish; absent where none was made. */
  readonly to: JobSide;
  readonly chain: ChainChoice;
  readonly newChain: boolean;
  readonly weighs: boolean;
  readonly usesQuickLink: boolean;
  /** Whether the bike has crashed or shifted badly. */
  readonly checksHanger?: boolean | undefined;
  /** Parts that stay on the bike although the new setup describes them otherwise. */
  readonly keeps?: readonly DescribedSlot[] | undefined;
  /** Whether it takes its pair back. */
  readonly isReturn?: boolean | undefined;
}

/** What a trial was about that was recorded by hand. */
export const TRIAL_SUBJECTS = ['pastLimit', 'experiment'] as const;
export type TrialSubject = (typeof TRIAL_SUBJECTS)[number];

/** What a job does: swap one setup for another, look a bike over after a swap, or record what was tried without a card. */
export type JobWork =
  | SwapWork
  | { readonly kind: 'recheck'; readonly ofJobId: string; readonly afterKm: number }
  | { readonly kind: 'trial'; readonly about: TrialSubject; readonly side: JobSide };

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
  /** What kind of swap it was; kept at its sign-off, for the times that its steps took. */
  readonly swapKind?: SwapKind | undefined;
  /** How it came out; only with `finishedAtMs`. */
  readonly outcome?: Outcome | undefined;
  readonly outcomeNote?: string | undefined;
  readonly finishedAtMs?: number | undefined;
  /** Published limits that the new setup passed at its sign-off; of one that was put back those that are named as the cause. */
  readonly passed?: readonly { readonly id: CheckId; readonly overT: number }[] | undefined;
}

export const RECHECK_AFTER_KM = 100;

/** What a reading of a step can be kept as at all, whatever its unit. */
export const READING = { min: -1000, max: 100_000 } as const;

export const JOB_DEFAULTS = {
  state: 'asked',
  progress: {},
  runs: [],
  weighings: [],
  bought: [],
} as const satisfies Partial<JobRecord>;

/** A step of a job before version 10, when each had one reading and one open trouble. */
interface StepBefore10 {
  readonly value?: unknown;
  readonly trouble?: unknown;
  readonly mended?: readonly unknown[];
}

/** The reading that each step had. */
const READING_BEFORE_10: Readonly<Record<string, string>> = {
  spacer: 'spacerMm',
  cassetteOn: 'torque.lockring',
  frontOn: 'cageHeightMm',
  frontHeight: 'cageHeightMm',
  chainLength: 'links',
  bGap: 'gapMm',
  testRide: 'km',
  recheck: 'wearPercent',
};

/** A step that has become another: what was read at fitting a front derailleur is its height. */
const STEP_BEFORE_10: Readonly<Record<string, string>> = { frontOn: 'frontHeight' };

function stepTo10(id: string, step: StepBefore10 & Record<string, unknown>): Record<string, unknown> {
  const { value, trouble, mended = [], ...rest } = step;
  const reading = READING_BEFORE_10[id];
  const findings = [
    ...mended.map((symptom) => ({ symptom, ending: 'fixed' })),
    ...(trouble === undefined ? [] : [{ symptom: trouble }]),
  ];
  return {
    ...rest,
    ...(value !== undefined && reading !== undefined && { values: { [reading]: value } }),
    ...(findings.length > 0 && { findings }),
  };
}

interface WorkBefore10 {
  readonly kind?: unknown;
  readonly from?: { readonly setup: Record<string, unknown> };
  readonly to?: { readonly setup: Record<string, unknown> };
}

function workTo10(work: WorkBefore10 & Record<string, unknown>): Record<string, unknown> {
  const { kind, from, to } = work;
  if (kind !== 'swap' || !from || !to) return work;
  const setup = setupTo9(to.setup);
  // A count that was copied from the setup on the bike is no wish.
  const isCopied = setup.chainLinks === from.setup.chainLinks;
  const { chainLinks, ...uncounted } = setup;
  return {
    ...work,
    from: { ...from, setup: setupTo9(from.setup) },
    to: { ...to, setup: isCopied || chainLinks === undefined ? uncounted : setup },
    chain: 'leave',
  };
}

export const JOB_MIGRATIONS: readonly Migration[] = [
  {
    toVersion: 10,
    name: 'a step has several readings and findings; a job says what becomes of the chain',
    table: 'jobs',
    up: (job) => {
      const { progress, work } = job as { progress: Record<string, Record<string, unknown>>; work: WorkBefore10 };
      return {
        ...job,
        work: workTo10(work as WorkBefore10 & Record<string, unknown>),
        progress: Object.fromEntries(
          Object.entries(progress).map(([id, step]) => [STEP_BEFORE_10[id] ?? id, stepTo10(id, step)]),
        ),
      };
    },
  },
];
