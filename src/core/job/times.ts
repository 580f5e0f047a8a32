import type { SwapKind } from './difference';
import { workedMs, type Progress, type Run } from './progress';
import { STEP_IDS, type StepId } from './step-ids';
import { itemAt } from '../items';

/** A job that is over, as far as its times are worth learning from. */
interface TimedJob {
  readonly kind: SwapKind;
  readonly progress: Progress;
  readonly runs: readonly Run[];
}

/** The median of how long a step took, and of how many jobs. */
interface LearnedTime {
  readonly minutes: number;
  readonly count: number;
}

export type LearnedTimes = Readonly<Partial<Record<SwapKind, Readonly<Partial<Record<StepId, LearnedTime>>>>>>;

/** Below this a step was ticked together with another, not worked on, ms. */
const TICKED_ALONG_MS = 3000;
/** Minimum number of jobs for a typical time. */
const LEARNED_FROM = 2;
const MS_PER_MINUTE = 60_000;

/** How long each step of finished jobs took by the clock, the median for each step and kind of job. */
export function learnedTimes(jobs: readonly TimedJob[]): LearnedTimes {
  const taken = new Map<SwapKind, Map<StepId, number[]>>();
  for (const { kind, progress, runs } of jobs) {
    for (const [id, ms] of stepTimes(progress, runs)) {
      const ofKind = taken.get(kind) ?? new Map<StepId, number[]>();
      ofKind.set(id, [...(ofKind.get(id) ?? []), ms]);
      taken.set(kind, ofKind);
    }
  }
  return Object.fromEntries(
    [...taken].map(([kind, steps]) => [
      kind,
      Object.fromEntries(
        [...steps]
          .filter(([, times]) => times.length >= LEARNED_FROM)
          .map(([id, times]) => [id, { minutes: median(times) / MS_PER_MINUTE, count: times.length }]),
      ),
    ]),
  );
}

/** From one tick to the next, as far as the clock ran between them. */
function stepTimes(progress: Progress, runs: readonly Run[]): [StepId, number][] {
  if (runs.length === 0) return [];
  const done = STEP_IDS.flatMap((id): [StepId, number][] => {
    const at = progress[id]?.doneAtMs;
    return at === undefined || progress[id]?.skipped ? [] : [[id, at]];
  }).sort(([, a], [, b]) => a - b);
  let sinceMs = Math.min(...runs.map(({ fromMs }) => fromMs));
  return done.flatMap(([id, at]): [StepId, number][] => {
    const ms = workedMs(clipped(runs, sinceMs, at), at);
    sinceMs = at;
    return ms < TICKED_ALONG_MS ? [] : [[id, ms]];
  });
}

function clipped(runs: readonly Run[], fromMs: number, toMs: number): Run[] {
  return runs.map((run) => ({ fromMs: Math.max(run.fromMs, fromMs), toMs: Math.min(run.toMs ?? toMs, toMs) }));
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length / 2;
  return sorted.length % 2 === 0
    ? (itemAt(sorted, middle - 1) + itemAt(sorted, middle)) / 2
    : itemAt(sorted, Math.floor(middle));
}
