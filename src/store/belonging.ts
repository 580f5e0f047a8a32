import { ONE_OF, SETUPS_MAX, type BikeRecord } from '../records';
import type { RontelDatabase } from './db';
import type { RecordChange } from './history-entry';
import { t } from './words';
import { entryOf, itemAt } from '../core/items';

/** Thrown where a change would leave a reference that points to nothing. The transaction is rolled back. */
export class DoesNotFitError extends Error {}

/** Tables whose records belong to a bike. */
const OF_BIKE = ['setups', 'rides', 'jobs', 'notes'] as const;

type Loose = Readonly<Record<string, unknown>>;

/**
 * Checks the references of the changed records: every setup, ride, job and note has its bike and wheels, every photo its
 * job, every ride its samples. Reads only what the changes touch.
 * @throws DoesNotFitError
 */
export async function mustBelong(db: RontelDatabase, changes: readonly RecordChange[]): Promise<void> {
  await mustHaveBikes(db, changes);
  await mustHaveOwners(db, changes);
  await mustLeaveNothingBehind(db, changes);
}

async function mustHaveBikes(db: RontelDatabase, changes: readonly RecordChange[]): Promise<void> {
  const written = changes.flatMap(({ table, after }): { table: RecordChange['table']; record: Loose }[] =>
    after !== undefined && OF_BIKE.some((one) => one === table) ? [{ table, record: after }] : [],
  );
  const bikeIds = [...new Set(written.map(({ record }) => record.bikeId as string))];
  const bikes = new Map(bikeIds.map((id, i) => [id, i] as const));
  const found = await db.bikes.bulkGet(bikeIds);
  const nameOf = (id: string) => itemAt(found, entryOf(bikes, id)).name;
  for (const { table, record } of written) {
    const bike = found[entryOf(bikes, record.bikeId as string)];
    const what = ONE_OF[table];
    if (!bike) throw new DoesNotFitError(t('belongs.bikeGone', { kind: what }));
    const { wheelsetId } = record;
    if (wheelsetId !== undefined && !hasWheels(bike, wheelsetId as string)) {
      throw new DoesNotFitError(t('belongs.wheelsGone', { bike: bike.name, kind: what }));
    }
  }
  for (const id of new Set(
    written.flatMap(({ table, record }) => (table === 'setups' ? [record.bikeId as string] : [])),
  )) {
    const count = await db.setups.where('bikeId').equals(id).count();
    if (count > SETUPS_MAX) {
      throw new DoesNotFitError(t('belongs.setupsBikeHasRoom', { setups: count, bike: nameOf(id), most: SETUPS_MAX }));
    }
  }
}

async function mustHaveOwners(db: RontelDatabase, changes: readonly RecordChange[]): Promise<void> {
  const written = (table: string) =>
    changes.flatMap(({ table: own, after }) => (own === table && after !== undefined ? [after as Loose] : []));
  const jobIds = [...new Set(written('photos').map(({ jobId }) => jobId as string))];
  if ((await db.jobs.bulkGet(jobIds)).includes(undefined)) {
    throw new DoesNotFitError(t('belongs.jobGone'));
  }
  const rideIds = written('rides').map(({ id }) => id as string);
  const samples = await db.recordings.where('id').anyOf(rideIds).count();
  if (samples < rideIds.length) throw new DoesNotFitError(t('belongs.samplesGone'));
}

async function mustLeaveNothingBehind(db: RontelDatabase, changes: readonly RecordChange[]): Promise<void> {
  const removed = (table: string) =>
    changes.flatMap(({ table: own, id, after }) => (own === table && after === undefined ? [id] : []));
  const bikeIds = removed('bikes');
  if (bikeIds.length > 0) {
    for (const table of OF_BIKE) {
      if ((await db.table(table).where('bikeId').anyOf(bikeIds).count()) === 0) continue;
      throw new DoesNotFitError(t('belongs.leftBehind', { kind: ONE_OF[table] }));
    }
  }
  if ((await db.photos.where('jobId').anyOf(removed('jobs')).count()) > 0) {
    throw new DoesNotFitError(t('belongs.photoLeftBehind'));
  }
  if ((await db.rides.where('id').anyOf(removed('recordings')).count()) > 0) {
    throw new DoesNotFitError(t('belongs.withoutSamples'));
  }
  for (const { table: changed, before, after } of changes) {
    if (changed !== 'bikes' || !before || !after) continue;
    const bike = after as BikeRecord;
    if ((before as BikeRecord).wheelsets.every(({ id }) => hasWheels(bike, id))) continue;
    for (const table of ['setups', 'rides'] as const) {
      const left = await db.table<{ wheelsetId: string }>(table).where('bikeId').equals(bike.id).toArray();
      if (left.every(({ wheelsetId }) => hasWheels(bike, wheelsetId))) continue;
      throw new DoesNotFitError(t('belongs.withoutWheels', { kind: ONE_OF[table], bike: bike.name }));
    }
  }
}

const hasWheels = ({ wheelsets }: BikeRecord, wheelsetId: string) => wheelsets.some(({ id }) => id === wheelsetId);
