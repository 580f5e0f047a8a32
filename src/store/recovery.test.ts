import { newDatabases } from '../../tests/support/database';
import { pastGate } from '../../tests/support/past-gate';
import { differencesOf, type Dataset, type PartRecord } from '../records';
import {
  DoesNotFitError,
  bringBack,
  change,
  emptyBin,
  findProblems,
  repairProblems,
  readBin,
  readDataset,
  redo,
  removeBike,
  removeParts,
  replaceDataset,
  mergeBackup,
  undo,
} from './index';
import { tidyBin } from './bin';
import { demoDataset } from './demo';
import type { RontelDatabase } from './db';

const DEMO = demoDataset();
const NOW = Date.UTC(2026, 10, 25, 9);
const DAY_MS = 86_400_000;
const open = newDatabases(DEMO);
let db: RontelDatabase;
beforeEach(async () => {
  db = await open();
});

const withoutPreferences = async () => ({ ...(await readDataset(db)), preferences: [] });

describe('the bin', () => {
  test('a bike taken away lies there with all that is its own, and comes back as it was', async () => {
    const before = await withoutPreferences();
    await removeBike(db, (await db.bikes.get('estuary-tourer'))!, NOW);
    const [entry] = await readBin(db, NOW);
    expect(entry).toMatchObject({ label: 'delete Estuary tourer', atMs: NOW });
    expect(entry!.missing).toBe(entry!.records.length);
    expect(entry!.missing).toBeGreaterThan(5);
    await bringBack(db, entry!.seq, NOW + DAY_MS);
    expect(await withoutPreferences()).toEqual(before);
    // What is restored is no longer in the bin.
    expect(await readBin(db, NOW + DAY_MS)).toEqual([]);
  });

  test('what undo brought back is not offered, what it took away again is', async () => {
    await removeParts(db, ['chain-new'], 'remove', NOW);
    await undo(db);
    expect(await readBin(db, NOW)).toEqual([]);
    await redo(db);
    expect(await readBin(db, NOW)).toHaveLength(1);
  });

  test('it lets go after thirty days, or at once when it is emptied', async () => {
    await removeParts(db, ['chain-new'], 'remove', NOW);
    expect(await readBin(db, NOW + 29 * DAY_MS)).toHaveLength(1);
    expect(await readBin(db, NOW + 31 * DAY_MS)).toEqual([]);
    await tidyBin(db, NOW + 29 * DAY_MS);
    expect(await db.bin.count()).toBe(1);
    await tidyBin(db, NOW + 31 * DAY_MS);
    expect(await db.bin.count()).toBe(0);
    await removeParts(db, ['cassette-10-44'], 'remove', NOW);
    await emptyBin(db);
    expect(await readBin(db, NOW)).toEqual([]);
  });

  test('what would not belong to anything any more stays in the bin, and nothing changes', async () => {
    const setup = (await db.setups.where('bikeId').equals('estuary-tourer').first())!;
    await change(db, { label: 'remove a setup', now: NOW }, (draft) => draft.remove('setups', setup.id));
    await removeBike(db, (await db.bikes.get('estuary-tourer'))!, NOW);
    const before = await withoutPreferences();
    const [, older] = await readBin(db, NOW);
    await expect(bringBack(db, older!.seq, NOW)).rejects.toThrow(DoesNotFitError);
    expect(await withoutPreferences()).toEqual(before);
    expect(await readBin(db, NOW)).toHaveLength(2);
    await expect(bringBack(db, 999, NOW)).rejects.toThrow('no longer in the bin');
  });
});

