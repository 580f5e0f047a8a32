import type { GearPair } from './build';
import { stopsRiding, type ReadingId } from './readings';
import type { StepId } from './step-ids';
import type { JobStep } from './steps';
import { STOPS_RIDING, type Ending, type Symptom } from './symptoms';
import type { Weighing } from './weighing';
import { lastOf } from '../items';

export const OUTCOMES = ['works', 'worksWithNotes', 'reverted', 'noEffect'] as const;
/** How a job came out; `noEffect` only of an experiment that changed nothing. */
export type Outcome = (typeof OUTCOMES)[number];

/** Something that a check found. */
export interface Finding {
  readonly symptom: Symptom;
  /** Undefined while it is open. */
  readonly ending?: Ending | undefined;
  /** Gears that stay out because of it, where it was accepted. */
  readonly gears?: readonly GearPair[] | undefined;
  /** How many cogs the chain drops. */
  readonly dropsCogs?: number | undefined;
}

/** What was done at one step. */
export interface StepProgress {
  /** Milliseconds since 1970; undefined while it is open. */
  readonly doneAtMs?: number | undefined;
  /** Whether it was skipped on purpose. */
  readonly skipped?: boolean | undefined;
  /** In the units of the step's readings. */
  readonly values?: Readonly<Partial<Record<ReadingId, number>>> | undefined;
  readonly note?: string | undefined;
  /** In the order in which they were found. */
  readonly findings?: readonly Finding[] | undefined;
}

export type Progress = Readonly<Partial<Record<StepId, StepProgress>>>;

/** A stretch of time in which the job was worked on. */
export interface Run {
  readonly fromMs: number;
  readonly toMs?: number | undefined;
}

export interface PartWeighing extends Weighing {
  /** Key of the item, such as "off cassette"; `all` for all of a side together; `bike` or `wheel`. */
  readonly what: string;
  /** Of bike and wheel: before and after the job. */
  readonly side: 'off' | 'on';
  /** All of that side on the scale at once. */
  readonly together: boolean;
}

/** The finding of a step that has not ended. */
export function openFinding(step: StepProgress | undefined): Finding | undefined {
  return step?.findings?.find(({ ending }) => ending === undefined);
}

/** Whether a step is over: done, or skipped. A finding keeps it open. */
export function isBehind(progress: Progress, id: StepId): boolean {
  const step = progress[id];
  return (
    step !== undefined && openFinding(step) === undefined && (step.doneAtMs !== undefined || step.skipped === true)
  );
}

/** The findings of a job with their steps, in the order of the steps that are given. */
function findingsOf(progress: Progress): readonly { readonly step: StepId; readonly finding: Finding }[] {
  return (Object.keys(progress) as StepId[]).flatMap((step) =>
    (progress[step]?.findings ?? []).map((finding) => ({ step, finding })),
  );
}

/** The gears that stay out after a job, each once. */
export function acceptedGears(progress: Progress): readonly GearPair[] {
  const gears = findingsOf(progress).flatMap(({ finding }) =>
    finding.ending === 'accepted' ? (finding.gears ?? []) : [],
  );
  const seen = new Map(gears.map((gear) => [`${gear.chainring}/${gear.cog}`, gear]));
  return [...seen.values()];
}

/** Whether a check ended in the parts being put back: then the job does too. */
export function isPutBack(progress: Progress): boolean {
  return findingsOf(progress).some(({ finding }) => finding.ending === 'putBack');
}

/** The steps of a job that is worked through; a swap's re-check is a job of its own, after the first rides. */
export function workSteps(steps: readonly JobStep[]): readonly JobStep[] {
  return steps.some(({ id }) => id === 'bigBig') ? steps.filter(({ id }) => id !== 'recheck') : steps;
}

/** The first step that is still open; undefined where none is. */
export function nextStep(steps: readonly JobStep[], progress: Progress): JobStep | undefined {
  return workSteps(steps).find(({ id }) => !isBehind(progress, id));
}

/** Checks that must not be skipped: riding without them destroys parts. */
const SAFETY_STEPS: readonly StepId[] = ['limitScrews', 'bigBig', 'smallSmall', 'checkCapacity'];

/** Why a step cannot be done or skipped yet. */
export type Obstacle =
  | { readonly code: 'neverSkipped' }
  | { readonly code: 'checksFirst'; readonly steps: readonly StepId[] }
  /** The chain as it was counted does not reach big-big. */
  | { readonly code: 'chainTooShort'; readonly links: number; readonly minLinks: number | undefined }
  | { readonly code: 'mustBePutBack' }
  /** A finding that forbids riding is open. */
  | { readonly code: 'findingOpen'; readonly step: StepId; readonly symptom: Symptom };

/** Undefined if nothing prevents it. */
export function obstacleTo(
  id: StepId,
  steps: readonly JobStep[],
  progress: Progress,
  how: 'done' | 'skipped',
): Obstacle | undefined {
  if (how === 'skipped') return SAFETY_STEPS.includes(id) ? { code: 'neverSkipped' } : undefined;
  const short = shortChain(steps, progress);
  if (id === 'chainLength') return short;
  if (id !== 'testRide' && id !== 'signOff') return undefined;
  if (isPutBack(progress)) return { code: 'mustBePutBack' };
  if (short) return short;
  const open = steps.filter((step) => SAFETY_STEPS.includes(step.id) && !isBehind(progress, step.id));
  if (open.length > 0) return { code: 'checksFirst', steps: open.map((step) => step.id) };
  for (const step of steps) {
    const finding = openFinding(progress[step.id]);
    if (finding && STOPS_RIDING.includes(finding.symptom)) {
      return { code: 'findingOpen', step: step.id, symptom: finding.symptom };
    }
  }
  return undefined;
}

function shortChain(steps: readonly JobStep[], progress: Progress): Obstacle | undefined {
  const reading = steps.find(({ id }) => id === 'chainLength')?.readings.find(({ id }) => id === 'links');
  const links = progress.chainLength?.values?.links;
  if (!reading || links === undefined || !stopsRiding(reading, links)) return undefined;
  return { code: 'chainTooShort', links, minLinks: reading.window?.min };
}

/** How long a job was worked on, ms. */
export function workedMs(runs: readonly Run[], nowMs: number): number {
  return runs.reduce((sum, { fromMs, toMs = nowMs }) => sum + Math.max(0, toMs - fromMs), 0);
}

/** Starts the clock; no effect if it runs. */
export function started(runs: readonly Run[], nowMs: number): readonly Run[] {
  return runs.at(-1) && lastOf(runs).toMs === undefined ? runs : [...runs, { fromMs: nowMs }];
}

export function stopped(runs: readonly Run[], nowMs: number): readonly Run[] {
  return runs.map((run) => (run.toMs === undefined ? { ...run, toMs: Math.max(run.fromMs, nowMs) } : run));
}
