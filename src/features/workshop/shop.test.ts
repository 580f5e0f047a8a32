import { demoDataset } from '../../store/demo';
import { PART_DEFAULTS, type JobRecord, type PartRecord } from '../../records';
import { goneParts, isSwap, jobWithCard, type JobFacts } from '../../records/selectors/job-card';
import { costOfPurchases } from '../../core/job';
import { buyList, stillToPay, withPurchase } from './buy-list';
import { chainText, itemName } from '../../messages/job';
import { jobFactsOf, stepsOf } from './job-facts';
import { cardHeadline, costText, spacerText, timeText } from './card-words';
import { rechecksDue } from './due';
import { withNewChain } from './new-chain';
import { wearNumbers } from './wear-numbers';
import { chainWearOf } from './wear-of';
import { wearSentence } from './wear-words';
import { METRIC } from '../units/measures';

const DAY_MS = 86_400_000;
const { bikes, setups, parts: list, jobs, rides, notes } = demoDataset();
const parts = new Map(list.map((part) => [part.id, part]));
const bikeOf = (id: string) => bikes.find((bike) => bike.id === id)!;
const job = (id: string) => jobs.find((one) => one.id === id)!;
const factsOf = (bikeId: string, more: Partial<JobFacts> = {}): JobFacts => ({
  ...jobFactsOf(bikeOf(bikeId), { setups, jobs, times: {} }, { parts, experience: [] }),
  ...more,
});
const cardOf = (one: JobRecord, more: Partial<JobFacts> = {}) => {
  if (!isSwap(one)) throw new Error(`${one.id} swaps nothing`);
  return jobWithCard(one, factsOf(one.bikeId, more)).card;
};
const card = (id: string) => cardOf(job(id));

test('the card of a booked job: from what is on the bike and in stock now', () => {
  const winter = card('job-winter-ring');
  expect(winter.kind).toBe('twoToOne');
  expect(winter.buy.map(itemName)).toEqual([
    'Cassette 10-44, 12-speed',
    'Freehub body, short splines and a thread',
    'rear derailleur',
  ]);
  expect(cardHeadline(winter, METRIC)).toBe(
    '2x to 1x, about 2 h 47 min; to buy: 310 (typed for the whole setup); −375 g by the weights of both setups.',
  );
  expect(cardHeadline(card('job-mountain'), METRIC)).toBe('Ring swap, about 57 min; nothing to buy; about −3 g.');
  expect(chainText(winter)).toBe('Chain: a new chain of 114 links, because another chain was chosen.');
  expect(spacerText(winter)).toContain('measure freehub body and cassette');
  // The way back needs nothing: all of it was on the bike before.
  expect(card('job-mountain-back').buy).toEqual([]);
  expect(card('job-mountain').kind).toBe('rings');
  expect(card('job-hardtail-chain')).toMatchObject({ kind: 'chain', buy: [] });
});

test('a part that is no longer in stock stays on the card, and the card says so', () => {
  const winter = job('job-winter-ring');
  const without = new Map([...parts].filter(([id]) => id !== 'ring-44'));
  expect(goneParts(winter.work, without)).toEqual(['Chainring 44T, narrow-wide']);
  expect(goneParts(winter.work, parts)).toEqual([]);
  const left = cardOf(winter, { parts: without });
  expect(left.on.find(({ what }) => what === 'bigRing')).toMatchObject({
    label: { partName: 'Chainring 44T, narrow-wide' },
    massG: 96,
  });
  expect(stepsOf(job('job-wheels-recheck'), undefined).steps.map(({ id }) => id)).toEqual([
    'torque',
    'indexing',
    'recheck',
    'signOff',
  ]);
});

test('the buy list: the earliest day first; a part that two jobs count on is short', () => {
  const entry = (one: JobRecord) => ({ job: one, card: isSwap(one) ? cardOf(one) : undefined });
  const lines = buyList(jobs.map(entry), parts);
  expect(lines.map(({ job: { id }, item }) => [id, itemName(item)])).toEqual([
    ['job-winter-ring', 'Cassette 10-44, 12-speed'],
    ['job-winter-ring', 'Freehub body, short splines and a thread'],
    ['job-winter-ring', 'rear derailleur'],
    ['job-carrier-34', '34T chainring'],
  ]);
  expect(lines.some(({ isShort }) => isShort)).toBe(false);
  const twice = { ...job('job-mountain'), id: 'again', dueOn: '2027-01-01' };
  const short = buyList([...jobs, twice].map(entry), parts).filter(({ isShort }) => isShort);
  expect(short.map(({ job: { id }, item }) => [id, itemName(item), item.price])).toEqual([
    ['again', 'Chainring 40T, narrow-wide', 44],
  ]);
  const come = { ...job('job-winter-ring'), bought: ['on freehub'] };
  expect(buyList([entry(come)], parts).map(({ hasCome }) => hasCome)).toEqual([false, true, false]);
});

