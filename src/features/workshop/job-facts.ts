import { minutesOf, recheckSteps, workSteps, type JobCard, type JobStep } from '../../core/job';
import type { BikeRecord, JobRecord } from '../../records';
import type { JobFacts } from '../../records/selectors/job-card';
import type { Workshop } from '../../store';
import type { AllRecords } from './RecordsProvider';

/** What the cards of a bike's jobs are worked out from. */
export function jobFactsOf(
  bike: BikeRecord,
  { setups, jobs, times }: Pick<AllRecords, 'setups' | 'jobs' | 'times'>,
  { parts, experience }: Pick<Workshop, 'parts' | 'experience'>,
): JobFacts {
  const own = <T extends { readonly bikeId: string }>(records: readonly T[]) =>
    records.filter(({ bikeId }) => bikeId === bike.id);
  return { bike, setups: own(setups), jobs: own(jobs), parts, experience, times };
}

/** The steps of a job, and how long they take. */
export function stepsOf(
  { work }: Pick<JobRecord, 'work'>,
  card: JobCard | undefined,
  speeds?: number,
): { readonly steps: readonly JobStep[]; readonly minutes: number } {
  const steps = work.kind === 'recheck' ? recheckSteps(speeds) : (card?.steps ?? []);
  return { steps, minutes: minutesOf(workSteps(steps)) };
}
