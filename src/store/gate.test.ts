import { newDatabases } from '../../tests/support/database';
import { pastGate } from '../../tests/support/past-gate';
import { writeBackup } from '../formats/backup';
import { readBackup } from '../formats/read-backup';
import type { KeptTable } from '../records';
import {
  addBike,
  addJobs,
  addLearner,
  addNote,
  addParts,
  addPhoto,
  addRide,
  addRoute,
  addSetup,
  change,
  editParts,
  importParts,
  checkAllRecords,
  restoreQuarantined,
  readQuarantine,
  readDataset,
  redo,
  removeBike,
  replaceDataset,
  setPreferences,
  mergeBackup,
  undo,
} from './index';
import { prepareStore } from './dataset';
import { RontelDatabase } from './db';
import { demoDataset } from './demo';
import { RefusedRecordError } from './gate';

const DEMO = demoDataset();
const NOW = Date.UTC(2026, 10, 28);
const open = newDatabases(DEMO);
let db: RontelDatabase;
beforeEach(async () => {
  db = await open();
});

const backup = async () => writeBackup(await readDataset(db), '2026-11-28T00:00:00.000Z');
const isReadable = async () => readBackup(await backup()).ok;

/** One invalid record through each function that writes. */
const WAYS: Readonly<Record<string, () => Promise<unknown>>> = {
  bike: () => addBike(db, { bike: { name: ' ' }, setup: { chainrings: [40], cogs: [11, 28], hubStages: [1] } }, NOW),
  setup: () => addSetup(db, { ...DEMO.setups[3]!, chainLinks: 1e9 }, 'x', NOW),
  ride: () => addRide(db, { ...DEMO.rides[0]!, digest: 'other', seconds: 1e300 }, Uint8Array.of(1), NOW),
  'samples of a ride': () => addRide(db, { ...DEMO.rides[0]!, digest: 'other' }, new Uint8Array(0), NOW),
  route: () => addRoute(db, { name: 'fen', stepM: 20, elevationM: [1, -32768, 3] }, NOW),
  'name of a route': () => addRoute(db, { name: ' ', stepM: 20, elevationM: [1, 2, 3] }, NOW),
  part: () => addParts(db, [{ kind: 'chain', name: 'x', kmBefore: -1 }], NOW),
  'edit of a part': () =>
    editParts(db, [DEMO.parts[0]!.id], { label: 'x', key: 'x' }, (part) => ({ ...part, quantity: 0.5 }), NOW),
  'table of parts': () => importParts(db, [{ ...DEMO.parts[0]!, massG: 1e9 }], 'x', NOW),
  photo: () => addPhoto(db, { jobId: DEMO.jobs[0]!.id, stepId: 'fit', takenAtMs: NOW, jpeg: new Uint8Array(0) }),
  note: () => addNote(db, { bikeId: DEMO.bikes[0]!.id, atMs: 1e300, text: 'x' }, NOW),
  learner: () => addLearner(db, '', 1, NOW),
  job: () => addJobs(db, [{ ...DEMO.jobs[0]!, occasion: ' ' }], NOW),
  settings: () => setPreferences(db, { speedUnit: 'furlongs' as never }),
  'an import beside': () =>
    mergeBackup(db, { ...DEMO, notes: [{ ...DEMO.notes[0]!, id: 'n', km: 1e9 }] }, 'file', 'x', NOW),
  'an import instead': () =>
    replaceDataset(db, { ...DEMO, learners: [{ ...DEMO.learners[0]!, seed: 1e99 }] }, 'x', NOW),
};

test.each(Object.entries(WAYS))('a wrong %s is refused by name, and nothing of it is written', async (_, write) => {
  const before = await backup();
  await expect(write()).rejects.toThrow(/was not saved: .*Nothing was changed\.$/);
  await expect(write()).rejects.toBeInstanceOf(RefusedRecordError);
  expect(await backup()).toBe(before);
  expect(await undo(db)).toBeUndefined();
});

