import type { Dataset, JobRecord } from '../index';

/** What is handed over to another device. */
export type HandOver =
  | { readonly kind: 'everything' }
  | { readonly kind: 'bike'; readonly bikeId: string }
  | { readonly kind: 'job'; readonly jobId: string };

/**
 * Selects the records that go to another device: all; or a bike with its setups, jobs, notes and parts; or a job with
 * its bike, its pair and its photos. Rides go with everything only: their samples are large.
 */
export function handedOver(dataset: Dataset, what: HandOver): Dataset {
  if (what.kind === 'everything') return { ...dataset, preferences: [] };
  const ofJob = (job: JobRecord) => job.id === (what.kind === 'job' ? what.jobId : undefined);
  const bikeId = what.kind === 'bike' ? what.bikeId : dataset.jobs.find(ofJob)?.bikeId;
  const ofBike = <T extends { readonly bikeId: string }>(records: readonly T[]) =>
    records.filter((record) => record.bikeId === bikeId);
  const jobs = ofBike(dataset.jobs).filter(
    (job) => what.kind === 'bike' || ofJob(job) || job.pairId === what.jobId || job.state !== 'done',
  );
  const jobIds = new Set(jobs.map(({ id }) => id));
  const setups = ofBike(dataset.setups);
  const partIds = new Set([
    ...setups.flatMap(({ partIds: chosen }) => Object.values(chosen ?? {})),
    ...jobs.flatMap(({ work }) =>
      work.kind === 'swap' ? [work.from, work.to].flatMap(({ parts }) => Object.values(parts).map(({ id }) => id)) : [],
    ),
  ]);
  return {
    bikes: dataset.bikes.filter(({ id }) => id === bikeId),
    setups,
    jobs,
    notes: what.kind === 'bike' ? ofBike(dataset.notes) : [],
    photos: dataset.photos.filter(({ jobId }) => (what.kind === 'bike' ? jobIds.has(jobId) : jobId === what.jobId)),
    parts: dataset.parts.filter(
      ({ id, mounts }) =>
        partIds.has(id) || mounts.some((mount) => mount.bikeId === bikeId && mount.toMs === undefined),
    ),
    rides: [],
    recordings: [],
    routes: [],
    learners: [],
    preferences: [],
  };
}
