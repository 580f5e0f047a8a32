import { TOURER_BIKE, TOURER_FITTED, TOURER_RIDING } from '../../../tests/support/find';
import { TOURER } from '../../../tests/support/setups';
import { GENERIC_CASSETTES } from '../catalog/cassettes';
import { DEFAULT_PRICES } from '../catalog/price-list';
import { message, type Message } from '../message';
import { layoutAdvice } from './layout-advice';
import { aimSpans, partingAims, withinLimits } from './limits';
import { SetupBuilder } from './builder';
import { joinEquals } from './equals';
import { leastChange } from './least-change';
import { missOf } from './misses';
import { missedNeeds } from './needs';
import { ParetoFront, beats } from './pareto';
import { checkFind, type FindQuestion } from './problems';
import { reasons } from './reasons';
import { ringChoices, type RingRule } from './ring-choices';
import { findSetups, type FindInput } from './search';

const present = TOURER_FITTED;
const bike = TOURER_BIKE;
const rings: RingRule = { layouts: ['1x', '2x'], minT: 28, maxT: 50, ringDifferenceMaxT: 16, anyTeeth: true };
const question = (more: Partial<FindInput> = {}): FindInput => ({
  ringChoices: ringChoices(rings),
  cassettes: GENERIC_CASSETTES.filter(({ cogs }) => cogs.length === 12),
  riding: TOURER_RIDING,
  aims: ['largestStep', 'frontShifts', 'newParts'],
  needs: { easiestDevelopmentMaxM: 2.2, topSpeedMinKmh: 42 },
  bike,
  ...more,
});

test('who is worse in nothing and better in something beats; equals live together', () => {
  expect(beats([1, 2], [1, 3])).toBe(true);
  expect(beats([1, 2], [1, 2])).toBe(false);
  expect(beats([1, 2], [0, 3])).toBe(false);
  const front = new ParetoFront<{ values: number[] }>(2);
  for (let i = 0; i < 200; i += 1) front.add({ values: [i, 200 - i] });
  expect(front.members).toHaveLength(200);
  expect(front.add({ values: [5, 195] })).toBe(true);
  expect(front.add({ values: [5, 196] })).toBe(false);
  expect(front.isBeaten([5.5, 195])).toBe(true);
  // As good as [5, 195] in the first, it may have 195 in the second; better than every member there, anything.
  expect(front.limit([5, 999], 1)).toBe(195);
  expect(front.limit([-1, 999], 1)).toBe(Infinity);
  expect(front.limit([999, 195], 0)).toBe(5);
  // One that beats all but the two ends.
  expect(front.add({ values: [1, 1] })).toBe(true);
  expect(front.members.map(({ values }) => values)).toEqual([
    [0, 200],
    [1, 1],
  ]);
});

test('a search of nothing that is possible says by how much, each set of needs once', () => {
  const hard = question({ needs: { easiestDevelopmentMaxM: 0.8, topSpeedMinKmh: 60 } });
  const { met, fellAt, layouts } = findSetups(hard);
  expect(met).toBe(0);
  expect(fellAt.easiest).toBeGreaterThan(0);
  for (const { closest, best } of Object.values(layouts)) {
    expect(best).toBeUndefined();
    const keys = closest.map(({ missed }) => missed.map(({ need }) => need).join());
    expect(new Set(keys).size).toBe(keys.length);
    expect(closest.map(({ distance }) => distance)).toEqual(
      closest.map(({ distance }) => distance).sort((a, b) => a - b),
    );
    for (const { facts, missed } of closest) expect(missedNeeds(facts, hard.needs)).toEqual(missed);
  }
  const slow = layouts['1x'].closest.flatMap(({ facts, missed }) =>
    missed.filter(({ need }) => need === 'topSpeed').map(({ shortfall }) => ({ facts, shortfall })),
  );
  expect(slow.length).toBeGreaterThan(0);
  for (const { facts, shortfall } of slow) expect(shortfall).toBeCloseTo(Math.log(60 / facts.metrics.topSpeedKmh), 12);
});

