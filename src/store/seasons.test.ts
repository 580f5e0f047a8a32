import { newDatabases } from '../../tests/support/database';
import { itemName, chainText } from '../messages/job';
import { jobSideOf, resolvedSetup, type SetupRecord, type SwapWork } from '../records';
import { jobWithCard, moveTo, weightAndCost, withoutCopiedChain } from '../records/selectors/job-card';
import { leftOutOf } from '../records/selectors/fit-input';
import { datasetSchema } from '../records/schemas';
import { parseShorthand } from '../formats/shorthand';
import { withNewChain } from '../features/workshop/new-chain';
import { cardOf, factsOf, signOff, workOn } from '../../tests/support/workshop';
import {
  addBike,
  addJobs,
  addSetup,
  addTrial,
  change,
  editMadeSetup,
  readDataset,
  readParts,
  removeBike,
  takeStock,
  undo,
} from './index';
import { EMPTY_DATASET, replaceDataset } from './dataset';
import { demoWithoutRides } from './demo';
import type { RontelDatabase } from './db';

const open = newDatabases(EMPTY_DATASET);

function teeth(shorthand: string) {
  const read = parseShorthand(shorthand);
  if (!read.ok) throw new Error(read.message);
  return read.setup;
}

/** A bike with a setup on it and an alternative, made as in the interface. Returns its id and those of the setups. */
async function bikeWith(db: RontelDatabase, on: string, other: string, more: Partial<SetupRecord> = {}) {
  const parts = { chainSpeeds: teeth(on).cogs.length, shifterSpeeds: teeth(on).cogs.length };
  const bikeId = await addBike(db, { bike: { name: 'Ferry bike' }, setup: { ...teeth(on), parts, ...more } }, 0);
  const [a] = await setupsOf(db, bikeId);
  const { id: _id, rank: _rank, partIds: _shelf, ...copied } = a!;
  const b = await addSetup(db, { ...copied, ...teeth(other) }, 'copy', 0);
  return { bikeId, a: a!.id, b: b! };
}

const setupsOf = (db: RontelDatabase, bikeId: string) => db.setups.where('bikeId').equals(bikeId).sortBy('rank');

/** The options of the page of jobs with nothing ticked. */
const PLAIN = { kind: 'swap', chain: 'leave', newChain: false, weighs: false, usesQuickLink: true } as const;

/** Books a swap there and back, as the Jobs page does. */
async function bookPair(db: RontelDatabase, bikeId: string, chain: SwapWork['chain'] = 'fit') {
  const bike = (await db.bikes.get(bikeId))!;
  const [a, b] = await setupsOf(db, bikeId);
  const parts = await readParts(db);
  const { chainLinks: _links, ...to } = b!;
  const work: SwapWork = {
    ...PLAIN,
    from: jobSideOf(bike, a!, parts),
    to: jobSideOf(bike, to, parts),
    chain,
  };
  const ids = await addJobs(
    db,
    [
      { bikeId, name: 'There', work },
      { bikeId, name: 'Back', work: { ...work, from: work.to, to: work.from, isReturn: true } },
    ],
    1,
  );
  return ids as [string, string];
}

/** A bike with a swap there and back booked on it. */
async function booked(on: string, other: string, more: Partial<SetupRecord> = {}, chain: SwapWork['chain'] = 'fit') {
  const db = await open();
  const bike = await bikeWith(db, on, other, more);
  const [there, back] = await bookPair(db, bike.bikeId, chain);
  return { db, ...bike, there, back };
}

test('a way back whose chain was cut at the way there orders a chain, and says so', async () => {
  const { db, bikeId, a, there, back } = await booked('48/32 x 11-36', '48/32 x 10-28', { chainLinks: 112 });
  // Planned as a pair, the chain stays: it serves both.
  expect((await cardOf(db, there)).card.difference.chain).toMatchObject({ action: 'leave', linksAfter: 112 });
  // At the stand two links were removed nevertheless.
  await workOn(db, there, { chainLength: { values: { links: 110 } } });
  await signOff(db, there);
  const { card, waitsFor } = await cardOf(db, back);
  expect(waitsFor).toBeUndefined();
  expect(card.from.chainLinks).toBe(110);
  expect(card.difference.chain).toMatchObject({ action: 'newChain', linksNow: 110, linksAfter: 112 });
  expect(card.buy.map(itemName)).toEqual(['chain, 112 links']);
  expect(card.steps.map(({ id }) => id)).toContain('chainLength');
  expect(chainText(card)).toContain('a new chain of 112 links');
  await workOn(db, back, { chainLength: { values: { links: 112 } } });
  await signOff(db, back, 'works', { now: 3 });
  const [first] = await setupsOf(db, bikeId);
  expect(first).toMatchObject({ id: a, chainLinks: 112 });
  expect(datasetSchema.safeParse(await readDataset(db)).error?.issues).toBeUndefined();
});

