'use client';

import { useMemo } from 'react';
import type { JobCard, JobStep } from '../../core/job';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { jobFactsOf, stepsOf } from '../../features/workshop/job-facts';
import { useAllRecords } from '../../features/workshop/RecordsProvider';
import { JOB_STATES, type JobRecord } from '../../records';
import { goneParts, isSwap, jobWithCard, type JobFacts } from '../../records/selectors/job-card';
import { definite } from '../../core/items';

/** A job of the bike with what is worked out of it. */
export interface JobAndCard {
  readonly job: JobRecord;
  /** Undefined for a re-check or a recorded trial, which swap nothing. */
  readonly card: JobCard | undefined;
  readonly steps: readonly JobStep[];
  readonly minutes: number;
  /** Parts that it names and that are no longer in stock. */
  readonly gone: readonly string[];
  /** The job of the pair whose outcome it waits for. */
  readonly waitsFor: JobRecord | undefined;
  /** The job of the pair that was put back, so that there is nothing to take back. */
  readonly notNeeded: JobRecord | undefined;
}

/** A job as the list shows it; how long a finished one took is shown where it is opened. */
export interface JobLine {
  readonly job: JobRecord;
  readonly minutes: number;
  readonly waits: boolean;
}

function jobAndCard(job: JobRecord, facts: JobFacts): JobAndCard {
  const worked = isSwap(job) ? jobWithCard(job, facts) : undefined;
  return {
    job,
    card: worked?.card,
    ...stepsOf(job, worked?.card, facts.setups[0]?.cogs.length),
    gone: goneParts(job.work, facts.parts),
    waitsFor: worked?.waitsFor,
    notNeeded: worked?.notNeeded,
  };
}

/** What the cards of the jobs of the selected bike are worked out from; undefined until it has been read. */
export function useJobFacts(): JobFacts | undefined {
  const { workspace, workshop } = useReadyWorkspace();
  const { bike } = workspace;
  const { parts, experience } = workshop;
  const shop = useAllRecords();
  return useMemo(() => shop && jobFactsOf(bike, shop, { parts, experience }), [shop, bike, parts, experience]);
}

/** The jobs of the selected bike: open ones by state, then finished ones, newest first; and the one that is opened. */
export function useJobs(openId: string | undefined): {
  readonly lines: readonly JobLine[];
  readonly opened: JobAndCard | undefined;
} {
  const facts = useJobFacts();
  const own = useMemo(() => [...(facts?.jobs ?? [])].sort(byStateAndDay), [facts]);
  const lines = useMemo(
    () =>
      // A card takes some milliseconds, and years of jobs are over.
      own.map((job): JobLine => {
        if (job.state === 'done' || !facts) return { job, minutes: 0, waits: false };
        const { minutes, waitsFor } = jobAndCard(job, facts);
        return { job, minutes, waits: waitsFor !== undefined };
      }),
    [own, facts],
  );
  const opened = useMemo(() => {
    const job = own.find(({ id }) => id === openId);
    return job && facts && jobAndCard(job, facts);
  }, [own, openId, facts]);
  return { lines, opened };
}

/** In progress first, then ready, waiting, requested; done last. */
const order = (job: JobRecord) =>
  job.state === 'done' ? JOB_STATES.length : JOB_STATES.length - JOB_STATES.indexOf(job.state);

function byStateAndDay(a: JobRecord, b: JobRecord): number {
  if (a.state === 'done' && b.state === 'done') return definite(b.finishedAtMs) - definite(a.finishedAtMs);
  return order(a) - order(b) || (a.dueOn ?? '9').localeCompare(b.dueOn ?? '9') || a.createdAtMs - b.createdAtMs;
}
