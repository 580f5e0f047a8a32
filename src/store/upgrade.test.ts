import Dexie from 'dexie';
import { IDBFactory, IDBKeyRange } from 'fake-indexeddb';
import { readFileSync } from 'node:fs';
import { isBytes } from '../records/bytes';
import { readBackup } from '../formats/read-backup';
import { readQuarantine } from './quarantine';
import { prepareStore, readDataset } from './dataset';
import { RontelDatabase } from './db';

interface OldBackup {
  readonly dataVersion: number;
  readonly data: Readonly<Record<string, readonly Readonly<Record<string, unknown>>[]>>;
}

const text = readFileSync('tests/fixtures/backups/good/v12-demo-workshop.json', 'utf8');
const OLD = JSON.parse(text) as OldBackup;
const [RECORDING] = OLD.data.recordings!;
const [SETUP] = OLD.data.setups!.filter(({ shelf }) => shelf !== undefined);
const PHOTO = { id: 'photo', jobId: OLD.data.jobs![0]!.id, stepId: 'fit', takenAtMs: 1, jpeg: '/9j/4AAQ' };

/** A database as version 7 of its layout left it, with the demo workshop of data version 12. */
async function oldDatabase(engine: ConstructorParameters<typeof RontelDatabase>[1]): Promise<void> {
  const db = new Dexie('old', engine);
  db.version(7).stores({
    bikes: 'id, rank',
    setups: 'id, bikeId, rank',
    preferences: 'id',
    history: '++seq, undone, [tab+undone]',
    meta: 'key',
    rides: 'id, bikeId, digest',
    recordings: 'id',
    routes: 'id',
    parts: 'id, kind',
    jobs: 'id, bikeId, state, dueOn, passed.length',
    photos: 'id, jobId',
    notes: 'id, bikeId',
    learners: 'id',
    bin: '++seq, atMs',
    aside: '++seq',
  });
  for (const [table, records] of Object.entries(OLD.data)) await db.table(table).bulkPut([...records]);
  await db.table('photos').put(PHOTO);
  await db.table('bin').put({
    label: 'delete a ride',
    atMs: 1,
    records: [
      { table: 'setups', record: SETUP },
      { table: 'recordings', record: RECORDING },
    ],
  });
  await db.table('aside').put({ table: 'photos', record: PHOTO, text: 'a photo', atMs: 1, isMended: true });
  await db.table('meta').put({ key: 'dataVersion', value: OLD.dataVersion });
  db.close();
}

test('an old database is upgraded: samples and photos to bytes, deleted and quarantined records too', async () => {
  const engine = { indexedDB: new IDBFactory(), IDBKeyRange };
  await oldDatabase(engine);
  const db = new RontelDatabase('old', engine);
  await prepareStore(db, () => Promise.reject(new Error('this is no first start')));

  const expected = readBackup(text);
  if (!expected.ok) throw new Error(expected.failure.message);
  const { photos, ...dataset } = await readDataset(db);
  const inOrder = Object.entries(expected.dataset).map(([table, records]) => [
    table,
    [...records].sort((a, b) => (a.id < b.id ? -1 : 1)),
  ]);
  expect({ ...dataset, photos: [] }).toEqual(Object.fromEntries(inOrder));
  expect(dataset.recordings.every(({ packed }) => isBytes(packed))).toBe(true);
  expect(photos).toEqual([{ ...PHOTO, jpeg: Uint8Array.of(255, 216, 255, 224, 0, 16) }]);

  const [entry] = await db.bin.toArray();
  const { shelf, ...rest } = SETUP!;
  expect(entry!.records.map(({ record }) => record)).toEqual([
    { ...rest, partIds: shelf },
    expected.dataset.recordings.find(({ id }) => id === RECORDING!.id),
  ]);
  expect(await readQuarantine(db)).toMatchObject([{ record: { jpeg: photos[0]!.jpeg }, isRepaired: true }]);
  db.close();
});
