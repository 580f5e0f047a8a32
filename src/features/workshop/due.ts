import type { JobRecord, LogNoteRecord, RideRecord } from '../../records';
import { tripsOf } from './trips';

/** How near a re-check is. */
export interface RecheckDue {
  readonly job: JobRecord;
  readonly km: number;
  readonly rides: number;
  readonly afterKm: number;
  /** After the first ride, or so many kilometres, whichever comes first. */
  readonly isDue: boolean;
}

/** Re-checks in the book, those that are due first. */
export function rechecksDue(
  jobs: readonly JobRecord[],
  rides: readonly RideRecord[],
  notes: readonly LogNoteRecord[],
): RecheckDue[] {
  const byId = new Map(jobs.map((job) => [job.id, job]));
  return jobs
    .flatMap((job): RecheckDue[] => {
      if (job.state === 'done' || job.work.kind !== 'recheck') return [];
      const sinceMs = byId.get(job.work.ofJobId)?.finishedAtMs ?? job.createdAtMs;
      const own = (one: { readonly bikeId: string }) => one.bikeId === job.bikeId;
      const since = tripsOf(rides.filter(own), notes.filter(own)).filter(({ atMs }) => atMs > sinceMs);
      const km = since.reduce((sum, trip) => sum + trip.km, 0);
      const { afterKm } = job.work;
      return [{ job, km, rides: since.length, afterKm, isDue: since.length > 0 || km >= afterKm }];
    })
    .sort((a, b) => Number(b.isDue) - Number(a.isDue) || b.km - a.km);
}
