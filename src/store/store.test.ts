import { newDatabases } from '../../tests/support/database';
import { ONE_RING } from '../../tests/support/setups';
import { writeBackup } from '../formats/backup';
import { readBackup } from '../formats/read-backup';
import { DATA_VERSION, type BikeRecord } from '../records';
import { historyLabels } from './change';
import {
  addBike,
  addSetup,
  change,
  moveSetup,
  EMPTY_DATASET,
  readDataset,
  redo,
  removeBike,
  removeSetup,
  replaceDataset,
  setPreferences,
  mergeBackup,
  undo,
} from './index';
import { demoDataset } from './demo';
import { prepareStore } from './dataset';
import { RontelDatabase } from './db';

/** Made once: its rides take a second to be ridden. */
const DEMO = demoDataset();
const open = newDatabases(DEMO);

const setCadence = (db: RontelDatabase, cadenceRpm: number, now = 0, mergeKey?: string) =>
  change(db, { label: 'cadence', now, ...(mergeKey ? { mergeKey } : {}) }, (draft) =>
    draft.update('bikes', 'estuary-tourer', (bike) => ({ ...bike, cadenceRpm })),
  );
const cadence = async (db: RontelDatabase) => (await db.bikes.get('estuary-tourer'))?.cadenceRpm;

test('only a first start fills the database; an emptied one stays empty', async () => {
  const db = await open();
  expect(await db.bikes.count()).toBe(4);
  await replaceDataset(db, EMPTY_DATASET, 'erase', 0);
  await prepareStore(db, () => DEMO);
  expect(await db.bikes.count()).toBe(0);
});

test('data of a newer shape is left alone', async () => {
  const db = await open();
  await db.meta.put({ key: 'dataVersion', value: DATA_VERSION + 1 });
  await expect(prepareStore(db, () => EMPTY_DATASET)).rejects.toThrow(
    `version ${DATA_VERSION + 1}; this Rontel reads 1 to ${DATA_VERSION}`,
  );
  expect(await db.bikes.count()).toBe(4);
});

test('undo and redo go back and forth, and a new change ends redo', async () => {
  const db = await open();
  await setCadence(db, 80);
  await setCadence(db, 70, 10);
  expect(await undo(db)).toBe('cadence');
  expect(await cadence(db)).toBe(80);
  expect(await historyLabels(db)).toEqual({ undo: 'cadence', redo: 'cadence' });
  await redo(db);
  expect(await cadence(db)).toBe(70);
  await undo(db);
  await setCadence(db, 60, 20);
  expect(await redo(db)).toBeUndefined();
  await undo(db);
  await undo(db);
  expect(await cadence(db)).toBe(90);
  expect(await undo(db)).toBeUndefined();
});

test('quick edits of one field are one step; slow ones and other fields are their own', async () => {
  const db = await open();
  await setCadence(db, 84, 0, 'cadence');
  await setCadence(db, 85, 400, 'cadence');
  await setCadence(db, 86, 1500, 'cadence');
  await setCadence(db, 87, 9000, 'cadence');
  await undo(db);
  expect(await cadence(db)).toBe(86);
  await undo(db);
  expect(await cadence(db)).toBe(90);
});

test('typed there and back again leaves nothing to undo', async () => {
  const db = await open();
  await setCadence(db, 50, 0, 'cadence');
  await setCadence(db, 90, 300, 'cadence');
  expect((await historyLabels(db)).undo).toBeUndefined();
});

test('a change that throws leaves no trace', async () => {
  const db = await open();
  const before = await readDataset(db);
  await expect(
    change(db, { label: 'half', now: 0 }, async (draft) => {
      await draft.remove('setups', 'estuary-tourer-a');
      throw new Error('stopped half way');
    }),
  ).rejects.toThrow('stopped half way');
  expect(await readDataset(db)).toEqual(before);
  expect(await undo(db)).toBeUndefined();
});

test('a change that changes nothing is no step', async () => {
  const db = await open();
  await setCadence(db, 90);
  expect((await historyLabels(db)).undo).toBeUndefined();
});

test('adding and removing a bike takes its setups along, and undo brings both back', async () => {
  const db = await open();
  const before = await readDataset(db);
  const id = await addBike(db, { bike: { name: 'New' }, setup: ONE_RING }, 0);
  const bike = (await db.bikes.get(id))!;
  expect(bike).toMatchObject({ rank: 4, cadenceRpm: 90 });
  await removeBike(db, bike, 1);
  expect(await db.setups.where('bikeId').equals(id).count()).toBe(0);
  await undo(db);
  expect(await db.setups.where('bikeId').equals(id).count()).toBe(1);
  await undo(db);
  expect({ ...(await readDataset(db)), preferences: [] }).toEqual({ ...before, preferences: [] });
});

