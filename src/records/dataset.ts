import { z } from 'zod';
import { BIKE_MIGRATIONS, bikeSchema, type BikeRecord } from './bike';
import { jobSchema, type JobRecord } from './job';
import { LEARNER_MIGRATIONS, learnerSchema, type LearnerRecord } from './learner';
import { logNoteSchema, type LogNoteRecord } from './log-note';
import { versionAfter, type Migration } from './migration';
import { PART_MIGRATIONS, partSchema, type PartRecord } from './part';
import { photoSchema, type PhotoRecord } from './photo';
import { PREFERENCES_MIGRATIONS, preferencesSchema, type Preferences } from './preferences';
import { RIDE_MIGRATIONS, recordingSchema, rideSchema, type RecordingRecord, type RideRecord } from './ride';
import { routeSchema, type RouteRecord } from './route';
import { SETUPS_MAX, SETUP_MIGRATIONS, setupSchema, type SetupRecord } from './setup';

/** The tables of what the work is about, and what is in each. Undo reaches all of them. */
export interface KeptRecords {
  bikes: BikeRecord;
  setups: SetupRecord;
  rides: RideRecord;
  recordings: RecordingRecord;
  routes: RouteRecord;
  parts: PartRecord;
  jobs: JobRecord;
  photos: PhotoRecord;
  notes: LogNoteRecord;
  learners: LearnerRecord;
}

export type KeptTable = keyof KeptRecords;
export const KEPT_TABLES: readonly KeptTable[] = [
  'bikes',
  'setups',
  'rides',
  'recordings',
  'routes',
  'parts',
  'jobs',
  'photos',
  'notes',
  'learners',
];

/** Everything that is kept, by table. */
export type Dataset = { readonly [T in KeptTable]: readonly KeptRecords[T][] } & {
  /** One record, or none before the first start. */
  readonly preferences: readonly Preferences[];
};

export const EMPTY_TABLES = {
  bikes: [],
  setups: [],
  rides: [],
  recordings: [],
  routes: [],
  parts: [],
  jobs: [],
  photos: [],
  notes: [],
  learners: [],
} as const;

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
    if (twice.length > 0) context.addIssue({ code: 'custom', message: `the id ${twice[0]} is there twice` });
    const belongs = (what: string, table: string) => (record: SetupRecord | RideRecord, i: number) => {
      const bike = bikesById.get(record.bikeId);
      if (!bike) {
        const message = `a ${what} of a bike that is not there (${record.bikeId})`;
        context.addIssue({ code: 'custom', path: [table, i, 'bikeId'], message });
      } else if (!bike.wheelsets.some(({ id }) => id === record.wheelsetId)) {
        const message = `a ${what} on wheels that ${bike.name} does not have (${record.wheelsetId})`;
        context.addIssue({ code: 'custom', path: [table, i, 'wheelsetId'], message });
      }
    };
    setups.forEach(belongs('setup', 'setups'));
    rides.forEach(belongs('ride', 'rides'));
    const ofBike = (what: string, table: string) => (record: JobRecord | LogNoteRecord, i: number) => {
      if (bikesById.has(record.bikeId)) return;
      const message = `a ${what} of a bike that is not there (${record.bikeId})`;
      context.addIssue({ code: 'custom', path: [table, i, 'bikeId'], message });
    };
    jobs.forEach(ofBike('job', 'jobs'));
    notes.forEach(ofBike('note', 'notes'));
    const jobIds = new Set(jobs.map(({ id }) => id));
    photos.forEach(({ jobId }, i) => {
      if (jobIds.has(jobId)) return;
      context.addIssue({
        code: 'custom',
        path: ['photos', i],
        message: `a photo of a job that is not there (${jobId})`,
      });
    });
    const samples = new Set(recordings.map(({ id }) => id));
    rides.forEach(({ id, name }, i) => {
      if (samples.has(id)) return;
      context.addIssue({ code: 'custom', path: ['rides', i], message: `the ride ${name} has no samples` });
    });
    for (const { id, name } of bikes) {
      const count = setups.filter(({ bikeId }) => bikeId === id).length;
      if (count <= SETUPS_MAX) continue;
      context.addIssue({ code: 'custom', message: `${count} setups of ${name}: a bench has room for ${SETUPS_MAX}` });
    }
  });

function repeated(records: readonly { readonly id: string }[]): string[] {
  const seen = new Set<string>();
  return records.map(({ id }) => id).filter((id) => seen.has(id) || !seen.add(id));
}

/** All migrations of all records in the order in which they were made. */
export const MIGRATIONS: readonly Migration[] = [
  ...BIKE_MIGRATIONS,
  ...SETUP_MIGRATIONS,
  ...PREFERENCES_MIGRATIONS,
  ...RIDE_MIGRATIONS,
  ...PART_MIGRATIONS,
  ...LEARNER_MIGRATIONS,
].sort((a, b) => a.toVersion - b.toVersion);

/** The version of the shape of the data; table layout has its own, in the store. */
export const DATA_VERSION = versionAfter(MIGRATIONS);
