import { newDatabases } from '../../tests/support/database';
import { addWheelset, readDataset, removeWheelset, undo } from './index';
import type { RontelDatabase } from './db';
import { demoDataset } from './demo';

const DEMO = demoDataset();
const BIKE = DEMO.bikes.find(({ id }) => DEMO.rides.some(({ bikeId }) => bikeId === id))!;
const [SETUP] = DEMO.setups.filter(({ bikeId }) => bikeId === BIKE.id);
const WHEELS = BIKE.wheelsets.find(({ id }) => id === SETUP!.wheelsetId)!;

const open = newDatabases(DEMO);
let db: RontelDatabase;
beforeEach(async () => {
  db = await open();
});

const bikeNow = async () => (await db.bikes.get(BIKE.id))!;

test('adds a wheelset of the same sizes that has not been measured, and puts the setup on it', async () => {
  const measured = { ...WHEELS, measuredRolloutMm: 2150 };
  await addWheelset(db, { bike: BIKE, setup: SETUP!, like: measured, name: 'Winter' }, 1);
  const added = (await bikeNow()).wheelsets.at(-1)!;
  expect(added).toMatchObject({
    name: 'Winter',
    rimDiameterMm: WHEELS.rimDiameterMm,
    tyreWidthMm: WHEELS.tyreWidthMm,
  });
  expect(added).not.toHaveProperty('measuredRolloutMm');
  expect((await db.setups.get(SETUP!.id))!.wheelsetId).toBe(added.id);
  expect(await undo(db)).toContain(BIKE.name);
  expect(await readDataset(db)).toEqual(await afterReading(DEMO));
});

test('setups and rides on a deleted wheelset continue on the first of the others', async () => {
  await addWheelset(db, { bike: BIKE, setup: SETUP!, like: WHEELS, name: 'Winter' }, 1);
  const bike = await bikeNow();
  await removeWheelset(db, bike, WHEELS, 2);
  const [first] = (await bikeNow()).wheelsets;
  expect(first!.id).not.toBe(WHEELS.id);
  for (const table of [db.setups, db.rides]) {
    const users = await table.where('bikeId').equals(BIKE.id).toArray();
    expect(users.length).toBeGreaterThan(0);
    expect(users.map(({ wheelsetId }) => wheelsetId)).not.toContain(WHEELS.id);
  }
  expect(await undo(db)).toBe(`delete ${WHEELS.name}`);
  expect((await bikeNow()).wheelsets).toEqual(bike.wheelsets);
});

/** The tables in the order in which the database reads them. */
async function afterReading(dataset: typeof DEMO) {
  return readDataset(await open(dataset));
}