test('history keeps its newest 200 steps', async () => {
  const db = await open();
  await setCadence(db, 40, 0);
  const [oldest] = await db.history.toArray();
  const seq = oldest!.seq!;
  await db.history.bulkAdd(Array.from({ length: 198 }, (_, i) => ({ ...oldest!, seq: seq + 1 + i })));
  for (let i = 0; i < 3; i += 1) await setCadence(db, 50 + i / 10, 10_000 * (1 + i));
  expect(await db.history.count()).toBe(200);
  expect(await db.history.get(seq)).toBeUndefined();
});

test('setups are added after the last, moved and taken away, each as one step', async () => {
  const db = await open();
  const order = async () =>
    (await db.setups.where('bikeId').equals('estuary-tourer').sortBy('rank')).map(({ chainrings }) => chainrings[0]);
  expect(await order()).toEqual([48, 44, 46]);
  const [first] = await db.setups.where('bikeId').equals('estuary-tourer').sortBy('rank');
  const id = await addSetup(db, { ...first!, chainrings: [40] }, 'new candidate', 0);
  expect(await order()).toEqual([48, 44, 46, 40]);
  expect(id).toBeDefined();
  expect(await addSetup(db, first!, 'one too many', 1)).toBeUndefined();
  await moveSetup(db, 'estuary-tourer', 3, 0, 'fit it', 2);
  expect(await order()).toEqual([40, 48, 44, 46]);
  await moveSetup(db, 'estuary-tourer', 0, 9, 'nowhere', 3);
  await removeSetup(db, (await db.setups.get(id!))!, 'Remove it', 4);
  expect(await order()).toEqual([48, 44, 46]);
  for (const expected of [
    [40, 48, 44, 46],
    [48, 44, 46, 40],
    [48, 44, 46],
  ]) {
    await undo(db);
    expect(await order()).toEqual(expected);
  }
});

test('the last setup of a bike stays', async () => {
  const db = await open();
  const [only] = await db.setups.where('bikeId').equals('pinewood-hardtail').toArray();
  await removeSetup(db, only!, 'Remove it', 0);
  expect(await db.setups.where('bikeId').equals('pinewood-hardtail').count()).toBe(1);
});

test('a backup brings everything back, wiped or not, and can be undone', async () => {
  const db = await open();
  await setPreferences(db, { quantity: 'speed', speedUnit: 'mph' });
  await setCadence(db, 77.5);
  const saved = await readDataset(db);
  const text = writeBackup(saved, '2026-01-01T00:00:00.000Z');
  await replaceDataset(db, EMPTY_DATASET, 'erase', 1);
  expect(await db.setups.count()).toBe(0);
  const result = readBackup(text);
  if (!result.ok) throw new Error(result.failure.message);
  await replaceDataset(db, result.dataset, 'backup', 2);
  expect(await readDataset(db)).toEqual(saved);
  await undo(db);
  expect(await db.bikes.count()).toBe(0);
});

test('adding a backup leaves what is here as it is', async () => {
  const db = await open();
  const backup = await readDataset(db);
  await setCadence(db, 66);
  await removeBike(db, (await db.bikes.get('pinewood-hardtail'))!, 1);
  expect(await mergeBackup(db, backup, 'here', 'backup', 2)).toBe(6);
  expect(await cadence(db)).toBe(66);
  expect(await db.bikes.get('pinewood-hardtail')).toBeDefined();
});

describe('two tabs of one browser', () => {
  const twoTabs = async () => {
    const one = await open();
    const two = new RontelDatabase(one.name);
    two.tab = 'two';
    const [bike] = await one.bikes.orderBy('rank').toArray();
    const write = (db: RontelDatabase, what: string, edit: (bike: BikeRecord) => BikeRecord, now = 0) =>
      change(db, { label: what, mergeKey: what, now }, (draft) => draft.update('bikes', bike!.id, edit));
    const read = () => one.bikes.get(bike!.id);
    return { one, two, bike: bike!, write, read };
  };

  test('what the other tab has built on is not taken back, and the next undo goes on before it', async () => {
    const { one, two, write, read } = await twoTabs();
    await write(one, 'chainstay', (now) => ({ ...now, chainstayMm: 440 }));
    await write(one, 'cadence', (now) => ({ ...now, cadenceRpm: 70 }), 5000);
    await write(two, 'cadence', (now) => ({ ...now, cadenceRpm: 75 }));
    await expect(undo(one)).rejects.toThrow('“cadence” was not taken back: another window has changed the same since');
    expect(await read()).toMatchObject({ cadenceRpm: 75, chainstayMm: 440 });
    expect(await undo(one)).toBe('chainstay');
    expect((await read())!.cadenceRpm).toBe(75);
    two.close();
  });

  test('typing that another tab has written between is two steps, so that undo spares what came between', async () => {
    const { one, two, write, read } = await twoTabs();
    await write(one, 'cadence', (now) => ({ ...now, cadenceRpm: 70 }));
    await write(two, 'chainstay', (now) => ({ ...now, chainstayMm: 440 }), 100);
    await write(one, 'cadence', (now) => ({ ...now, cadenceRpm: 71 }), 200);
    await undo(one);
    expect(await read()).toMatchObject({ cadenceRpm: 70, chainstayMm: 440 });
    two.close();
  });
});
