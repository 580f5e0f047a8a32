'use client';

import { useMemo } from 'react';
import type { JobCard, JobStep } from '../../core/swap';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import type { ShopFacts } from '../../kit/bench/fit-input';
import { cardOf, goneParts, stepsOf } from '../../kit/shop/card-of';
import { useShop } from '../../kit/shop/ShopProvider';
import { JOB_STATES, type BikeRecord, type JobRecord } from '../../records';

/** A job of the bike with what is worked out of it. */
export interface JobAndCard {
  readonly job: JobRecord;
  /** Undefined for a re-check, which swaps nothing. */
  readonly card: JobCard | undefined;
  readonly steps: readonly JobStep[];
  readonly minutes: number;
  /** Parts that it names and that have left the shelf. */
  readonly gone: readonly string[];
}

/** A job as the list shows it: how long one took that is over is told where it is opened. */
export interface JobLine {
  readonly job: JobRecord;
  readonly minutes: number;
}

function jobAndCard(job: JobRecord, bike: BikeRecord, facts: ShopFacts): JobAndCard {
  const card = job.work.kind === 'swap' ? cardOf(bike, job.work, facts) : undefined;
  return { job, card, ...stepsOf(job, card), gone: goneParts(job.work, facts.parts) };
}

/** The jobs of the bike on the bench: what is open by its state, then what is done, newest first; and the one that is open. */
export function useJobs(openId: string | undefined): {
  readonly lines: readonly JobLine[];
  readonly opened: JobAndCard | undefined;
} {
  const { bench, workshop } = useReadyBench();
  const { bike } = bench;
  const { parts, experience } = workshop;
  const jobs = useShop()?.jobs;
  const own = useMemo(
    () => (jobs ?? []).filter(({ bikeId }) => bikeId === bike.id).sort(byStateAndDay),
    [jobs, bike.id],
  );
  const lines = useMemo(
    () =>
      // A card takes some milliseconds, and years of jobs are over.
      own.map((job) => ({
        job,
        minutes: job.state === 'done' ? 0 : jobAndCard(job, bike, { parts, experience }).minutes,
      })),
    [own, bike, parts, experience],
  );
  const opened = useMemo(() => {
    const job = own.find(({ id }) => id === openId);
    return job && jobAndCard(job, bike, { parts, experience });
  }, [own, openId, bike, parts, experience]);
  return { lines, opened };
}

/** In hand first, then ready, waiting, asked; done last. */
const order = (job: JobRecord) =>
  job.state === 'done' ? JOB_STATES.length : JOB_STATES.length - JOB_STATES.indexOf(job.state);

function byStateAndDay(a: JobRecord, b: JobRecord): number {
  if (a.state === 'done' && b.state === 'done') return b.finishedAtMs! - a.finishedAtMs!;
  return order(a) - order(b) || (a.dueOn ?? '9').localeCompare(b.dueOn ?? '9') || a.createdAtMs - b.createdAtMs;
}
