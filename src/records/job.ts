import type { Migration } from './migration';
import { setupTo14, setupTo9 } from './setup';
import type { JobSide, SwapWork, JobRecord } from './job.schema';

export type { JobSide, SwapWork, JobRecord };

export const JOB_STATES = ['asked', 'waiting', 'ready', 'inHand', 'done'] as const;

export type JobState = (typeof JOB_STATES)[number];

/** Subjects of a trial that was recorded by hand. */
export const TRIAL_SUBJECTS = ['pastLimit', 'experiment'] as const;
export type TrialSubject = (typeof TRIAL_SUBJECTS)[number];

/** What a job does: swap one setup for another, look a bike over after a swap, or record what was tried without a card. */
export type JobWork = JobRecord['work'];

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
  {
    toVersion: 15,
    name: 'the setups of a job name their parts as setups do',
    table: 'jobs',
    up: (job) => ({ ...job, work: workTo15(job.work as WorkBefore15) }),
  },
];

interface WorkBefore15 {
  readonly from?: { readonly setup: Record<string, unknown> };
  readonly to?: { readonly setup: Record<string, unknown> };
  readonly side?: { readonly setup: Record<string, unknown> };
}

function workTo15(work: WorkBefore15): WorkBefore15 {
  const sideTo15 = (side: NonNullable<WorkBefore15['side']>) => ({ ...side, setup: setupTo14(side.setup) });
  return {
    ...work,
    ...(work.from && { from: sideTo15(work.from) }),
    ...(work.to && { to: sideTo15(work.to) }),
    ...(work.side && { side: sideTo15(work.side) }),
  };
}