test('what names something that another window has removed is refused, and nothing is left behind', async () => {
  const bike = DEMO.bikes[0]!;
  const before = await backup();
  const gone = { ...DEMO.notes[0]!, id: 'n', bikeId: 'gone' };
  await expect(change(db, { label: 'x', now: NOW }, (draft) => draft.put('notes', gone))).rejects.toThrow(
    'The bike of this note is not there. Another window may have removed it. Nothing was changed.',
  );
  const alone = (table: KeptTable, id: string) =>
    change(db, { label: 'x', now: NOW }, (draft) => draft.remove(table, id));
  await expect(alone('bikes', bike.id)).rejects.toThrow('would be left behind');
  await expect(alone('recordings', DEMO.rides[0]!.id)).rejects.toThrow('would be left without its samples');
  const unwheeled = { ...bike, wheelsets: [{ ...bike.wheelsets[0]!, id: 'other' }] };
  await expect(change(db, { label: 'x', now: NOW }, (draft) => draft.put('bikes', unwheeled))).rejects.toThrow(
    'would be left without its wheels',
  );
  const orphan = { id: 'p', jobId: 'gone', stepId: 'fit', takenAtMs: NOW, jpeg: Uint8Array.of(1) } as const;
  await expect(change(db, { label: 'x', now: NOW }, (draft) => draft.put('photos', orphan))).rejects.toThrow(
    'The job of this photo is not there',
  );
  expect(await backup()).toBe(before);
  await removeBike(db, bike, NOW);
  expect(await isReadable()).toBe(true);
  await undo(db);
  expect(await backup()).toBe(before);
});

test('an undo that would bring something to a bike that is gone is refused, and says so', async () => {
  const note = DEMO.notes[0]!;
  await change(db, { label: 'note away', now: NOW }, (draft) => draft.remove('notes', note.id));
  const other = new RontelDatabase(db.name);
  other.tab = 'other';
  await removeBike(
    other,
    DEMO.bikes.find(({ id }) => id === note.bikeId)!,
    NOW,
  );
  await expect(undo(db)).rejects.toThrow('The bike of this note is not there');
  expect(await isReadable()).toBe(true);
  other.close();
});

describe('records that are wrong already', () => {
  test('are quarantined at opening with their reason, or repaired; the rest is as it was', async () => {
    const [bike, route, ride] = [DEMO.bikes[0]!, DEMO.routes[0]!, DEMO.rides[0]!];
    const flat = route.elevationM.map((height, i) => (i % 7 === 3 ? -32768 : height));
    await pastGate(db, async (raw) => {
      await raw.routes.put({ ...route, id: 'no-data', name: ' ', elevationM: flat });
      await raw.rides.update(ride.id, { startedAtMs: 1e300 });
      await raw.notes.put({ id: 'lost', bikeId: 'gone', atMs: NOW, text: 'x' });
      await raw.bikes.update(bike.id, { chainstayMm: 1e9 });
    });
    expect(await isReadable()).toBe(false);
    expect(await checkAllRecords(db)).toEqual({ quarantined: 2, repaired: 2 });
    const texts = (await readQuarantine(db)).map(({ text }) => text).sort();
    expect(texts).toEqual([
      'a note about a deleted bike',
      `bike “${bike.name}”: chainstayMm left out (chainstay 1000000000: it runs from 350 to 600 mm)`,
      `ride “${ride.name}”: startedAtMs: a time of 1e+300 ms since 1970: it runs from 1970 to 2199`,
      'route no-data: 229 heights that no road has, straight lines in their place; it had no name',
    ]);
    expect(await isReadable()).toBe(true);
    expect((await db.bikes.get(bike.id))!).toEqual({ ...bike, chainstayMm: undefined });
    const repaired = (await db.routes.get('no-data'))!;
    expect(repaired.name).toBe('route');
    expect(repaired.elevationM.every((height) => height > -500)).toBe(true);
    expect(await checkAllRecords(db)).toEqual({ quarantined: 0, repaired: 0 });
  });

  test('a record is put back once what it needs is there', async () => {
    await pastGate(db, (raw) => raw.notes.put({ id: 'lost', bikeId: 'gone', atMs: NOW, text: 'x' }));
    await checkAllRecords(db);
    const [entry] = await readQuarantine(db);
    await expect(restoreQuarantined(db, entry!)).rejects.toThrow('The bike of this note is not there');
    expect(await readQuarantine(db)).toHaveLength(1);
    const wheels = DEMO.bikes[0]!;
    await change(db, { label: 'bike', now: NOW }, (draft) => draft.put('bikes', { ...wheels, id: 'gone' }));
    await restoreQuarantined(db, entry!);
    expect(await db.notes.get('lost')).toBeDefined();
    expect(await readQuarantine(db)).toHaveLength(0);
  });

  test('data of an older version come up to date all the same', async () => {
    await pastGate(db, async (raw) => {
      await raw.meta.put({ key: 'dataVersion', value: 10 });
      await raw.notes.put({ id: 'lost', bikeId: 'gone', atMs: NOW, text: 'x' });
    });
    await prepareStore(db, () => DEMO);
    expect(await readQuarantine(db)).toHaveLength(1);
    expect(await isReadable()).toBe(true);
    expect(await redo(db)).toBeUndefined();
  });
});
