import { newDatabases } from '../../tests/support/database';
import { type RideRecord } from '../records';
import { datasetSchema } from '../records/schemas';
import { climbsOf, lengthM, totals } from '../core/ride';
import { demoDataset } from './demo';
import { addRide, addRoute, readDataset, readPacked, redo, removeBike, removeRide, removeRoute, undo } from './index';

const DEMO = demoDataset();
const open = newDatabases(DEMO);
const { id: _, ...CONTENT }: RideRecord = { ...DEMO.rides[0]!, name: 'Again', digest: 'another' };
const { packed } = DEMO.recordings[0]!;

describe('rides', () => {
  test('a ride comes in with its samples, and goes with them; undo and redo take both', async () => {
    const db = await open();
    const id = await addRide(db, CONTENT, packed, 1);
    expect(id).toBeDefined();
    expect(await readPacked(db, [id!])).toEqual([packed]);
    await undo(db);
    expect(await db.rides.get(id!)).toBeUndefined();
    expect(await db.recordings.get(id!)).toBeUndefined();
    await redo(db);
    expect(await db.recordings.get(id!)).toEqual({ id, packed });
    await removeRide(db, (await db.rides.get(id!))!, 2);
    expect(await db.recordings.get(id!)).toBeUndefined();
    await undo(db);
    expect((await db.rides.get(id!))?.name).toBe('Again');
    expect(await readPacked(db, [id!])).toEqual([packed]);
  });

  test('the same ride is not taken in twice for one bike, and is for another', async () => {
    const db = await open();
    expect(await addRide(db, CONTENT, packed, 1)).toBeDefined();
    expect(await addRide(db, { ...CONTENT, name: 'From another file' }, packed, 2)).toBeUndefined();
    expect(await db.rides.count()).toBe(3);
    expect(await db.recordings.count()).toBe(3);
    expect(await addRide(db, { ...CONTENT, bikeId: 'pinewood-hardtail' }, packed, 3)).toBeDefined();
  });

  test('two that arrive at once leave one, whole', async () => {
    const db = await open();
    const ids = await Promise.all([1, 2, 3].map((now) => addRide(db, CONTENT, packed, now)));
    expect(ids.filter((id) => id !== undefined)).toHaveLength(1);
    expect(await db.rides.count()).toBe(await db.recordings.count());
  });

  test('samples are read in the order that is asked for; a ride that has gone is left out', async () => {
    const db = await open();
    const other = Uint8Array.of(65, 66, 67);
    const id = (await addRide(db, CONTENT, other, 1))!;
    expect(await readPacked(db, [id, 'gone', DEMO.rides[0]!.id])).toEqual([other, packed]);
  });

  test('a bike takes its rides along, and undo brings all of it back', async () => {
    const db = await open();
    const before = await readDataset(db);
    await removeBike(db, (await db.bikes.get('estuary-tourer'))!, 1);
    expect(await db.rides.count()).toBe(0);
    expect(await db.recordings.count()).toBe(0);
    await undo(db);
    expect(await readDataset(db)).toEqual(before);
  });
});

describe('routes', () => {
  test('are kept, removed and brought back', async () => {
    const db = await open();
    const dyke = { name: 'Dyke', stepM: 20, elevationM: [1, 2, 3] };
    const { id, added } = await addRoute(db, dyke, 1);
    expect(added).toBe(true);
    expect(await addRoute(db, dyke, 1)).toEqual({ id, added: false });
    expect(await db.routes.count()).toBe(4);
    await removeRoute(db, (await db.routes.get(id))!, 2);
    expect(await db.routes.get(id)).toBeUndefined();
    await undo(db);
    expect((await db.routes.get(id))?.name).toBe('Dyke');
  });

  test.each([
    ['route-fen', 32, 0, 40, 0],
    ['route-rolling', 36, 400, 800, 5],
    ['route-mountain', 42, 800, 1400, 1],
  ])('%s is what it says: its length, its climbing, its climbs', (id, km, leastUpM, mostUpM, climbs) => {
    const { stepM, elevationM } = DEMO.routes.find((route) => route.id === id)!;
    const profile = { stepM, elevationM: Float64Array.from(elevationM) };
    expect(lengthM(profile) / 1000).toBeCloseTo(km, 0);
    const { upM } = totals(profile);
    expect(upM).toBeGreaterThanOrEqual(leastUpM);
    expect(upM).toBeLessThanOrEqual(mostUpM);
    expect(climbsOf(profile).length).toBeGreaterThanOrEqual(climbs);
    if (climbs === 0) expect(climbsOf(profile)).toEqual([]);
  });
});

describe('the whole data with rides', () => {
  const damaged = (change: { readonly [T in keyof typeof DEMO]?: unknown }) =>
    datasetSchema.safeParse({ ...DEMO, ...change });

  test.each([
    ['a ride without samples', { recordings: [] }, 'has no samples'],
    ['a ride of no bike', { rides: [{ ...DEMO.rides[0]!, bikeId: 'nobody' }] }, 'a ride of a bike that is not there'],
    ['a ride on no wheels', { rides: [{ ...DEMO.rides[0]!, wheelsetId: 'none' }] }, 'does not have (none)'],
    [
      'samples that are no bytes',
      { recordings: [{ ...DEMO.recordings[0]!, packed: 'H4sI' }] },
      'the samples of a ride are damaged',
    ],
    ['a route of two points', { routes: [{ ...DEMO.routes[0]!, elevationM: [1, 2] }] }, '>=3'],
    [
      'a ride on impossible teeth',
      { rides: [{ ...DEMO.rides[0]!, setup: { chainrings: [99], cogs: [11], hubStages: [1] } }] },
      'chainring 99',
    ],
  ] as const)('%s is refused', (_name, change, message) => {
    const result = damaged(change);
    expect(result.success).toBe(false);
    if (!result.success) expect(result.error.issues.map((issue) => issue.message).join(' ')).toContain(message);
  });
});
