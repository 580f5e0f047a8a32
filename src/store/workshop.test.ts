import { newDatabases } from '../../tests/support/database';
import Dexie from 'dexie';
import { slotsOf } from '../core/parts';
import type { StepId, StepProgress } from '../core/job';
import { resolvedSetup, sumsOf, type JobRecord, type SetupRecord } from '../records';
import { datasetSchema } from '../records/schemas';
import {
  addJobs,
  addNote,
  addParts,
  addPhoto,
  change,
  choosePart,
  editJob,
  editMadeSetup,
  editParts,
  editStep,
  fitFreehub,
  fitWheel,
  readDataset,
  readParts,
  redo,
  removeBike,
  removeJob,
  removeParts,
  showStep,
  takeStock,
  undo,
} from './index';
import { demoWithoutRides } from './demo';
import { signOff } from '../../tests/support/workshop';
import type { StepEdit } from './jobs';
import { RontelDatabase } from './db';

const SHEET = { label: 'sheet', key: 'sheet' };

const DEMO = demoWithoutRides();
const open = newDatabases(DEMO);

const TOURER = 'estuary-tourer-a';
const seen = async (db: RontelDatabase, id = TOURER): Promise<SetupRecord> =>
  resolvedSetup((await db.setups.get(id))!, await readParts(db));
const edit = (db: RontelDatabase, id: string, how: (setup: SetupRecord) => SetupRecord) =>
  change(db, { label: 'edit', now: 0 }, (draft) => editMadeSetup(db, draft, id, how));
async function sound(db: RontelDatabase) {
  expect(datasetSchema.safeParse(await readDataset(db)).error?.issues).toBeUndefined();
}

test('what was kept under the layout before has the index once it is opened', async () => {
  const name = 'before the index';
  const before = new Dexie(name);
  before.version(5).stores({ jobs: 'id, bikeId, state, dueOn' });
  await before.table('jobs').bulkAdd(DEMO.jobs);
  before.close();
  const db = new RontelDatabase(name);
  expect(await db.jobs.count()).toBe(DEMO.jobs.length);
  const expected = DEMO.jobs.filter(({ passed = [] }) => passed.length > 0);
  expect(await db.jobs.where('passed.length').above(0).count()).toBe(expected.length);
  db.close();
});

test('a limit typed in Fit is one of the part, not of the setup alone; undo takes back both', async () => {
  const db = await open();
  const kept = await db.setups.get(TOURER);
  await edit(db, TOURER, (setup) => ({ ...setup, rearDerailleur: { ...setup.rearDerailleur, totalCapacityT: 43 } }));
  expect((await db.parts.get('rear-long'))!.data.totalCapacityT).toBe(43);
  expect(await db.setups.get(TOURER)).toEqual(kept);
  expect((await seen(db)).rearDerailleur.totalCapacityT).toBe(43);
  await undo(db);
  expect((await db.parts.get('rear-long'))!.data.totalCapacityT).toBe(41);
  await redo(db);
  // A datum that is taken away is not known any more, of the part either.
  await edit(db, TOURER, (setup) => ({
    ...setup,
    rearDerailleur: { ...setup.rearDerailleur, totalCapacityT: undefined },
  }));
  expect('totalCapacityT' in (await db.parts.get('rear-long'))!.data).toBe(false);
  await sound(db);
});

test('other teeth, typed over a cassette in stock, leave that cassette alone and find it again', async () => {
  const db = await open();
  const before = await db.parts.get('cassette-11-36');
  const { cogs } = (await db.setups.get(TOURER))!;
  await edit(db, TOURER, (setup) => ({ ...setup, cogs: [11, 13, 15, 18, 21, 24, 28, 32, 37, 42, 46, 50] }));
  await edit(db, TOURER, (setup) => ({ ...setup, parts: { ...setup.parts, cassetteLengthMm: 40 } }));
  expect(await db.parts.get('cassette-11-36')).toEqual(before);
  expect((await seen(db)).massG).toBe(1985);
  expect(sumsOf((await db.setups.get(TOURER))!, await readParts(db)).unweighed).toEqual(['cassette']);
  await edit(db, TOURER, (setup) => ({ ...setup, cogs }));
  expect((await seen(db)).parts.cassetteLengthMm).toBe(34.9);
});

test('an edit that comes to the same leaves nothing to undo', async () => {
  const db = await open();
  await edit(db, TOURER, (setup) => ({ ...setup, parts: { ...setup.parts } }));
  expect(await db.history.count()).toBe(0);
});

