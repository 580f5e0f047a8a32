import { newDatabases } from '../../tests/support/database';
import fc from 'fast-check';
import { SEEDED } from '../../tests/support/arbitraries';
import { cases } from '../../tests/support/fuzz';
import { seededRandom } from '../../tests/support/rides';
import { TOURER } from '../../tests/support/setups';
import type { BikeRecord } from '../records';
import { datasetSchema } from '../records/schemas';
import { addBike, change, EMPTY_DATASET, readDataset, redo, removeBike, replaceDataset, undo } from './index';
import { demoDataset } from './demo';
import { RontelDatabase } from './db';

/** Made once: its rides take a second to be ridden. */
const DEMO = demoDataset();
const open = newDatabases(DEMO);

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
    { ...SEEDED, numRuns: cases(5) },
  );
});

const EDITS = cases(60);

test('edits, undos and redos in two tabs: each field has what was last written to it, and nothing is lost', async () => {
  const one = await open();
  const two = new RontelDatabase(one.name);
  two.tab = 'two';
  const bike = (await one.bikes.orderBy('rank').first())!;
  const write = (db: RontelDatabase, label: string, edit: (before: BikeRecord) => BikeRecord, now: number) =>
    change(db, { label, mergeKey: label, now }, (draft) => draft.update('bikes', bike.id, edit));
  const read = () => one.bikes.get(bike.id);
  const random = seededRandom(20261128);
  const fields = { one: 'chainstayMm', two: 'bbDropMm' } as const;
  // The expected value of each tab's own field; of the shared field only that no write is applied in part.
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