test('needs of money and weight, and locks, keep setups out', () => {
  const { front } = findSetups(
    question({ needs: { costMax: 45 }, prices: DEFAULT_PRICES, aims: ['cost', 'largestStep'] }),
  );
  expect(front.every(({ build: { cost } }) => cost <= 45)).toBe(true);
  const lighter = findSetups(question({ needs: { massChangeMaxG: -200 }, aims: ['mass', 'newParts'] }));
  expect(lighter.met).toBeGreaterThan(0);
  expect(lighter.front.every(({ build: { massChangeG } }) => massChangeG <= -200)).toBe(true);
  expect(lighter.fellAt.mass).toBeGreaterThan(0);
  const locked = findSetups(question({ needs: {}, bike: { ...bike, keep: ['ring', 'chain', 'rearDerailleur'] } }));
  expect(locked.fellAt.keep).toBeGreaterThan(0);
  for (const { chainrings, build } of locked.front) {
    expect(chainrings.every((ring) => TOURER.chainrings.includes(ring))).toBe(true);
    expect(build.newParts).not.toContain('chain');
  }
});

test('each member of a front has its reason, true of it, and what it gives up, true as well', () => {
  const aims = ['largestStep', 'gaps', 'newParts', 'frontShifts', 'mass'] as const;
  const { front } = findSetups(question({ aims }));
  const all = reasons(front, aims);
  expect(front.length).toBeGreaterThan(4);
  const least = (a: number, of = front) => Math.min(...of.map(({ values }) => values[a]!));
  front.forEach((one, i) => {
    const { bestIn, among, givesUp } = all[i]!;
    if (bestIn) {
      const a = aims.indexOf(bestIn as (typeof aims)[number]);
      const b = among === undefined ? -1 : aims.indexOf(among as (typeof aims)[number]);
      const rivals = b < 0 ? front : front.filter(({ values }) => values[b]! <= one.values[b]!);
      expect(one.values[a]).toBeCloseTo(least(a, rivals), 12);
    }
    if (givesUp) {
      const a = aims.indexOf(givesUp.aim as (typeof aims)[number]);
      expect(givesUp.value).toBeGreaterThan(givesUp.bestValue);
      expect(givesUp.bestValue).toBe(least(a));
      expect(givesUp.best.values[a]).toBe(givesUp.bestValue);
    }
  });
  expect(new Set(all.map(({ bestIn, among }) => `${bestIn} ${among}`)).size).toBeGreaterThan(2);
});

test('limits on the aims leave of a front just what a search within them would find', () => {
  const aims = ['largestStep', 'newParts', 'frontShifts'] as const;
  const { front } = findSetups(question({ aims }));
  const [steps, parts] = aimSpans(front, aims);
  const limit = (steps!.best + steps!.worst) / 2;
  const left = withinLimits(front, [limit, undefined, undefined]).map((place) => front[place]!);
  const anew = findSetups(question({ aims, needs: { ...question().needs, largestStepMax: limit } })).front;
  const name = ({ chainrings, cassette }: (typeof front)[number]) =>
    `${chainrings.join('/')} ${cassette.cogs.join('-')}`;
  expect(left.map(name).sort()).toEqual(anew.map(name).sort());
  expect(left.length).toBeLessThan(front.length);
  expect(parts!.worst).toBeGreaterThan(parts!.best);
  expect(withinLimits(front, [])).toHaveLength(front.length);
  const many = (aim: (typeof aims)[number]) => new Set(front.map(({ values }) => values[aims.indexOf(aim)])).size;
  const parting = partingAims(front, aims);
  expect(parting).toHaveLength(2);
  expect(parting.every((aim) => many(aim as (typeof aims)[number]) >= many('frontShifts'))).toBe(true);
});