describe('a file is taken in', () => {
  const changed: Dataset = {
    ...DEMO,
    parts: [
      ...DEMO.parts.slice(1).map((part, i): PartRecord => (i === 0 ? { ...part, name: 'Renamed elsewhere' } : part)),
      { ...DEMO.parts[0]!, id: 'part-from-afar', mounts: [] },
    ],
    setups: DEMO.setups.map((setup) => ({ ...setup, partIds: undefined })),
    jobs: [],
    photos: [],
  };

  test('what it brings is told beforehand: new, the same, differing, here alone', async () => {
    const differences = differencesOf(await readDataset(db), changed);
    const parts = differences.find(({ table }) => table === 'parts')!;
    expect(parts.added.map(({ id }) => id)).toEqual(['part-from-afar']);
    expect(parts.conflicts).toEqual([{ here: DEMO.parts[1], file: { ...DEMO.parts[1], name: 'Renamed elsewhere' } }]);
    expect(parts.onlyHereCount).toBe(1);
    expect(parts.sameCount).toBe(DEMO.parts.length - 2);
    expect(differences.find(({ table }) => table === 'bikes')).toMatchObject({
      added: [],
      conflicts: [],
      sameCount: 4,
    });
  });

  test('mine stays, or the file’s wins; one step of undo either way', async () => {
    const before = await withoutPreferences();
    expect(await mergeBackup(db, changed, 'here', 'file', NOW)).toBe(1);
    expect((await db.parts.get(DEMO.parts[1]!.id))!.name).toBe(DEMO.parts[1]!.name);
    expect(await db.parts.get('part-from-afar')).toBeDefined();
    await undo(db);
    expect(await withoutPreferences()).toEqual(before);
    await mergeBackup(db, changed, 'file', 'file', NOW);
    expect((await db.parts.get(DEMO.parts[1]!.id))!.name).toBe('Renamed elsewhere');
    await undo(db);
    expect(await withoutPreferences()).toEqual(before);
    expect(await mergeBackup(db, DEMO, 'file', 'the same', NOW)).toBe(0);
  });

  test('together with what is here it must belong together: else nothing comes in', async () => {
    const before = await withoutPreferences();
    const [first] = DEMO.setups;
    const full: Dataset = {
      ...DEMO,
      setups: Array.from({ length: 4 }, (_, i) => ({ ...first!, id: `more-${i}`, rank: 10 + i })),
    };
    await expect(mergeBackup(db, full, 'here', 'file', NOW)).rejects.toThrow('a bike has room for 4');
    expect(await withoutPreferences()).toEqual(before);
    // Instead of the present data it would be within the maximum.
    await replaceDataset(db, { ...full, jobs: [], photos: [] }, 'replace', NOW);
    expect(await db.setups.count()).toBe(4);
  });
});

describe('what is wrong is found and repaired', () => {
  test('dangling links of every kind, and records of no known shape', async () => {
    const [setup] = DEMO.setups;
    const tourer = DEMO.bikes.find(({ id }) => id === setup!.bikeId)!;
    const ride = DEMO.rides[0]!;
    // Written past the gate, as another program would.
    await pastGate(db, async (db) => {
      await db.setups.put({ ...setup!, id: 'of-nobody', bikeId: 'gone' });
      await db.setups.update(DEMO.setups[1]!.id, { wheelsetId: 'gone', partIds: { chain: 'gone' } });
      await db.recordings.delete(ride.id);
      await db.recordings.put({ ...DEMO.recordings[0]!, id: 'of-no-ride' });
      await db.parts.update(DEMO.parts[0]!.id, { mounts: [{ bikeId: 'gone', fromMs: 0 }] });
      await db.jobs.update(DEMO.jobs[0]!.id, { pairId: 'gone' });
      await db.photos.put({ id: 'p', jobId: 'gone', stepId: 'fit', takenAtMs: 0, jpeg: Uint8Array.of(1) });
      await db.notes.put({ id: 'n', bikeId: 'gone', atMs: 0, text: 'lost' });
      await db.bikes.put({ ...tourer, id: 'odd', name: '' });
    });
    const texts = (await findProblems(db)).map(({ text }) => text);
    for (const said of [
      'belongs to a deleted bike',
      `is on wheels that ${tourer.name} does not have`,
      'is made of 1 part that is not in stock',
      `ride “${ride.name}” has lost its samples`,
      'samples of a deleted ride',
      'was on 1 deleted bike',
      'refers to a return job',
      'a photo of a deleted job',
      'a note about a deleted bike',
      'cannot be read at name: an empty name',
    ])
      expect(texts.join('\n')).toContain(said);
    expect(await repairProblems(db, NOW)).toBeGreaterThanOrEqual(10);
    expect(await findProblems(db)).toEqual([]);
    expect(await db.bikes.count()).toBe(4);
    // Deleted records are in the bin; undo cannot restore invalid ones either.
    expect((await readBin(db, NOW))[0]).toMatchObject({ label: 'fix the data' });
    await expect(undo(db)).rejects.toThrow('Nothing was changed');
    expect(await findProblems(db)).toEqual([]);
  });
});
