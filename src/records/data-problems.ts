import type { BikeRecord } from './bike';
import { RECORD_SCHEMAS } from './dataset.schema';
import type { Dataset, KeptRecords, KeptTable } from './dataset';
import type { PartRecord } from './part';
import type { SetupRecord } from './setup';
import { recordText } from './record-words';
import { t } from './words';
import { definite } from '../core/items';

/** Something in the data that cannot be as it is, and what repairs it. */
export interface DataProblem {
  readonly table: KeptTable;
  readonly id: string;
  /** A sentence: what is wrong, with its name. */
  readonly text: string;
  /** Such as "take it away". */
  readonly repair: string;
  /** The record as it would be; undefined where it goes. */
  readonly repaired: KeptRecords[KeptTable] | undefined;
  /** Whether a backup with it could not be read. */
  readonly spoils: boolean;
}

const TAKE_AWAY = { repair: t('cure.delete'), repaired: undefined } as const;

const nameOf = (record: KeptRecords[KeptTable]) => ('name' in record && record.name ? `“${record.name}”` : record.id);

/** Everything that points at something that is not there, or that no longer has the shape of its kind. */
export function dataProblems(dataset: Dataset): DataProblem[] {
  const { bikes, setups, rides, recordings, parts, jobs, photos, notes } = dataset;
  const bikesById = new Map(bikes.map((bike) => [bike.id, bike]));
  const ids = (records: readonly { readonly id: string }[]) => new Set(records.map(({ id }) => id));
  const [rideIds, recordingIds, partIds, jobIds] = [ids(rides), ids(recordings), ids(parts), ids(jobs)];
  const gone = (table: KeptTable, record: KeptRecords[KeptTable], text: string): DataProblem => ({
    table,
    id: record.id,
    text,
    ...TAKE_AWAY,
    spoils: table !== 'recordings',
  });
  return [
    ...shapeProblems(dataset),
    ...setups.flatMap((setup) => [
      ...(bikesById.has(setup.bikeId)
        ? []
        : [gone('setups', setup, t('problem.setupWithoutBike', { name: nameOf(setup) }))]),
      ...wheelProblem('setups', setup, bikesById),
      ...missingParts(setup, partIds),
    ]),
    ...rides.flatMap((ride) => [
      ...(bikesById.has(ride.bikeId)
        ? []
        : [gone('rides', ride, t('problem.rideWithoutBike', { name: nameOf(ride) }))]),
      ...(recordingIds.has(ride.id)
        ? []
        : [gone('rides', ride, t('problem.rideWithoutSamples', { name: nameOf(ride) }))]),
      ...wheelProblem('rides', ride, bikesById),
    ]),
    ...recordings
      .filter(({ id }) => !rideIds.has(id))
      .map((recording) => gone('recordings', recording, t('problem.samplesWithoutRide'))),
    ...parts.flatMap((part) => lostMounts(part, bikesById)),
    ...jobs.flatMap((job) => {
      if (!bikesById.has(job.bikeId)) return [gone('jobs', job, t('problem.jobWithoutBike', { name: nameOf(job) }))];
      if (job.pairId === undefined || jobIds.has(job.pairId)) return [];
      const { pairId: _, ...alone } = job;
      const text = t('problem.jobWithoutReturn', { name: nameOf(job) });
      return [{ table: 'jobs' as const, id: job.id, text, repair: t('cure.alone'), repaired: alone, spoils: false }];
    }),
    ...photos
      .filter(({ jobId }) => !jobIds.has(jobId))
      .map((photo) => gone('photos', photo, t('problem.photoWithoutJob'))),
    ...notes
      .filter(({ bikeId }) => !bikesById.has(bikeId))
      .map((note) => gone('notes', note, t('problem.noteWithoutBike'))),
  ];
}

/** Records that their own schema refuses: written by something else than Rontel. */
function shapeProblems(dataset: Dataset): DataProblem[] {
  return (Object.keys(RECORD_SCHEMAS) as KeptTable[]).flatMap((table) =>
    dataset[table].flatMap((record) => {
      const result = RECORD_SCHEMAS[table].safeParse(record);
      if (result.success) return [];
      const [issue] = result.error.issues;
      const unreadable = { record: recordText(table, record), cause: definite(issue).message };
      const place = definite(issue).path.join('.');
      return [
        {
          table,
          id: record.id,
          text:
            place === '' ? t('problem.unreadable', unreadable) : t('problem.unreadableAt', { ...unreadable, place }),
          ...TAKE_AWAY,
          spoils: true,
        },
      ];
    }),
  );
}

function wheelProblem<T extends 'setups' | 'rides'>(
  table: T,
  record: KeptRecords[T],
  bikes: ReadonlyMap<string, BikeRecord>,
): DataProblem[] {
  const bike = bikes.get(record.bikeId);
  if (!bike || bike.wheelsets.some(({ id }) => id === record.wheelsetId)) return [];
  const [first] = bike.wheelsets;
  return [
    {
      table,
      id: record.id,
      text: t(table === 'rides' ? 'problem.rideWithoutWheels' : 'problem.setupWithoutWheels', {
        name: nameOf(record),
        bike: bike.name,
      }),
      repair: t('cure.firstWheels'),
      repaired: { ...record, wheelsetId: definite(first).id },
      spoils: true,
    },
  ];
}

function missingParts(setup: SetupRecord, partIds: ReadonlySet<string>): DataProblem[] {
  const named = Object.entries(setup.partIds ?? {});
  const there = named.filter(([, id]) => partIds.has(id));
  if (there.length === named.length) return [];
  return [
    {
      table: 'setups',
      id: setup.id,
      text: t('problem.setupWithoutParts', { name: nameOf(setup), parts: named.length - there.length }),
      repair: t('cure.leaveOpen'),
      repaired: { ...setup, partIds: Object.fromEntries(there) },
      spoils: false,
    },
  ];
}

function lostMounts(part: PartRecord, bikes: ReadonlyMap<string, BikeRecord>): DataProblem[] {
  const mounts = part.mounts.filter(({ bikeId }) => bikes.has(bikeId));
  if (mounts.length === part.mounts.length) return [];
  return [
    {
      table: 'parts',
      id: part.id,
      text: t('problem.partWithoutBikes', { name: nameOf(part), bikes: part.mounts.length - mounts.length }),
      repair: t('cure.forget'),
      repaired: { ...part, mounts },
      spoils: false,
    },
  ];
}