test('the least change is one ring, or one cassette, and it meets the needs', () => {
  const wide = ringChoices({ ...rings, ringDifferenceMaxT: 17 });
  const input = question({ ringChoices: wide, needs: { easiestDevelopmentMaxM: 1.9 } });
  const { present: now, presentMiss, ring, cassette } = leastChange(input);
  expect(now.build.newParts).toEqual([]);
  expect(presentMiss!.missed.map(({ need }) => need)).toEqual(['easiest']);
  expect(presentMiss!.missed[0]!.shortfall).toBeCloseTo(Math.log(now.metrics.easiestDevelopmentM / 1.9), 9);
  // 31/36 goes 1.888 m; 32/36 goes 1.949 m.
  expect(ring.least!.chainrings.filter((teeth) => TOURER.chainrings.includes(teeth))).toHaveLength(1);
  expect(missedNeeds(ring.least!, input.needs)).toEqual([]);
  expect(cassette.least ?? cassette.closest).toBeDefined();
  if (cassette.least) expect(cassette.least.chainrings).toEqual(TOURER.chainrings);
  const fine = leastChange(question({ needs: { topSpeedMinKmh: 30 } }));
  expect(fine.presentMiss).toBeUndefined();
  const never = leastChange(question({ needs: { topSpeedMinKmh: 89 } }));
  expect(never.ring.least).toBeUndefined();
  expect(never.ring.closest!.missed[0]!.need).toBe('topSpeed');
});

test('one ring or two: the best of each, and what speaks for which', () => {
  const easy = question();
  const both = layoutAdvice(findSetups(easy), easy.aims, ['1x', '2x']);
  expect(both.kind).toBe('both');
  expect(both.speaks).toContainEqual({ aim: 'frontShifts', layout: '1x' });
  const wide = question({ needs: { easiestDevelopmentMaxM: 1.95, topSpeedMinKmh: 56, largestStepMax: 0.18 } });
  const only = layoutAdvice(findSetups(wide), wide.aims, ['1x', '2x']);
  expect(only).toMatchObject({ kind: 'only', layout: '2x' });
  expect(only.sides['1x'].closest!.missed.length).toBeGreaterThan(0);
  const never = question({ needs: { topSpeedMinKmh: 89 } });
  expect(layoutAdvice(findSetups(never), never.aims, ['1x', '2x']).kind).toBe('neither');
  expect(layoutAdvice(findSetups(easy), easy.aims, ['1x']).kind).toBe('notSearched');
});

const asked = (more: Partial<FindQuestion>, ofRings: Partial<RingRule> = {}): FindQuestion => ({
  cassetteCount: 45,
  aims: ['largestStep'],
  rings: { ...rings, ...ofRings },
  ...more,
});
const oneRing = { ...present, setup: { ...TOURER, chainrings: [44] } };
const apart = rings.ringDifferenceMaxT;
const noneAtHand = { rings: ['20', '60'], layouts: 'both', min: rings.minT, max: rings.maxT, apart } as const;

test.each<[string, FindQuestion, Message]>([
  ['no layout', asked({}, { layouts: [] }), message('find.layouts')],
  ['turned range', asked({}, { minT: 50, maxT: 40 }), message('find.ringsTurnedRound', { min: 50, max: 40 })],
  [
    'one ring of two',
    asked({}, { layouts: ['2x'], minT: 44, maxT: 44 }),
    message('find.noPair', { min: 44, max: 44, apart }),
  ],
  ['nothing at hand', asked({}, { only: [20, 60] }), message('find.noneAtHand', noneAtHand)],
  ['none named', asked({}, { only: [] }), message('find.noneNamed')],
  ['no cassette', asked({ cassetteCount: 0 }), message('find.noCassette')],
  ['no aim', asked({ aims: [] }), message('find.noAim')],
  [
    'kept rings not searched',
    asked({ bike: { ...bike, keep: ['ring'] } }, { minT: 34, maxT: 40 }),
    message('find.ringsNotSearched', { rings: '48/32', min: 34, max: 40 }),
  ],
  [
    'kept one ring, two searched',
    asked({ bike: { ...bike, present: oneRing, keep: ['crank', 'frontDerailleur', 'ring'] } }, { layouts: ['2x'] }),
    message('find.ringButTwo', { ring: '44' }),
  ],
])('%s is said with its numbers', (_, wrong, expected) => {
  expect(checkFind(wrong).map((one) => one.message)).toContainEqual(expected);
});

