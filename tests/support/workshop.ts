import type { Outcome, Progress, StepProgress } from '@/core/job';
import type { StepId } from '@/core/job';
import { jobFactsOf } from '@/features/workshop/job-facts';
import { swapSignOff } from '@/features/workshop/sign-off';
import type { JobRecord } from '@/records';
import { isSwap, jobWithCard, type JobFacts, type JobWithCard } from '@/records/selectors/job-card';
import { editJob, readParts, signOffJob, type RontelDatabase } from '@/store';

/** What the cards of a bike's jobs are worked out from, as it is saved now. */
export async function factsOf(db: RontelDatabase, bikeId: string): Promise<JobFacts> {
  const bike = (await db.bikes.get(bikeId))!;
  const [setups, jobs] = [await db.setups.orderBy('rank').toArray(), await db.jobs.toArray()];
  return jobFactsOf(bike, { setups, jobs, times: {} }, { parts: await readParts(db), experience: [] });
}

/** The card of a job as it is worked out now. */
export async function cardOf(db: RontelDatabase, id: string): Promise<JobWithCard & { readonly job: JobRecord }> {
  const job = (await db.jobs.get(id))!;
  if (!isSwap(job)) throw new Error(`${id} swaps nothing`);
  return { job, ...jobWithCard(job, await factsOf(db, job.bikeId)) };
}

/** Marks steps of a job as done, with what was read and found at some. */
export async function workOn(
  db: RontelDatabase,
  id: string,
  said: Readonly<Partial<Record<StepId, StepProgress>>>,
): Promise<void> {
  await editJob(
    db,
    id,
    { label: 'work', key: 'work' },
    (job) => {
      const done = Object.entries(said).map(([step, progress]) => [step, { doneAtMs: 1, ...progress }]);
      return { ...job, progress: { ...job.progress, ...(Object.fromEntries(done) as Progress) } };
    },
    1,
  );
}

/** Signs a job off as its page does. */
export async function signOff(
  db: RontelDatabase,
  id: string,
  outcome: Outcome = 'works',
  more: Partial<Parameters<typeof signOffJob>[2]> = {},
): Promise<void> {
  const job = (await db.jobs.get(id))!;
  const stays = outcome !== 'reverted' && isSwap(job);
  const facts = await factsOf(db, job.bikeId);
  await signOffJob(db, id, {
    outcome,
    passed: [],
    ...(stays && { swap: swapSignOff(job, jobWithCard(job, facts).card, facts) }),
    recheckName: `Re-check: ${job.name}`,
    now: 2,
    ...more,
  });
}
