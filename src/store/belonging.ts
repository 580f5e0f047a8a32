import { ONE_OF, SETUPS_MAX, type BikeRecord } from '../records';
import type { RontelDatabase } from './db';
import type { RecordChange } from './history-entry';

/** Thrown where a change would leave a reference that points to nothing. The transaction is rolled back. */
export class DoesNotFitError extends Error {
  constructor(what: string, hint = ' Another window may have removed it.') {
    super(`${what}.${hint} Nothing was changed.`);
  }
}

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
  const written = changes.flatMap(({ table, after }) =>
    after !== undefined && OF_BIKE.some((one) => one === table)
      ? [{ table: table as (typeof OF_BIKE)[number], record: after as unknown as Loose }]
      : [],
  );
  const bikeIds = [...new Set(written.map(({ record }) => record.bikeId as string))];
  const bikes = new Map(bikeIds.map((id, i) => [id, i] as const));
  const found = await db.bikes.bulkGet(bikeIds);
  const nameOf = (id: string) => found[bikes.get(id)!]!.name;
  for (const { table, record } of written) {
    const bike = found[bikes.get(record.bikeId as string)!];
    const what = ONE_OF[table];
    if (!bike) throw new DoesNotFitError(`The bike of this ${what} is not there`);
    const { wheelsetId } = record;
    if (wheelsetId !== undefined && !hasWheels(bike, wheelsetId as string)) {
      throw new DoesNotFitError(`${bike.name} no longer has the wheels of this ${what}`);
    }
  }
  for (const id of new Set(
    written.flatMap(({ table, record }) => (table === 'setups' ? [record.bikeId as string] : [])),
  )) {
    const count = await db.setups.where('bikeId').equals(id).count();
    if (count > SETUPS_MAX)
      throw new DoesNotFitError(`${count} setups of ${nameOf(id)}: a bench has room for ${SETUPS_MAX}`, '');
  }
}

async function mustHaveOwners(db: RontelDatabase, changes: readonly RecordChange[]): Promise<void> {
  const written = (table: string) =>
    changes.flatMap(({ table: own, after }) =>
      own === table && after !== undefined ? [after as unknown as Loose] : [],
    );
  const jobIds = [...new Set(written('photos').map(({ jobId }) => jobId as string))];
  if ((await db.jobs.bulkGet(jobIds)).includes(undefined)) {
    throw new DoesNotFitError('The job of this photo is not there');
  }
  const rideIds = written('rides').map(({ id }) => id as string);
  const samples = await db.recordings.where('id').anyOf(rideIds).count();
  if (samples < rideIds.length) throw new DoesNotFitError('The samples of this ride are not there');
}

async function mustLeaveNothingBehind(db: RontelDatabase, changes: readonly RecordChange[]): Promise<void> {
  const removed = (table: string) =>
    changes.flatMap(({ table: own, id, after }) => (own === table && after === undefined ? [id] : []));
  const bikeIds = removed('bikes');
  if (bikeIds.length > 0) {
    for (const table of OF_BIKE) {
      if ((await db.table(table).where('bikeId').anyOf(bikeIds).count()) === 0) continue;
      throw new DoesNotFitError(`A ${ONE_OF[table]} of this bike would be left behind`, '');
    }
  }
  if ((await db.photos.where('jobId').anyOf(removed('jobs')).count()) > 0) {
    throw new DoesNotFitError('A photo of this job would be left behind', '');
  }
  if ((await db.rides.where('id').anyOf(removed('recordings')).count()) > 0) {
    throw new DoesNotFitError('A ride would be left without its samples', '');
  }
  for (const { table: changed, before, after } of changes) {
    if (changed !== 'bikes' || !before || !after) continue;
    const bike = after as BikeRecord;
    if ((before as BikeRecord).wheelsets.every(({ id }) => hasWheels(bike, id))) continue;
    for (const table of ['setups', 'rides'] as const) {
      const left = await db.table<{ wheelsetId: string }>(table).where('bikeId').equals(bike.id).toArray();
      if (left.every(({ wheelsetId }) => hasWheels(bike, wheelsetId))) continue;
      throw new DoesNotFitError(`A ${ONE_OF[table]} of ${bike.name} would be left without its wheels`, '');
    }
  }
}

const hasWheels = ({ wheelsets }: BikeRecord, wheelsetId: string) => wheelsets.some(({ id }) => id === wheelsetId);
