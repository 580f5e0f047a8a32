import type { BikeRecord } from '../bike';
import { RECORD_SCHEMAS } from './dataset';
import type { Dataset, KeptRecords, KeptTable } from '../dataset';
import type { PartRecord } from '../part';
import type { SetupRecord } from '../setup';

/** Something in the data that cannot be as it is, and what mends it. */
export interface DataProblem {
  readonly table: KeptTable;
  readonly id: string;
  /** A sentence: what is wrong, with its name. */
  readonly text: string;
  /** Such as "take it away". */
  readonly mend: string;
  /** The record as it would be; undefined where it goes. */
  readonly mended: KeptRecords[KeptTable] | undefined;
  /** Whether a backup with it could not be read. */
  readonly spoils: boolean;
}

const TAKE_AWAY = { mend: 'take it away; the bin keeps it', mended: undefined } as const;

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
        : [gone('setups', setup, `setup ${nameOf(setup)} is of a bike that is gone`)]),
      ...wheelProblem('setups', setup, bikesById),
      ...missingParts(setup, partIds),
    ]),
    ...rides.flatMap((ride) => [
      ...(bikesById.has(ride.bikeId) ? [] : [gone('rides', ride, `ride ${nameOf(ride)} is of a bike that is gone`)]),
      ...(recordingIds.has(ride.id) ? [] : [gone('rides', ride, `ride ${nameOf(ride)} has lost its samples`)]),
      ...wheelProblem('rides', ride, bikesById),
    ]),
    ...recordings
      .filter(({ id }) => !rideIds.has(id))
      .map((recording) => gone('recordings', recording, 'samples of a ride that is gone')),
    ...parts.flatMap((part) => lostMounts(part, bikesById)),
    ...jobs.flatMap((job) => {
      if (!bikesById.has(job.bikeId)) return [gone('jobs', job, `job ${nameOf(job)} is of a bike that is gone`)];
      if (job.pairId === undefined || jobIds.has(job.pairId)) return [];
      const { pairId: _, ...alone } = job;
      const text = `job ${nameOf(job)} names another that takes it back, and that one is gone`;
      return [{ table: 'jobs' as const, id: job.id, text, mend: 'let it stand alone', mended: alone, spoils: false }];
    }),
    ...photos
      .filter(({ jobId }) => !jobIds.has(jobId))
      .map((photo) => gone('photos', photo, 'a photo of a job that is gone')),
    ...notes
      .filter(({ bikeId }) => !bikesById.has(bikeId))
      .map((note) => gone('notes', note, 'a note about a bike that is gone')),
  ];
}

/** Records that their own schema refuses: written by something else than Rontel. */
function shapeProblems(dataset: Dataset): DataProblem[] {
  return (Object.keys(RECORD_SCHEMAS) as KeptTable[]).flatMap((table) =>
    dataset[table].flatMap((record) => {
      const result = RECORD_SCHEMAS[table].safeParse(record);
      if (result.success) return [];
      const [issue] = result.error.issues;
      const where = issue && issue.path.length > 0 ? ` at ${issue.path.join('.')}` : '';
      return [
        {
          table,
          id: record.id,
          text: `${table} ${nameOf(record)} cannot be read${where}: ${issue?.message}`,
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
      text: `${table === 'rides' ? 'ride' : 'setup'} ${nameOf(record)} is on wheels that ${bike.name} does not have`,
      mend: 'put it on the first wheels of the bike',
      mended: { ...record, wheelsetId: first!.id },
      spoils: true,
    },
  ];
}

function missingParts(setup: SetupRecord, partIds: ReadonlySet<string>): DataProblem[] {
  const shelf = Object.entries(setup.shelf ?? {});
  const there = shelf.filter(([, id]) => partIds.has(id));
  if (there.length === shelf.length) return [];
  return [
    {
      table: 'setups',
      id: setup.id,
      text: `setup ${nameOf(setup)} is made of ${shelf.length - there.length} parts that the shelf does not have`,
      mend: 'leave those places open; what was typed stands',
      mended: { ...setup, shelf: Object.fromEntries(there) },
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
      text: `part ${nameOf(part)} was on ${part.mounts.length - mounts.length} bikes that are gone`,
      mend: 'forget those; its kilometres there go with them',
      mended: { ...part, mounts },
      spoils: false,
    },
  ];
}