test('a sound question has no problem, and the whole space is some 19,000 setups', () => {
  expect(checkFind(asked({ bike }))).toEqual([]);
  const all = ringChoices({ layouts: ['1x', '2x'], minT: 24, maxT: 54, ringDifferenceMaxT: 16, anyTeeth: true });
  expect(all).toHaveLength(31 + 360);
  expect(all.length * GENERIC_CASSETTES.length).toBeGreaterThan(18_000);
});

test('rings are ones that are sold, those of the bike, or those that the rider named', () => {
  const rule: RingRule = { ...rings, minT: 22, maxT: 56, ringDifferenceMaxT: 17, anyTeeth: false };
  const names = (more: Partial<RingRule>) => ringChoices({ ...rule, ...more }).map((one) => one.join('/'));
  const sold = names({});
  expect(sold).toEqual(expect.arrayContaining(['26', '39', '48/31', '50/34']));
  for (const never of ['22', '55', '50/33', '48/47']) expect(sold).not.toContain(never);
  expect(sold).toHaveLength(16 + 13 + 21);
  const own = names({ present: [50, 33] });
  expect(own).toEqual([...sold, '50/33'].sort((a, b) => own.indexOf(a) - own.indexOf(b)));
  expect(names({ only: [33, 50] })).toEqual(['33', '50', '50/33']);
  expect(names({ anyTeeth: true }).length).toBeGreaterThan(400);
});

test('a ring of a pair that stays alone gets a guide, unless a clutch holds the chain; a new one holds it itself', () => {
  const buys = (chainrings: number[], retention?: ('clutch' | 'guide')[], keep: 'guide'[] = []) => {
    const parts = { ...present.parts, retention };
    const build = new SetupBuilder({ ...bike, present: { ...present, parts }, keep }).build(chainrings, TOURER.cogs);
    return { parts: build.newParts, breaches: build.breaches };
  };
  expect(buys([48]).parts).toContain('guide');
  expect(buys([48], ['clutch']).parts).not.toContain('guide');
  expect(buys([42]).parts).not.toContain('guide');
  expect(buys([48], undefined, ['guide']).breaches).toEqual(['guide']);
});

test('a derailleur without published limits, and a front one where nobody knows of room, are no yes', () => {
  const oneRing = { ...present, setup: { ...TOURER, chainrings: [44] } };
  const doubts = (more: Partial<typeof bike>, chainrings: number[]) =>
    new SetupBuilder({ ...bike, ...more }).build(chainrings, TOURER.cogs).doubts;
  expect(doubts({}, [48, 32])).toEqual([]);
  expect(doubts({ present: { ...present, rearDerailleur: { totalCapacityT: 41 } } }, [48, 32])).toEqual([
    'derailleurLimits',
  ]);
  expect(doubts({ present: oneRing }, [48, 32])).toEqual(['frontRoom']);
  expect(doubts({ present: oneRing, frontRoom: 'yes' }, [48, 32])).toEqual([]);
  expect(doubts({ present: oneRing }, [44])).toEqual([]);
});

test('setups with the same figures are one answer, led by the one that is likeliest to be bought', () => {
  const { front } = findSetups(question({ aims: ['frontShifts', 'newParts'], needs: { topSpeedMinKmh: 40 } }));
  const rows = joinEquals(front);
  expect(rows.length).toBeLessThan(front.length);
  expect(rows.flatMap(({ all }) => all)).toHaveLength(front.length);
  for (const { lead, all } of rows) {
    expect(all[0]).toBe(lead);
    for (const one of all) {
      one.values.forEach((value, i) => expect(value).toBeCloseTo(lead.values[i]!, 9));
      expect(lead.build.buy.length).toBeLessThanOrEqual(one.build.buy.length);
    }
  }
});

test('a need missed by less than it may itself be off is just about met', () => {
  const needs = { topSpeedMinKmh: 50.2, uncertainty: { topSpeed: 0.01 } };
  const miss = missOf(findSetups(question({})).front[0]!, [{ need: 'topSpeed', shortfall: 0.009 }], needs);
  expect(miss.justAbout).toBe(true);
  expect(missOf(miss.facts, [{ need: 'topSpeed', shortfall: 0.011 }], needs).justAbout).toBe(false);
  expect(missOf(miss.facts, [{ need: 'fit', shortfall: 0.001 }], needs).justAbout).toBe(false);
});