test('a part taken out of stock leaves what was known of it with the setup, and jobs keep their cards', async () => {
  const db = await open();
  const before = await seen(db);
  await editParts(db, ['rear-long'], SHEET, (part) => ({ ...part, data: { ...part.data, totalCapacityT: 44 } }), 0);
  const job = await db.jobs.get('job-winter-ring');
  await removeParts(db, ['rear-long', 'ring-44'], 'remove', 0);
  const after = await seen(db);
  expect(after.rearDerailleur).toEqual({ ...before.rearDerailleur, totalCapacityT: 44 });
  expect(after.partIds).not.toHaveProperty('rearDerailleur');
  expect(await db.jobs.get('job-winter-ring')).toEqual(job);
  await sound(db);
  await undo(db);
  expect((await db.parts.get('rear-long'))!.data.totalCapacityT).toBe(44);
  expect((await db.setups.get(TOURER))!.partIds).toHaveProperty('rearDerailleur');
});

test('a bike takes stock of itself: a part for each place that named none', async () => {
  const db = await open();
  const carrier = (await db.setups.get('harbour-load-carrier-a'))!;
  expect(await takeStock(db, carrier, (slot) => `its ${slot}`, 5)).toBe(slotsOf(carrier).needed.length);
  const made = await seen(db, carrier.id);
  const { partIds: _shelf, ...rest } = made;
  // All of it is there: nothing is to be bought.
  expect(rest).toEqual({ ...carrier, cost: 0 });
  const parts = await readParts(db);
  expect(parts.get(made.partIds!.cassette!)).toMatchObject({
    data: { cogs: carrier.cogs },
    mounts: [{ bikeId: carrier.bikeId, fromMs: 5 }],
  });
  await choosePart(db, made, 'cassette', undefined, 'none', 0);
  expect((await db.setups.get(carrier.id))!.partIds).not.toHaveProperty('cassette');
  await sound(db);
});

const swapJob = async (db: RontelDatabase) => (await db.jobs.get('job-winter-ring'))!;

test('a swap that is signed off makes its setup A, moves the parts, keeps the old ones and books a re-check', async () => {
  const db = await open();
  const job = await swapJob(db);
  await editJob(
    db,
    job.id,
    { label: 'links', key: 'links' },
    (one) => ({ ...one, progress: { chainLength: { values: { links: 114 }, doneAtMs: 1 } } }),
    1,
  );
  const now = 4e12;
  await signOff(db, job.id, 'works', { passed: [{ id: 'largestCog', overT: 2 }], now });
  const setups = await db.setups.where('bikeId').equals('estuary-tourer').sortBy('rank');
  expect(setups.map(({ id, rank }) => [id, rank])).toEqual([
    ['estuary-tourer-b', 0],
    ['estuary-tourer-a', 1],
    ['estuary-tourer-c', 2],
  ]);
  expect(setups[0]!.chainLinks).toBe(114);
  const cassette = (await db.parts.get('cassette-10-44'))!;
  // It was to be bought, and is there now.
  expect(cassette).toMatchObject({ quantity: 1, mounts: [{ bikeId: 'estuary-tourer', fromMs: now }] });
  expect((await db.parts.get('cassette-11-36'))!.mounts.at(-1)!.toMs).toBe(now);
  // The shifter stays where it is.
  expect((await db.parts.get('shifter-12'))!.mounts).toHaveLength(1);
  expect((await db.jobs.get(job.id))!).toMatchObject({ state: 'done', outcome: 'works', finishedAtMs: now });
  const recheck = (await db.jobs.toArray()).find((one) => one.work.kind === 'recheck' && one.work.ofJobId === job.id)!;
  expect(recheck).toMatchObject({ state: 'ready', work: { afterKm: 100 } });
  await sound(db);
  await expect(signOff(db, job.id, 'works', { now })).rejects.toThrow('already');
  await undo(db);
  expect((await db.setups.get(TOURER))!.rank).toBe(0);
  expect((await swapJob(db)).state).toBe('waiting');
});

