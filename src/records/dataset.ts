import { BIKE_MIGRATIONS, type BikeRecord } from './bike';
import { JOB_MIGRATIONS, type JobRecord } from './job';
import { LEARNER_MIGRATIONS, type LearnerRecord } from './learner';
import type { LogNoteRecord } from './log-note';
import { versionAfter, type Migration } from './migration';
import { PART_MIGRATIONS, type PartRecord } from './part';
import type { PhotoRecord } from './photo';
import { PREFERENCES_MIGRATIONS, type Preferences } from './preferences';
import { RIDE_MIGRATIONS, type RecordingRecord, type RideRecord } from './ride';
import type { RouteRecord } from './route';
import { SETUP_MIGRATIONS, type SetupRecord } from './setup';

/** The tables of records, covered by undo and backups. */
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

/** All records, by table. */
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

/** All migrations in the order of their versions. */
export const MIGRATIONS: readonly Migration[] = [
  ...BIKE_MIGRATIONS,
  ...SETUP_MIGRATIONS,
  ...PREFERENCES_MIGRATIONS,
  ...RIDE_MIGRATIONS,
  ...PART_MIGRATIONS,
  ...LEARNER_MIGRATIONS,
  ...JOB_MIGRATIONS,
].sort((a, b) => a.toVersion - b.toVersion);

/** The version of the record shapes; the table layout has its own, in the store. */
export const DATA_VERSION = versionAfter(MIGRATIONS);
