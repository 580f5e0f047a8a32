import type { Symptom } from './remedies';
import type { JobStep, StepId } from './steps';
import type { Weighing } from './weighing';

export const OUTCOMES = ['works', 'worksWithNotes', 'reverted'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** What was done at one step. */
export interface StepProgress {
  /** Milliseconds since 1970; undefined while it is open. */
  readonly doneAtMs?: number | undefined;
  /** Whether it was left out on purpose. */
  readonly skipped?: boolean | undefined;
  /** In the unit of the step's reading. */
  readonly value?: number | undefined;
  readonly note?: string | undefined;
  /** What the check found wrong, until it is mended. */
  readonly trouble?: Symptom | undefined;
  /** Troubles that were mended, in order. */
  readonly mended?: readonly Symptom[] | undefined;
}

export type Progress = Readonly<Partial<Record<StepId, StepProgress>>>;

/** A stretch of time in which the job was worked on. */
export interface Run {
  readonly fromMs: number;
  readonly toMs?: number | undefined;
}

export interface PartWeighing extends Weighing {
  readonly what: string;
  readonly side: 'off' | 'on';
  /** All of that side on the scale at once. */
  readonly together: boolean;
}

/** Whether a step is behind one: done, or left out. A trouble keeps it open. */
export function isBehind(progress: Progress, id: StepId): boolean {
  const step = progress[id];
  return step !== undefined && step.trouble === undefined && (step.doneAtMs !== undefined || step.skipped === true);
}

/** The steps of a job that is worked through; a swap's re-check is a job of its own, after the first rides. */
export function workSteps(steps: readonly JobStep[]): readonly JobStep[] {
  return steps.some(({ id }) => id === 'bigBig') ? steps.filter(({ id }) => id !== 'recheck') : steps;
}

/** The first step that is still open; undefined where none is. */
export function nextStep(steps: readonly JobStep[], progress: Progress): JobStep | undefined {
  return workSteps(steps).find(({ id }) => !isBehind(progress, id));
}

/** Checks that nobody may leave out: riding without them tears parts off. */
const SAFETY: readonly StepId[] = ['limitScrews', 'bigBig', 'smallSmall'];

/** Why a step cannot be done or left out yet; undefined where nothing stands in the way. */
export function standsInTheWay(
  id: StepId,
  steps: readonly JobStep[],
  progress: Progress,
  how: 'done' | 'skipped',
): string | undefined {
  if (how === 'skipped' && SAFETY.includes(id)) {
    return 'This check is never left out: a chain that locks or a derailleur in the spokes throws the rider.';
  }
  if (id !== 'testRide' && id !== 'signOff') return undefined;
  const open = steps.filter((step) => SAFETY.includes(step.id) && !isBehind(progress, step.id));
  if (open.length > 0 && how === 'done') {
    return `Never ride before these are done: ${open.map((step) => STEP_TITLES[step.id]).join(', ')}.`;
  }
  return undefined;
}

/** Steps in a word or two. */
export const STEP_TITLES: Readonly<Record<StepId, string>> = {
  decide: 'Read the card',
  fit: 'Fit',
  gather: 'Gather',
  weigh: 'Weigh',
  wheelOut: 'Wheel out',
  cassetteOff: 'Cassette off',
  freehub: 'Freehub body',
  spacer: 'Spacer',
  cassetteOn: 'Cassette on',
  wheelIn: 'Wheel in',
  crank: 'Crank and rings',
  guide: 'Chain guide',
  frontOff: 'Front derailleur off',
  frontOn: 'Front derailleur on',
  frontHeight: 'Front height',
  extender: 'Hanger extender',
  rearDerailleur: 'Rear derailleur',
  shifter: 'Shifter',
  chainLength: 'Chain length',
  bGap: 'B-gap',
  limitScrews: 'Limit screws',
  indexing: 'Indexing',
  bigBig: 'Big-big by hand',
  smallSmall: 'Small-small',
  backPedal: 'Back-pedal',
  torque: 'Torque once more',
  testRide: 'Test ride',
  signOff: 'Sign-off',
  recheck: 'Re-check',
};

/** How long a job was worked on, ms. */
export function workedMs(runs: readonly Run[], nowMs: number): number {
  return runs.reduce((sum, { fromMs, toMs = nowMs }) => sum + Math.max(0, toMs - fromMs), 0);
}

/** Starts the clock where it stands; a clock that runs goes on. */
export function started(runs: readonly Run[], nowMs: number): readonly Run[] {
  return runs.at(-1) && runs.at(-1)!.toMs === undefined ? runs : [...runs, { fromMs: nowMs }];
}

export function stopped(runs: readonly Run[], nowMs: number): readonly Run[] {
  return runs.map((run) => (run.toMs === undefined ? { ...run, toMs: Math.max(run.fromMs, nowMs) } : run));
}