test('a job back waits for the first one, and is not needed once that was put back', async () => {
  const { db, there, back } = await booked('48/32 x 11-36', '48/32 x 10-28', { chainLinks: 112 });
  const waiting = await cardOf(db, back);
  expect(waiting.waitsFor?.id).toBe(there);
  // While it waits, its card shows what the first job is planned to leave.
  expect(waiting.card).toMatchObject({ kind: 'cassette', buy: [] });
  await signOff(db, there, 'reverted', { note: 'no' });
  expect(await cardOf(db, back)).toMatchObject({ waitsFor: undefined, notNeeded: { id: there } });
});

test('a later job of the same bike starts from what the earlier one left there', async () => {
  const { db, bikeId, there } = await booked('48/32 x 11-36', '48/32 x 10-28', { chainLinks: 116 });
  const bike = (await db.bikes.get(bikeId))!;
  const [a, b] = await setupsOf(db, bikeId);
  const parts = await readParts(db);
  const [rings] = await addJobs(
    db,
    [
      {
        bikeId,
        name: 'Rings',
        work: {
          kind: 'swap',
          from: jobSideOf(bike, a!, parts),
          to: jobSideOf(bike, { ...b!, id: 'rings', chainrings: [46, 30] }, parts),
          chain: 'leave',
          newChain: false,
          weighs: false,
          usesQuickLink: true,
        },
      },
    ],
    1,
  );
  expect((await cardOf(db, rings!)).card).toMatchObject({ kind: 'cassetteAndRings' });
  await signOff(db, there);
  expect((await cardOf(db, rings!)).card).toMatchObject({ kind: 'rings' });
});

test('the cassette that came off is in stock for the way back, and for any later job', async () => {
  const { db, bikeId, there, back } = await booked('48/32 x 11-36', '48/32 x 10-28', { chainLinks: 112 });
  expect((await cardOf(db, there)).card.buy.map(itemName)).toEqual(['cassette 10-28, 12-speed']);
  await signOff(db, there);
  const { card } = await cardOf(db, back);
  expect(card.buy).toEqual([]);
  expect(card.on.map(itemName)).toEqual(['Cassette 11-36, 12-speed, off Ferry bike']);
  // A newly planned job finds it by its teeth.
  const facts = await factsOf(db, bikeId);
  const [now, old] = facts.setups;
  const work = (await db.jobs.get(there))!.work as SwapWork;
  const { partIds: _shelf, ...bare } = old!;
  const [again] = await addJobs(
    db,
    [
      {
        bikeId,
        name: 'Again',
        work: { ...work, from: jobSideOf(facts.bike, now!, facts.parts), to: { setup: bare, parts: {} } },
      },
    ],
    5,
  );
  expect((await cardOf(db, again!)).card.buy).toEqual([]);
});

test('the speeds that were read off the chain decide about it, and nothing is cut before', async () => {
  const { db, bikeId, there } = await booked('48/32 x 11-36 11s', '48/32 x 11-36 12s', { chainLinks: 112, parts: {} });
  const before = (await cardOf(db, there)).card;
  expect(before.difference).toMatchObject({ chain: { action: 'ask' }, shifter: 'assumed', asksShifterSpeeds: true });
  expect(before.steps.map(({ id }) => id)).toEqual(expect.arrayContaining(['chainSpeeds', 'shifterSpeeds']));
  expect(before.buy.map(({ what, isAssumed }) => [what, isAssumed])).toEqual([
    ['cassette', false],
    ['shifter', true],
    ['chain', true],
  ]);
  await workOn(db, there, {
    chainSpeeds: { values: { speeds: 12 } },
    shifterSpeeds: { values: { shifterSpeeds: 12 } },
  });
  const after = (await cardOf(db, there)).card;
  expect(after.difference).toMatchObject({ chain: { action: 'leave' }, shifter: 'stays' });
  expect(after.buy.map(({ what }) => what)).toEqual(['cassette']);
  // What was read is known from then on: the way back does not ask again.
  await signOff(db, there);
  expect((await setupsOf(db, bikeId))[0]!.parts).toMatchObject({ chainSpeeds: 12, shifterSpeeds: 12 });
});

