import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { SEEDED } from '../../tests/support/arbitraries';
import { seededRandom } from '../../tests/support/rides';
import { ONE_RING, TOURER } from '../../tests/support/setups';
import { writeBackup } from '../formats/backup';
import { readBackup } from '../formats/read-backup';
import { DATA_VERSION, type BikeRecord } from '../records';
import { datasetSchema } from '../records/schema';
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

let count = 0;
const opened: RontelDatabase[] = [];
/** Made once: its rides take a second to be ridden. */
const DEMO = demoDataset();
async function open(first = DEMO): Promise<RontelDatabase> {
  const db = new RontelDatabase(`test-${(count += 1)}`);
  opened.push(db);
  await prepareStore(db, () => first);
  return db;
}
afterAll(() => opened.forEach((db) => db.close()));

const setCadence = (db: RontelDatabase, cadenceRpm: number, now = 0, mergeKey?: string) =>
  change(db, { label: 'cadence', now, ...(mergeKey ? { mergeKey } : {}) }, (draft) =>
    draft.update('bikes', 'estuary-tourer', (bike) => ({ ...bike, cadenceRpm })),
  );
const cadence = async (db: RontelDatabase) => (await db.bikes.get('estuary-tourer'))?.cadenceRpm;

test('the demo workshop is sound and always the same', () => {
  expect(() => datasetSchema.parse(demoDataset())).not.toThrow();
  expect(demoDataset()).toEqual(demoDataset());
  expect(demoDataset().bikes).toHaveLength(4);
});

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
  for (let i = 0; i < 205; i += 1) await setCadence(db, 40 + i / 10, i);
  expect(await db.history.count()).toBe(200);
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

test('any mix of changes can be undone to the start and redone to the end', async () => {
  const step = fc.oneof(
    fc.record({ kind: fc.constant('cadence' as const), rpm: fc.integer({ min: 40, max: 120 }), key: fc.boolean() }),
    fc.record({ kind: fc.constant('add' as const) }),
    fc.record({ kind: fc.constant('remove' as const), index: fc.nat(6) }),
    fc.record({ kind: fc.constant('undo' as const) }),
    fc.record({ kind: fc.constant('redo' as const) }),
    fc.record({ kind: fc.constant('erase' as const) }),
  );
  await fc.assert(
    fc.asyncProperty(fc.array(step, { maxLength: 12 }), async (steps) => {
      const db = await open();
      const start = { ...(await readDataset(db)), preferences: [] };
      let now = 0;
      for (const item of steps) {
        now += 500;
        const bikes = await db.bikes.orderBy('rank').toArray();
        if (item.kind === 'cadence' && bikes[0]) {
          const { id } = bikes[0];
          const options = { label: 'cadence', now, ...(item.key ? { mergeKey: `cadence ${id}` } : {}) };
          await change(db, options, (draft) =>
            draft.update('bikes', id, (bike) => ({ ...bike, cadenceRpm: item.rpm })),
          );
        }
        if (item.kind === 'add') await addBike(db, { bike: { name: 'New' }, setup: TOURER }, now);
        if (item.kind === 'remove' && bikes[item.index]) await removeBike(db, bikes[item.index]!, now);
        if (item.kind === 'undo') await undo(db);
        if (item.kind === 'redo') await redo(db);
        if (item.kind === 'erase') await replaceDataset(db, EMPTY_DATASET, 'erase', now);
      }
      while (await redo(db));
      const end = { ...(await readDataset(db)), preferences: [] };
      expect(() => datasetSchema.parse(end)).not.toThrow();
      while (await undo(db));
      expect({ ...(await readDataset(db)), preferences: [] }).toEqual(start);
      while (await redo(db));
      expect({ ...(await readDataset(db)), preferences: [] }).toEqual(end);
    }),
    { ...SEEDED, numRuns: 30 },
  );
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

  test('undo takes back what was done in its own tab, and leaves the other’s alone', async () => {
    const { one, two, bike, write, read } = await twoTabs();
    await write(one, 'cadence', (now) => ({ ...now, cadenceRpm: 70 }));
    await write(two, 'chainstay', (now) => ({ ...now, chainstayMm: 440 }));
    expect(await historyLabels(one)).toEqual({ undo: 'cadence', redo: undefined });
    expect(await historyLabels(two)).toEqual({ undo: 'chainstay', redo: undefined });
    expect(await undo(one)).toBe('cadence');
    expect(await read()).toMatchObject({ cadenceRpm: bike.cadenceRpm, chainstayMm: 440 });
    expect(await undo(one)).toBeUndefined();
    expect(await undo(two)).toBe('chainstay');
    expect(await read()).toEqual(bike);
    await redo(one);
    await redo(two);
    expect(await read()).toMatchObject({ cadenceRpm: 70, chainstayMm: 440 });
    two.close();
  });

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

  /** `npm run reliability` makes it 2,000. */
  const EDITS = process.env.RELIABILITY === 'full' ? 2000 : 250;

  test('edits, undos and redos in two tabs: each field has what was last written to it, and nothing is lost', async () => {
    const { one, two, bike, write, read } = await twoTabs();
    const random = seededRandom(20261128);
    const fields = { one: 'chainstayMm', two: 'bbDropMm' } as const;
    // What each tab believes of its own field; of the field that both write to only that nobody's write is half there.
    const stacks = {
      one: [bike.chainstayMm] as (number | undefined)[],
      two: [bike.bbDropMm] as (number | undefined)[],
    };
    const at = { one: 0, two: 0 };
    for (let i = 0; i < EDITS; i += 1) {
      const who = random() < 0.5 ? 'one' : 'two';
      const db = who === 'one' ? one : two;
      const act = random();
      if (act < 0.6) {
        // Each once: to write what is there already is no step.
        const value = who === 'one' ? 400 + i / 20 : 20 + i / 50;
        await write(db, `${who} ${i}`, (now) => ({ ...now, [fields[who]]: value }), i * 5000);
        stacks[who].splice(at[who] + 1, Infinity, value);
        at[who] += 1;
        // As long as undo remembers.
        if (at[who] > 60) {
          stacks[who].splice(0, at[who] - 60);
          at[who] = 60;
        }
      } else if (act < 0.85 && at[who] > 0) {
        await undo(db);
        at[who] -= 1;
      } else if (act >= 0.85 && at[who] < stacks[who].length - 1) {
        await redo(db);
        at[who] += 1;
      }
      const now = (await read())!;
      expect([i, now.chainstayMm, now.bbDropMm]).toEqual([i, stacks.one[at.one], stacks.two[at.two]]);
    }
    two.close();
  }, 120_000);
});
