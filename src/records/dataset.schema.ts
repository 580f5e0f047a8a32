import { z } from 'zod';
import { bikeSchema } from './bike.schema';
import { jobSchema } from './job.schema';
import type { JobRecord } from './job';
import { learnerSchema } from './learner.schema';
import { logNoteSchema } from './log-note.schema';
import type { LogNoteRecord } from './log-note';
import { partSchema } from './part.schema';
import { photoSchema } from './photo.schema';
import { preferencesSchema } from './preferences.schema';
import { recordingSchema, rideSchema } from './ride.schema';
import type { RideRecord } from './ride';
import { routeSchema } from './route.schema';
import { setupSchema } from './setup.schema';
import { SETUPS_MAX, type SetupRecord } from './setup';
import { type KeptRecords, type KeptTable, KEPT_TABLES } from './dataset';
import { ONE_OF } from './record-words';
import { t } from './words';
import { firstOf } from '../core/items';

/** What each record must be, taken by itself. */
export const RECORD_SCHEMAS: { readonly [T in KeptTable]: z.ZodType<KeptRecords[T]> } = {
  bikes: bikeSchema,
  setups: setupSchema,
  rides: rideSchema,
  recordings: recordingSchema,
  routes: routeSchema,
  parts: partSchema,
  jobs: jobSchema,
  photos: photoSchema,
  notes: logNoteSchema,
  learners: learnerSchema,
};

/** The same with preferences: all tables that the gate of the database checks. */
export const TABLE_SCHEMAS = { ...RECORD_SCHEMAS, preferences: preferencesSchema };

export const datasetSchema = z
  .strictObject({
    bikes: z.array(bikeSchema),
    setups: z.array(setupSchema),
    rides: z.array(rideSchema),
    recordings: z.array(recordingSchema),
    routes: z.array(routeSchema),
    parts: z.array(partSchema),
    jobs: z.array(jobSchema),
    photos: z.array(photoSchema),
    notes: z.array(logNoteSchema),
    learners: z.array(learnerSchema),
    preferences: z.array(preferencesSchema).max(1),
  })
  .superRefine((tables, context) => {
    const { bikes, setups, rides, recordings, jobs, photos, notes } = tables;
    const bikesById = new Map(bikes.map((bike) => [bike.id, bike]));
    const twice = KEPT_TABLES.flatMap((table) => repeated(tables[table]));
    if (twice.length > 0) context.addIssue({ code: 'custom', message: t('refused.idTwice', { id: firstOf(twice) }) });
    const belongs = (what: string, table: string) => (record: SetupRecord | RideRecord, i: number) => {
      const bike = bikesById.get(record.bikeId);
      if (!bike) {
        const message = t('refused.withoutBike', { kind: what, id: record.bikeId });
        context.addIssue({ code: 'custom', path: [table, i, 'bikeId'], message });
      } else if (!bike.wheelsets.some(({ id }) => id === record.wheelsetId)) {
        const message = t('refused.withoutWheels', { kind: what, bike: bike.name, id: record.wheelsetId });
        context.addIssue({ code: 'custom', path: [table, i, 'wheelsetId'], message });
      }
    };
    setups.forEach(belongs(ONE_OF.setups, 'setups'));
    rides.forEach(belongs(ONE_OF.rides, 'rides'));
    const ofBike = (what: string, table: string) => (record: JobRecord | LogNoteRecord, i: number) => {
      if (bikesById.has(record.bikeId)) return;
      const message = t('refused.withoutBike', { kind: what, id: record.bikeId });
      context.addIssue({ code: 'custom', path: [table, i, 'bikeId'], message });
    };
    jobs.forEach(ofBike(ONE_OF.jobs, 'jobs'));
    notes.forEach(ofBike(ONE_OF.notes, 'notes'));
    const jobIds = new Set(jobs.map(({ id }) => id));
    photos.forEach(({ jobId }, i) => {
      if (jobIds.has(jobId)) return;
      context.addIssue({
        code: 'custom',
        path: ['photos', i],
        message: t('refused.photoWithoutJob', { id: jobId }),
      });
    });
    const samples = new Set(recordings.map(({ id }) => id));
    rides.forEach(({ id, name }, i) => {
      if (samples.has(id)) return;
      context.addIssue({ code: 'custom', path: ['rides', i], message: t('refused.rideWithoutSamples', { name }) });
    });
    for (const { id, name } of bikes) {
      const count = setups.filter(({ bikeId }) => bikeId === id).length;
      if (count <= SETUPS_MAX) continue;
      context.addIssue({
        code: 'custom',
        message: t('refused.tooManySetups', { setups: count, bike: name, most: SETUPS_MAX }),
      });
    }
  });

function repeated(records: readonly { readonly id: string }[]): string[] {
  const seen = new Set<string>();
  return records.map(({ id }) => id).filter((id) => seen.has(id) || !seen.add(id));
}