test('what was read off a part in stock is its data from then on', async () => {
  const db = await open();
  const { bikeId, a } = await bikeWith(db, '48/32 x 11-36 11s', '48/32 x 11-36 12s', { chainLinks: 112, parts: {} });
  await takeStock(db, (await db.setups.get(a))!, (slot) => `its ${slot}`, 1);
  const [there] = await bookPair(db, bikeId);
  const { partIds } = (await db.setups.get(a))!;
  await workOn(db, there, {
    chainSpeeds: { values: { speeds: 12 } },
    shifterSpeeds: { values: { shifterSpeeds: 11 } },
  });
  await db.parts.delete(partIds!.shifter!);
  await signOff(db, there);
  expect((await db.parts.get(partIds!.chain!))!.data).toMatchObject({ chainSpeeds: 12 });
  expect(await db.parts.get(partIds!.shifter!)).toBeUndefined();
});

test('a count that a setup was only copied with is no wish once the chain has been cut', async () => {
  const db = await open();
  const { bikeId, a } = await bikeWith(db, '48/32 x 11-36', '48/32 x 11-28', { chainLinks: 114 });
  const { id: _id, rank: _rank, ...copied } = (await db.setups.get(a))!;
  const other = await addSetup(db, { ...copied, ...teeth('48/32 x 11-34') }, 'copy', 0);
  const planned = await addSetup(db, { ...copied, ...teeth('48/32 x 11-32'), chainLinks: 116 }, 'copy', 0);
  const [there, back] = await bookPair(db, bikeId);
  await db.jobs.delete(back);
  await workOn(db, there, { chainLength: { values: { links: 110 } } });
  await signOff(db, there);
  const linksOf = async (id: string | undefined) => (await db.setups.get(id!))!.chainLinks;
  expect(await linksOf(other)).toBeUndefined();
  // A count of its own is still planned.
  expect(await linksOf(planned)).toBe(116);
});

test('a chain that was replaced because it is worn is never fitted again without asking', async () => {
  const db = await open();
  const { bikeId, a } = await bikeWith(db, '48/32 x 11-36', '48/32 x 11-34', { chainLinks: 112 });
  await takeStock(db, (await db.setups.get(a))!, (slot) => `its ${slot}`, 1);
  const old = (await db.setups.get(a))!.partIds!.chain!;
  /** A job for a new chain, as it is booked on the Jobs page. */
  const bookNewChain = async () => {
    const [bike, parts] = [(await db.bikes.get(bikeId))!, await readParts(db)];
    const [fitted] = await setupsOf(db, bikeId);
    const to = jobSideOf(bike, withoutCopiedChain(withNewChain(fitted!, parts), fitted!), parts);
    const work = { ...PLAIN, newChain: true, from: jobSideOf(bike, fitted!, parts), to };
    const [id] = await addJobs(db, [{ bikeId, name: 'New chain', work }], 1);
    return id!;
  };
  const first = await bookNewChain();
  expect((await cardOf(db, first)).card.buy.map(({ what }) => what)).toEqual(['chain']);
  await signOff(db, first);
  expect(await db.parts.get(old)).toMatchObject({ condition: 'worn' });
  // It lies in the drawer, and is neither the next new chain nor taken for another job.
  const again = (await cardOf(db, await bookNewChain())).card;
  expect(again.on.map(({ what, partId }) => [what, partId])).toEqual([['chain', undefined]]);
  await db.setups.update(a, { chainLinks: 108 });
  const [there] = await bookPair(db, bikeId);
  expect((await cardOf(db, there)).card.buy.map(({ what }) => what)).toContain('chain');
});

test('a chain in stock has the links that it was cut to', async () => {
  const db = await open();
  const { bikeId, a } = await bikeWith(db, '48/32 x 11-36', '48/32 x 11-28', { chainLinks: 114 });
  await takeStock(db, (await db.setups.get(a))!, (slot) => `its ${slot}`, 1);
  const chainId = (await db.setups.get(a))!.partIds!.chain!;
  const linksOf = async () => (await db.parts.get(chainId))!.data.chainLinks;
  await db.parts.update(chainId, { 'data.chainLinks': 114 });
  const [there, back] = await bookPair(db, bikeId);
  await workOn(db, there, { chainLength: { values: { links: 112 } } });
  await signOff(db, there);
  expect(await linksOf()).toBe(112);
  // One of several alike does not speak for the others.
  await db.parts.update(chainId, { quantity: 3 });
  await db.setups.update(a, { chainLinks: 112 });
  await workOn(db, back, { chainLength: { values: { links: 110 } } });
  await signOff(db, back);
  expect(await linksOf()).toBe(112);
});