test('what the gauge said at a re-check is a reading of the chain on the bike', async () => {
  const db = await open();
  const [id] = await addJobs(
    db,
    [{ bikeId: 'estuary-tourer', name: 'Re-check', work: { kind: 'recheck', ofJobId: 'job-wider', afterKm: 100 } }],
    1,
  );
  await editJob(
    db,
    id!,
    { label: 'wear', key: 'wear' },
    (job) => ({ ...job, progress: { recheck: { values: { wearPercent: 0.4 }, doneAtMs: 2 } } }),
    2,
  );
  await signOff(db, id!, 'works', { now: 4e12 });
  expect((await db.parts.get('chain-worn'))!.wear.at(-1)).toEqual({ atMs: 4e12, wearPercent: 0.4 });
  await sound(db);
  await undo(db);
  expect((await db.parts.get('chain-worn'))!.wear).toHaveLength(4);
});

test('a reverted trial leaves bike and stock as they were, and is remembered', async () => {
  const db = await open();
  const before = await readDataset(db);
  await signOff(db, 'job-winter-ring', 'reverted', { note: 'rubs', now: 1 });
  const after = await readDataset(db);
  expect(after.setups).toEqual(before.setups);
  expect(after.parts).toEqual(before.parts);
  expect(after.jobs).toHaveLength(before.jobs.length);
  expect(await swapJob(db)).toMatchObject({ state: 'done', outcome: 'reverted', outcomeNote: 'rubs' });
});

test('a setup that has left the workspace is laid there again; a full workspace is said, and nothing is half done', async () => {
  const db = await open();
  await signOff(db, 'job-mountain');
  const [first] = await db.setups.where('bikeId').equals('seawall-all-road').sortBy('rank');
  expect(first).toMatchObject({ id: 'all-road-40', chainrings: [40] });
  const full = await open();
  const base = (await full.setups.get('seawall-all-road-a'))!;
  await full.setups.bulkPut([1, 2, 3].map((rank) => ({ ...base, id: `more-${rank}`, rank })));
  const before = await readDataset(full);
  await expect(signOff(full, 'job-mountain')).rejects.toThrow('already have 4 setups');
  expect(await readDataset(full)).toEqual(before);
});

test('what came off and was not in stock is found there, and the setup that had it is made of it', async () => {
  const db = await open();
  await signOff(db, 'job-carrier-34', 'works', { now: 3 });
  const taken = async () => (await db.parts.toArray()).filter(({ name }) => name.includes('off Harbour load carrier'));
  expect((await taken()).map(({ kind, data }) => [kind, data.ringT])).toEqual([['chainring', 38]]);
  const carrier = (await db.setups.get('carrier-34'))!;
  const side = (setup: SetupRecord) => ({ setup, parts: {} });
  const work = {
    kind: 'swap',
    from: side(carrier),
    to: side({ ...carrier, id: 'wide', cogs: [11, 13, 15, 18, 21, 24, 28, 32, 37, 42, 46] }),
    chain: 'leave',
    newChain: false,
    weighs: false,
    usesQuickLink: true,
  } as const;
  const [id] = await addJobs(db, [{ bikeId: carrier.bikeId, name: 'Wide', work }], 4);
  await signOff(db, id!, 'works', { now: 5 });
  const old = (await taken()).find(({ kind }) => kind === 'cassette')!;
  expect(old.data.cogs).toEqual(carrier.cogs);
  expect((await db.setups.get('carrier-34'))!.partIds).toMatchObject({ cassette: old.id });
  await sound(db);
});

test('a wheel in stock becomes a wheelset, a freehub body goes on one', async () => {
  const db = await open();
  const bike = (await db.bikes.get('estuary-tourer'))!;
  await fitWheel(db, bike, (await db.parts.get('wheel-winter'))!, 5);
  const [, winter] = (await db.bikes.get(bike.id))!.wheelsets;
  expect(winter).toMatchObject({ name: 'Winter wheel, studded', tyreWidthMm: 40, freehub: { bodyLengthMm: 36.75 } });
  await fitFreehub(db, bike, winter!.id, (await db.parts.get('body-short'))!, 6);
  expect((await db.bikes.get(bike.id))!.wheelsets[1]!.freehub).toEqual({
    spline: 'short splines and a thread',
    smallestCogT: 10,
  });
  expect((await db.parts.get('wheel-winter'))!.mounts).toEqual([{ bikeId: bike.id, fromMs: 5 }]);
  await sound(db);
  for (let i = 0; i < 6; i += 1) await fitWheel(db, bike, (await db.parts.get('wheel-winter'))!, 7);
  await expect(fitWheel(db, bike, (await db.parts.get('wheel-winter'))!, 8)).rejects.toThrow('already has 8 wheelsets');
});