test('still to pay: a sum typed for a whole setup counts, as on the card, until all of it has come', () => {
  const entry = (one: JobRecord) => ({ job: one, card: isSwap(one) ? cardOf(one) : undefined });
  const winter = job('job-winter-ring');
  const payFor = (all: readonly JobRecord[]) => stillToPay(buyList(all.map(entry), parts));
  const { cost, typedFor } = payFor([winter, job('job-carrier-34')]);
  expect(costText(card('job-winter-ring').cost, METRIC)).toBe('310 (typed for the whole setup)');
  expect(costText(cost, METRIC)).toBe('355');
  expect(typedFor.map(({ id }) => id)).toEqual(['job-winter-ring']);
  expect(costText(payFor([{ ...winter, bought: ['on freehub'] }]).cost, METRIC)).toBe('310');
  const all = card('job-winter-ring').buy.map(({ key }) => key);
  expect(payFor([{ ...winter, bought: all }])).toEqual({ cost: costOfPurchases([]), typedFor: [] });
});

test('the last purchase that comes makes a job that waits ready, and no other', () => {
  const winter = card('job-winter-ring');
  const come = winter.buy.reduce((one, { key }) => withPurchase(one, winter, key, true), job('job-winter-ring'));
  expect(come).toMatchObject({ state: 'ready', bought: winter.buy.map(({ key }) => key) });
  const [first] = winter.buy;
  expect(withPurchase(job('job-winter-ring'), winter, first!.key, true).state).toBe('waiting');
  expect(withPurchase(come, winter, first!.key, false).bought).toHaveLength(winter.buy.length - 1);
  const again = withPurchase({ ...come, state: 'inHand' }, winter, first!.key, true);
  expect([again.state, again.bought.length]).toEqual(['inHand', winter.buy.length]);
});

test('a re-check is due after the first ride, whoever recorded it', () => {
  const due = rechecksDue(jobs, rides, notes);
  expect(due.map(({ job: { id }, km, isDue }) => [id, km, isDue])).toEqual([['job-wheels-recheck', 240, true]]);
  expect(rechecksDue(jobs, rides, [])[0]).toMatchObject({ isDue: false, km: 0 });
});

test('a new chain is one of the stock that lies free and is as wide; else one to be bought', () => {
  const tourer = setups.find(({ id }) => id === 'estuary-tourer-a')!;
  expect(withNewChain(tourer, parts).partIds?.chain).toBe('chain-new');
  expect(withNewChain(tourer, new Map()).partIds).not.toHaveProperty('chain');
  expect(withNewChain({ ...tourer, cogs: tourer.cogs.slice(1) }, parts).partIds).not.toHaveProperty('chain');
});

const chain = (more: Partial<PartRecord>): PartRecord => ({
  ...PART_DEFAULTS,
  id: 'c',
  kind: 'chain',
  name: 'Chain',
  data: { chainSpeeds: 10 },
  ...more,
});

test('chain wear: readings by the log where nobody says, and a sentence for each state', () => {
  const trips = [10, 20, 30].map((days) => ({ bikeId: 'b', atMs: days * DAY_MS, km: 300 }));
  const mounts = [{ bikeId: 'b', fromMs: 0 }];
  const mark = (days: number, wearPercent: number, km?: number) => ({
    atMs: days * DAY_MS,
    wearPercent,
    ...(km !== undefined && { km }),
  });
  const say = (part: PartRecord, now = 31) => wearSentence(chainWearOf(part, trips, now * DAY_MS), METRIC);
  expect(say(chain({ mounts }))).toBe('Not measured yet. The limit is 0.75% for 10-speed.');
  expect(say(chain({ mounts, wear: [mark(11, 0.1)] }))).toContain('0.1% at 300 km. A second reading');
  expect(say(chain({ mounts, data: {}, wear: [] }))).toContain('0.5% (assumed: 11-speed and up)');
  const two = chainWearOf(chain({ mounts, wear: [mark(11, 0.1), mark(21, 0.2)] }), trips, 31 * DAY_MS);
  expect(two.readings.map(({ km }) => km)).toEqual([300, 600]);
  expect(two.nowKm).toBe(900);
  expect(wearSentence(two, METRIC)).toMatch(
    /^0\.33% in 1000 km\. At 0\.75% for 10-speed in 1350 km \(only two readings, so no range can be given\): about/,
  );
  expect(wearNumbers(two, METRIC).rows.map((row) => row.slice(1))).toEqual([
    ['300 km', '0.1'],
    ['600 km', '0.2'],
    ['2250 km', '0.75'],
  ]);
  expect(say(chain({ mounts, wear: [mark(11, 0.1), mark(21, 0.2)] }), 300)).toContain(
    'no date, because nothing was ridden',
  );
  expect(say(chain({ mounts, wear: [mark(11, 0.3), mark(21, 0.2)] }))).toContain('are not increasing');
  expect(say(chain({ mounts, wear: [mark(11, 0.3), mark(21, 0.8)] }))).toContain('Replace the chain now');
  // A distance that was read off the bike wins, and the log goes on from there.
  expect(chainWearOf(chain({ mounts, wear: [mark(11, 0.1, 5000)] }), trips, 31 * DAY_MS).nowKm).toBe(5600);
});

test('a step of a job takes as long as in the finished ones of its kind', () => {
  const times = { cassette: { wheelOut: { minutes: 6, count: 3 }, cassetteOff: { minutes: 3, count: 3 } } };
  const narrow = { ...job('job-wider'), state: 'asked' as const, id: 'again' };
  const { work } = narrow;
  if (work.kind !== 'swap') throw new Error('no swap');
  const back = cardOf({ ...narrow, work: { ...work, to: work.from, from: work.to } }, { times });
  expect(back.steps.find(({ id }) => id === 'wheelOut')).toMatchObject({ minutes: 6, learnedFrom: 3 });
  expect(timeText(back)).toContain('2 of');
});