test('a chain that was only joined again, for another derailleur, keeps its count', async () => {
  const db = await open();
  const rearDerailleur = { totalCapacityT: 41, cageLengthMm: 112 };
  const { bikeId, b } = await bikeWith(db, '48/32 x 11-34', '48/32 x 11-34', { chainLinks: 114, rearDerailleur });
  await change(db, { label: 'edit', now: 2 }, (draft) =>
    editMadeSetup(db, draft, b, (setup) => ({ ...setup, rearDerailleur: { totalCapacityT: 47, cageLengthMm: 116 } })),
  );
  const [there] = await bookPair(db, bikeId, 'leave');
  const { difference, steps } = (await cardOf(db, there)).card;
  expect(difference).toMatchObject({ rearDerailleur: true, chain: { action: 'leave', linksAfter: 114 } });
  expect(difference.chain.targetLinks).toBeLessThan(114);
  expect(steps.map(({ id }) => id)).toContain('chainLength');
  await workOn(db, there, { chainLength: {} });
  await signOff(db, there);
  expect((await setupsOf(db, bikeId))[0]!.chainLinks).toBe(114);
});

test('gears that were accepted as left out are with the setup, for its combination alone', async () => {
  const { db, b, there } = await booked('48/32 x 11-36', '48/32 x 10-28', { chainLinks: 112 });
  await workOn(db, there, {
    smallSmall: { findings: [{ symptom: 'slack', ending: 'accepted', gears: [{ chainring: 32, cog: 10 }] }] },
  });
  await signOff(db, there, 'worksWithNotes', { note: 'slack in 32/10' });
  const fitted = (await db.setups.get(b))!;
  expect(fitted.leftOut?.gears).toEqual([{ chainring: 32, cog: 10 }]);
  expect(leftOutOf(fitted)).toEqual([{ ring: 1, cog: 0 }]);
  // On other teeth, or with another derailleur, they do not apply.
  expect(leftOutOf({ ...fitted, chainrings: [50, 32] })).toEqual([]);
  const other = { rearDerailleur: { totalCapacityT: 33 } };
  expect(
    leftOutOf({ ...fitted, ...other, leftOut: { ...fitted.leftOut!, rearDerailleur: { totalCapacityT: 41 } } }),
  ).toEqual([]);
  // And no copy has them.
  const copyId = await addBike(db, { bike: { name: 'Copy' }, setup: fitted }, 3);
  const [copy] = await setupsOf(db, copyId);
  expect(copy).not.toHaveProperty('leftOut');
});

test('a copied bike or setup shares no part: what is typed on one leaves the other as it is', async () => {
  const db = await open();
  const { bikeId, a } = await bikeWith(db, '48/32 x 11-36', '48/32 x 10-28');
  await takeStock(db, (await db.setups.get(a))!, (slot) => `its ${slot}`, 1);
  const seen = async (id: string) => resolvedSetup((await db.setups.get(id))!, await readParts(db));
  const before = await seen(a);
  const copyId = await addBike(db, { bike: { name: 'Copy' }, setup: before }, 2);
  const [copy] = await setupsOf(db, copyId);
  expect(copy).not.toHaveProperty('partIds');
  await change(db, { label: 'edit', now: 3 }, (draft) =>
    editMadeSetup(db, draft, copy!.id, (setup) => ({ ...setup, rearDerailleur: { totalCapacityT: 47 } })),
  );
  expect((await seen(a)).rearDerailleur).toEqual(before.rearDerailleur);
  expect((await seen(copy!.id)).rearDerailleur.totalCapacityT).toBe(47);
  await change(db, { label: 'edit', now: 4 }, (draft) =>
    editMadeSetup(db, draft, a, (setup) => ({ ...setup, rearDerailleur: { cageLengthMm: 93 } })),
  );
  expect((await seen(copy!.id)).rearDerailleur).toEqual({ totalCapacityT: 47 });
  expect(bikeId).not.toBe(copyId);
});

test('limits that are typed for A after B exists make no card buy a derailleur', async () => {
  const { db, bikeId, a, there } = await booked('48/32 x 11-36', '48/32 x 10-28', { chainLinks: 112 });
  await change(db, { label: 'edit', now: 3 }, (draft) =>
    editMadeSetup(db, draft, a, (setup) => ({
      ...setup,
      rearDerailleur: { totalCapacityT: 41, largestCogMaxT: 36, cageLengthMm: 93 },
    })),
  );
  await change(db, { label: 'hub', now: 4 }, (draft) =>
    draft.update('bikes', bikeId, (bike) => ({
      ...bike,
      wheelsets: bike.wheelsets.map((wheels) => ({ ...wheels, freehub: { spline: 'nine wide splines' } })),
    })),
  );
  const { card } = await cardOf(db, there);
  expect(card.buy.map(({ what }) => what)).toEqual(['cassette']);
  // The data of the derailleur on the bike remain after the swap.
  await signOff(db, there);
  const [first] = await setupsOf(db, bikeId);
  expect(first!.rearDerailleur).toEqual({ totalCapacityT: 41, largestCogMaxT: 36, cageLengthMm: 93 });
});