test('there and back are two jobs that name each other, and one step of undo', async () => {
  const db = await open();
  const { work } = await swapJob(db);
  const content = { bikeId: 'estuary-tourer', name: 'there', work };
  const [there, back] = await addJobs(db, [content, { ...content, name: 'back' }], 7);
  expect((await db.jobs.get(there!))!.pairId).toBe(back);
  expect((await db.jobs.get(back!))!.pairId).toBe(there);
  await undo(db);
  expect(await db.jobs.get(there!)).toBeUndefined();
});

test('two tabs at the same step: what the other wrote stands, and is said', async () => {
  const db = await open();
  const job = await swapJob(db);
  const step = (stepId: StepId, known: readonly (StepProgress | undefined)[], edit: StepEdit['edit']) =>
    editStep(db, { jobId: job.id, stepId, known, edit, step: { label: stepId, key: stepId }, now: 0 });
  const write = (shown: JobRecord, links: number) =>
    step('chainLength', [shown.progress.chainLength], (before) => ({ ...before, values: { links } }));
  await write(job, 112);
  await expect(write(job, 114)).rejects.toMatchObject({ now: { values: { links: 112 } } });
  expect((await swapJob(db)).progress.chainLength).toEqual({ values: { links: 112 } });
  // Another step of the same job is another matter.
  await step('bGap', [undefined], () => ({ values: { gapMm: 6 } }));
  // What this tab wrote itself is no surprise to it, even before it is on screen.
  const own = await step('torque', [undefined], () => ({ note: 'a' }));
  await step('torque', [undefined, own], (before) => ({ ...before, note: 'ab' }));
  await write(await swapJob(db), 114);
  expect((await swapJob(db)).progress).toMatchObject({
    chainLength: { values: { links: 114 } },
    bGap: { values: { gapMm: 6 } },
  });
});

test('a step that is done and the next that is shown are one write; looking at a step is nothing to undo', async () => {
  const db = await open();
  const { id: jobId } = await swapJob(db);
  const finish = (known: readonly (StepProgress | undefined)[]) =>
    editStep(db, {
      jobId,
      stepId: 'decide',
      known,
      edit: () => ({ doneAtMs: 1 }),
      andThen: (job) => ({ ...job, at: 'fit' }),
      step: { label: 'done', key: 'done' },
      now: 0,
    });
  await finish([undefined]);
  expect(await swapJob(db)).toMatchObject({ at: 'fit', progress: { decide: { doneAtMs: 1 } } });
  await showStep(db, jobId, 'bGap');
  expect((await swapJob(db)).at).toBe('bGap');
  // What another tab wrote remains, and the step does not advance past it.
  await expect(finish([undefined])).rejects.toThrow('another tab');
  expect((await swapJob(db)).at).toBe('bGap');
  await undo(db);
  const back = await swapJob(db);
  expect(back.progress).toEqual({});
  expect(back).not.toHaveProperty('at');
});

test('a setup that was tried otherwise in the workspace meanwhile becomes what the job built', async () => {
  const db = await open();
  const { cogs } = (await db.setups.get('estuary-tourer-b'))!;
  await edit(db, 'estuary-tourer-b', (setup) => ({ ...setup, chainrings: [42], cogs: [11, 13, 15] }));
  await signOff(db, 'job-winter-ring', 'works', { now: 4e12 });
  expect(await db.setups.get('estuary-tourer-b')).toMatchObject({ rank: 0, chainrings: [44], cogs });
});

test('jobs take their photos with them, bikes their jobs and notes; undo brings all back', async () => {
  const db = await open();
  await addPhoto(db, { jobId: 'job-winter-ring', stepId: 'bGap', takenAtMs: 1, jpeg: Uint8Array.of(1) });
  await addNote(db, { bikeId: 'estuary-tourer', atMs: 1, text: 'squeaks' }, 1);
  await addParts(db, [{ kind: 'other', name: 'Rag' }], 1);
  const before = await readDataset(db);
  await removeJob(db, await swapJob(db), 2);
  expect(await db.photos.count()).toBe(0);
  await undo(db);
  await removeBike(db, (await db.bikes.get('estuary-tourer'))!, 3);
  await sound(db);
  expect(await db.notes.where('bikeId').equals('estuary-tourer').count()).toBe(0);
  await undo(db);
  expect(await readDataset(db)).toEqual(before);
});
