import Dexie, { liveQuery, type DexieOptions, type EntityTable } from 'dexie';
import type {
  BikeRecord,
  JobRecord,
  LearnerRecord,
  LogNoteRecord,
  PartRecord,
  PhotoRecord,
  Preferences,
  RecordingRecord,
  RideRecord,
  RouteRecord,
  SetupRecord,
} from '../records';
import type { QuarantineEntry } from './quarantine';
import type { BinEntry } from './bin';
import { GATE } from './gate';
import type { HistoryEntry } from './history-entry';
import type { ClashRecord, DigestRecord, PairingRecord, PieceRecord, SharedUpdate } from './sharing';
import { upgradeTo8 } from './upgrade-to-8';

/** Metadata of the database. */
interface MetaRecord {
  readonly key: 'dataVersion' | 'backupSavedAtMs';
  readonly value: number;
}

/** Tab id of steps from versions without tab ids. */
const EARLIER_TAB = 'earlier';

/** Name of the IndexedDB database. */
export const DATABASE_NAME = 'rontel';

/** The browser's database. Its Dexie version counts table layouts; the version of record shapes is in `meta`. */
export class RontelDatabase extends Dexie {
  readonly bikes!: EntityTable<BikeRecord, 'id'>;
  readonly setups!: EntityTable<SetupRecord, 'id'>;
  readonly rides!: EntityTable<RideRecord, 'id'>;
  readonly recordings!: EntityTable<RecordingRecord, 'id'>;
  readonly routes!: EntityTable<RouteRecord, 'id'>;
  readonly parts!: EntityTable<PartRecord, 'id'>;
  readonly jobs!: EntityTable<JobRecord, 'id'>;
  readonly photos!: EntityTable<PhotoRecord, 'id'>;
  readonly notes!: EntityTable<LogNoteRecord, 'id'>;
  readonly learners!: EntityTable<LearnerRecord, 'id'>;
  readonly preferences!: EntityTable<Preferences, 'id'>;
  readonly history!: EntityTable<HistoryEntry, 'seq'>;
  readonly bin!: EntityTable<BinEntry, 'seq'>;
  readonly quarantine!: EntityTable<QuarantineEntry, 'seq'>;
  readonly meta!: EntityTable<MetaRecord, 'key'>;
  readonly sharing!: EntityTable<PairingRecord, 'id'>;
  readonly sharedUpdates!: EntityTable<SharedUpdate, 'seq'>;
  readonly clashes!: EntityTable<ClashRecord, 'seq'>;
  readonly digests!: EntityTable<DigestRecord, 'id'>;
  readonly pieces!: EntityTable<PieceRecord, 'id'>;
  /** Id of this tab, for its undo steps. */
  tab = EARLIER_TAB;
  /** Exposed here so that subscribers need not load the package before the database is open. */
  readonly follow = liveQuery;

  /** @param engine an IndexedDB implementation other than the browser's, such as an in-memory one */
  constructor(name: string, engine?: DexieOptions) {
    super(name, engine);
    this.use(GATE);
    this.version(1).stores({
      bikes: 'id, rank',
      setups: 'id, bikeId, rank',
      preferences: 'id',
      history: '++seq, undone',
      meta: 'key',
    });
    this.version(2).stores({ rides: 'id, bikeId, digest', recordings: 'id', routes: 'id' });
    this.version(3).stores({
      parts: 'id, kind',
      jobs: 'id, bikeId, state, dueOn',
      photos: 'id, jobId',
      notes: 'id, bikeId',
    });
    this.version(4).stores({ learners: 'id' });
    this.version(5).stores({ bin: '++seq, atMs' });
    // Few jobs pass a published limit; only those are in this index.
    this.version(6).stores({ jobs: 'id, bikeId, state, dueOn, passed.length' });
    this.version(7)
      .stores({ history: '++seq, undone, [tab+undone]', aside: '++seq' })
      .upgrade((transaction) => transaction.table<HistoryEntry>('history').toCollection().modify({ tab: EARLIER_TAB }));
    this.version(8).stores({ quarantine: '++seq' }).upgrade(upgradeTo8);
    this.version(9).stores({ aside: null });
    this.version(10).stores({
      sharing: 'id',
      sharedUpdates: '++seq',
      clashes: '++seq',
      digests: 'id',
      pieces: 'id, digest',
    });
  }
}