test('a bike that has long run past a limit, and an experiment without effect, are recorded by hand', async () => {
  const db = await open();
  const { bikeId } = await bikeWith(db, '48/32 x 11-36', '48/32 x 10-28');
  const bike = (await db.bikes.get(bikeId))!;
  const [a] = await setupsOf(db, bikeId);
  const side = jobSideOf(bike, a!, await readParts(db));
  const trial = { bikeId, atMs: 5, work: { kind: 'trial', about: 'pastLimit', side } } as const;
  await addTrial(db, { ...trial, name: 'Ran past', outcome: 'works', passed: [{ id: 'totalCapacity', overT: 4 }] }, 6);
  await addTrial(
    db,
    { ...trial, work: { ...trial.work, about: 'experiment' }, name: 'Other pulley', outcome: 'noEffect', passed: [] },
    7,
  );
  expect(await db.jobs.where('passed.length').above(0).count()).toBe(1);
  expect((await db.jobs.toArray()).map(({ state, finishedAtMs }) => [state, finishedAtMs])).toEqual([
    ['done', 5],
    ['done', 5],
  ]);
  expect(datasetSchema.safeParse(await readDataset(db)).error?.issues).toBeUndefined();
});

test('a short card comes from what the last swap between the same cassettes wrote down', async () => {
  const { db, bikeId, there, back } = await booked('48/32 x 11-36', '48/32 x 10-28', { chainLinks: 112 }, 'leave');
  expect((await cardOf(db, there)).card.isShort).toBe(false);
  await workOn(db, there, {
    spacer: { values: { spacerMm: 1.85 } },
    oldGap: { values: { gapMm: 6 } },
    bGap: { values: { gapMm: 5, turns: -2 } },
  });
  await signOff(db, there);
  // The spacer behind the larger cassette has not been read yet.
  expect((await cardOf(db, back)).card).toMatchObject({ isShort: false, lastTime: { turns: 2, gapMm: 6 } });
  await workOn(db, back, { spacer: { values: { spacerMm: 0 } }, bGap: { values: { gapMm: 6, turns: 2 } } });
  await signOff(db, back, 'works', { now: 3 });
  const [again] = await bookPair(db, bikeId, 'leave');
  const { card } = await cardOf(db, again);
  expect(card.isShort).toBe(true);
  expect(card.lastTime).toEqual({ turns: -2, gapMm: 5, spacerMm: 1.85 });
  expect(card.minutes).toBeLessThan(20);
});

test('a comparison and a search say of every setup what its job card says it weighs and costs', async () => {
  const db = await open();
  await replaceDataset(db, demoWithoutRides(), 'demo', 1);
  const parts = await readParts(db);
  let compared = 0;
  for (const bike of await db.bikes.toArray()) {
    const facts = await factsOf(db, bike.id);
    const [fitted, ...others] = facts.setups.map((setup) => resolvedSetup(setup, parts));
    for (const setup of others) {
      const work: SwapWork = {
        ...PLAIN,
        from: jobSideOf(bike, fitted!, parts),
        to: jobSideOf(bike, withoutCopiedChain(setup, fitted!), parts),
      };
      const { card } = jobWithCard({ state: 'asked', progress: {}, work }, facts);
      const { cost, massChange, buy } = moveTo(setup, fitted!, bike, parts);
      expect({ cost, massChange, buy }).toEqual({ cost: card.cost, massChange: card.massChange, buy: card.buy });
      const known = weightAndCost(setup, fitted!, bike, parts);
      if (known.massG !== undefined && fitted!.massG !== undefined) {
        expect(known.massG - fitted!.massG).toBeCloseTo(card.massChange.grams!, 6);
        compared += 1;
      }
    }
  }
  expect(compared).toBeGreaterThan(1);
});

test('a job whose bike was deleted stays whole when the bike comes back', async () => {
  const { db, bikeId, there } = await booked('48/32 x 11-36', '48/32 x 10-28', { chainLinks: 112 });
  const job = await db.jobs.get(there);
  await removeBike(db, (await db.bikes.get(bikeId))!, 4);
  expect(await db.jobs.get(there)).toBeUndefined();
  await undo(db);
  expect(await db.jobs.get(there)).toEqual(job);
});
