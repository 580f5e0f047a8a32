import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { ONE_RING, TOURER } from '../../../tests/support/setups';
import { cardTo, swapSide } from '../../../tests/support/swap';
import type { JobCard } from './card';
import { SWAP_KINDS } from './difference';
import { REMEDIES, SYMPTOMS, SYMPTOMS_OF } from './remedies';
import { STEP_IDS, type StepId } from './steps';

const FIRST: StepId[] = ['decide', 'fit', 'gather'];
const LAST: StepId[] = ['bigBig', 'smallSmall', 'backPedal', 'torque', 'testRide', 'signOff', 'recheck'];
const WHEEL: StepId[] = ['wheelOut', 'cassetteOff', 'spacer', 'cassetteOn', 'wheelIn'];
const REAR: StepId[] = ['bGap', 'limitScrews', 'indexing'];
const CLOSER = { ...TOURER, cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30, 34] };

const names = (items: readonly { readonly name: string }[]) => items.map(({ name }) => name);
const steps = (card: JobCard) => card.steps.map(({ id }) => id);

/** Each kind of swap with what makes it one, the steps that it needs, and what moves. */
const KINDS: readonly {
  readonly kind: (typeof SWAP_KINDS)[number];
  readonly card: () => JobCard;
  readonly steps: readonly StepId[];
  readonly off: readonly string[];
  readonly on: readonly string[];
}[] = [
  { kind: 'nothing', card: () => cardTo({}), steps: [], off: [], on: [] },
  {
    kind: 'cassette',
    card: () => cardTo({ setup: CLOSER }),
    steps: [...FIRST, ...WHEEL, ...REAR, ...LAST],
    off: ['cassette 11-36'],
    on: ['cassette 11-34'],
  },
  {
    kind: 'rings',
    card: () => cardTo({ setup: { ...TOURER, chainrings: [46, 30] } }),
    steps: [...FIRST, 'crank', 'frontHeight', ...LAST],
    off: ['48T ring', '32T ring'],
    on: ['46T ring', '30T ring'],
  },
  {
    kind: 'cassetteAndRings',
    card: () => cardTo({ setup: { ...CLOSER, chainrings: [46, 30] } }),
    steps: [...FIRST, ...WHEEL, 'crank', 'frontHeight', 'chainLength', ...REAR, ...LAST],
    off: ['cassette 11-36', '48T ring', '32T ring', '2 links of the chain'],
    on: ['cassette 11-34', '46T ring', '30T ring'],
  },
  {
    kind: 'twoToOne',
    card: () => cardTo({ setup: ONE_RING, rearDerailleur: { totalCapacityT: 36, largestCogMaxT: 44 } }),
    steps: [...FIRST, ...WHEEL, 'crank', 'frontOff', 'rearDerailleur', 'chainLength', ...REAR, ...LAST],
    off: [
      'cassette 11-36',
      '48T ring',
      '32T ring',
      'front derailleur, with its shifter',
      'rear derailleur',
      'chain, 112 links',
    ],
    on: ['cassette 10-44', '44T ring', 'rear derailleur', 'chain, 114 links'],
  },
  {
    kind: 'oneToTwo',
    card: () => cardTo({}, {}, swapSide({ setup: { ...TOURER, chainrings: [44] } })),
    steps: [...FIRST, 'crank', 'frontOn', ...LAST],
    off: ['44T ring'],
    on: ['48T ring', '32T ring', 'front derailleur, with its shifter'],
  },
  {
    kind: 'derailleur',
    card: () => cardTo({ rearDerailleur: { totalCapacityT: 45 } }),
    steps: [...FIRST, 'rearDerailleur', ...REAR, ...LAST],
    off: ['rear derailleur'],
    on: ['rear derailleur'],
  },
  {
    kind: 'chain',
    card: () => cardTo({ newChain: true }),
    steps: [...FIRST, 'chainLength', ...LAST],
    off: ['chain, 112 links'],
    on: ['chain, 112 links'],
  },
];

test('every kind of swap is here', () => {
  expect(KINDS.map(({ kind }) => kind)).toEqual([...SWAP_KINDS]);
});

test.each(KINDS)('$kind: its steps one by one, and what comes off and goes on', ({ kind, card: make, ...expected }) => {
  const card = make();
  expect(card.kind).toBe(kind);
  expect(steps(card)).toEqual(expected.steps);
  expect(names(card.off)).toEqual(expected.off);
  expect(names(card.on)).toEqual(expected.on);
});

test('a seasonal swap and back: the way back undoes the way there', () => {
  const winter = swapSide({ setup: ONE_RING, rearDerailleur: { totalCapacityT: 36 }, chainLinks: 114 });
  const there = cardTo(winter);
  const back = cardTo(swapSide(), { isReturn: true }, winter);
  expect(back.kind).toBe('oneToTwo');
  const but = (list: readonly string[]) => new Set(list.filter((name) => !name.includes('chain')));
  expect(but(names(back.on))).toEqual(but(names(there.off)));
  expect(names(back.off)).toContain('2 links of the chain');
  expect(back.massChangeG).toBeCloseTo(-there.massChangeG, 9);
  expect(back.buy).toEqual([]);
  expect(there.buy.length).toBeGreaterThan(0);
  expect(there.linksToAdd).toBe(2);
  expect(back.linksToAdd).toBe(-2);
  expect(back.steps.find(({ id }) => id === 'chainLength')!.text).toBe('Take 2 links out: 114 become 112.');
});

test('the same teeth, but another part of the shelf: a worn cassette is swapped for a fresh one', () => {
  const card = cardTo(
    { partIds: { cassette: 'new', chain: 'new chain', bigRing: 'new ring', crank: 'c' }, chainLinks: 112 },
    {},
    swapSide({ partIds: { cassette: 'old', chain: 'old chain', bigRing: 'old ring', crank: 'c' } }),
  );
  expect(card.kind).toBe('cassetteAndRings');
  expect(names(card.on)).toEqual(['cassette 11-36', '48T ring', 'chain, 112 links']);
  expect(steps(card)).not.toContain('frontHeight');
  expect(cardTo({ partIds: { cassette: 'new' } }).kind).toBe('nothing');
  const crank = cardTo({ partIds: { crank: 'b' } }, {}, swapSide({ partIds: { crank: 'a' } }));
  expect(names(crank.on)).toEqual(['crank']);
  expect(crank.steps.find(({ id }) => id === 'crank')!.text).toContain('Change the crank');
});

test('a cassette that does not go on the body brings another body with it', () => {
  const parts = { ...swapSide().parts, cassetteSpline: 'short' };
  const card = cardTo({ setup: ONE_RING, parts });
  expect(names(card.on)).toContain('freehub body');
  expect(steps(card)).toContain('freehub');
  expect(card.steps.find(({ id }) => id === 'spacer')!.text).toContain('Measure body and cassette');
  expect(card.buy.find(({ what }) => what === 'freehub')).toMatchObject({ price: 60, isAssumed: true });
});

test('what speaks against it by the sheet stands on the card', () => {
  const card = cardTo({ setup: { ...TOURER, chainrings: [50, 32] } }, { school: 'sheet' });
  const fit = card.steps.find(({ id }) => id === 'fit')!;
  expect(fit.text).toContain('2T over the sheet');
  expect(fit.caution).toContain('on your own');
});

test('guide and extender come and go with their steps', () => {
  const card = cardTo({ parts: { ...swapSide().parts, retention: ['guide'], hangerExtenderMm: 12 } });
  expect(names(card.on)).toEqual(['hanger extender', 'chain guide']);
  expect(steps(card)).toEqual([...FIRST, 'guide', 'extender', ...REAR, ...LAST]);
  expect(card.steps.find(({ id }) => id === 'extender')!.caution).toContain('sheet wins');
});

test('what is bought: what is not at hand, at its own price or that of a middle sort', () => {
  const card = cardTo({
    setup: ONE_RING,
    rearDerailleur: { totalCapacityT: 36 },
    shelf: {
      cassette: { name: 'wide cassette', price: 120, currency: 'EUR', atHand: false, massG: 410 },
      bigRing: { name: 'oval-free ring', atHand: true },
      chain: { name: 'short chain', atHand: true, chainLinks: 110 },
    },
  });
  expect(card.buy.map(({ name, price, isAssumed }) => [name, price, isAssumed])).toEqual([
    ['wide cassette', 120, false],
    ['rear derailleur', 90, true],
  ]);
  expect(card.cost).toEqual({
    sums: [
      { currency: 'EUR', sum: 120 },
      { currency: undefined, sum: 90 },
    ],
    unpriced: [],
  });
  expect(card.chainWarning).toContain('short chain has 110 links, 4 too few');
  expect(card.on.find(({ what }) => what === 'cassette')).toMatchObject({ massG: 410, isEstimate: false });
  expect(card.unweighed).toEqual(['rear derailleur', 'rear derailleur']);
});

test('weight change by parts: on less off', () => {
  const card = cardTo(
    { setup: CLOSER, shelf: { cassette: { name: 'b', massG: 290, atHand: true } } },
    {},
    swapSide({ shelf: { cassette: { name: 'a', massG: 355, atHand: true } } }),
  );
  expect(card.massChangeG).toBe(-65);
  expect(card).toMatchObject({ hasEstimates: false, unweighed: [], buy: [], cost: { sums: [], unpriced: [] } });
});

test('where one side of a place was not weighed, the other is left out too: half a difference is none', () => {
  const card = cardTo(
    {
      setup: CLOSER,
      rearDerailleur: { totalCapacityT: 45 },
      shelf: { cassette: { name: 'b', massG: 290, atHand: true } },
    },
    {},
    swapSide({
      shelf: {
        cassette: { name: 'a', massG: 355, atHand: true },
        rearDerailleur: { name: 'r', massG: 300, atHand: true },
      },
    }),
  );
  expect(card.massChangeG).toBe(-65);
  expect(card.unweighed).toEqual(['rear derailleur']);
});

test('a chain that nobody has counted is taken to be of the right length, and is counted first', () => {
  const card = cardTo(
    { setup: { ...TOURER, chainrings: [46, 30], cogs: CLOSER.cogs } },
    {},
    swapSide({ chainLinks: undefined }),
  );
  expect(card.difference.chain).toEqual({ before: 112, isCounted: false, after: 110, kind: 'shorten', takenOut: 2 });
  expect(card.steps.find(({ id }) => id === 'chainLength')!.text).toMatch(/^Count the links first: 112 are assumed/);
});

test('a passed limit puts its check on the card', () => {
  const card = cardTo({ setup: { ...TOURER, chainrings: [50, 32] } });
  expect(card.passed.map(({ id, overT }) => [id, overT])).toEqual([
    ['totalCapacity', 2],
    ['ringDifference', 2],
  ]);
  const fit = card.steps.find(({ id }) => id === 'fit')!;
  for (const { extraCheck } of card.passed) expect(fit.text).toContain(extraCheck);
  expect(card.answer.kind).not.toBe('goes');
});

test('tools and consumables follow the work', () => {
  expect(cardTo({ newChain: true }).gathered).toEqual({
    tools: [
      'work stand',
      'hex and star keys',
      'torque wrench, 2 to 15 N·m',
      'chain tool',
      'eye protection',
      'quick-link pliers',
    ],
    consumables: ['rag and gloves', 'quick link of the chain’s width', 'chain lube'],
  });
  const cassette = cardTo({ setup: CLOSER }, { weighs: true }).gathered;
  expect(cassette.tools).toEqual(expect.arrayContaining(['chain whip', 'lockring tool', 'scale']));
  expect(cassette.tools).not.toContain('chain tool');
  expect(cardTo({ newChain: true }, { usesQuickLink: false }).gathered.consumables).toContain(
    'joining pin of the chain’s make',
  );
});

test('whatever is swapped: what moves has a step, and sums are those of the list', () => {
  fc.assert(
    fc.property(setupArbitrary(), setupArbitrary(), (from, to) => {
      const card = cardTo({ setup: to }, {}, swapSide({ setup: from }));
      const sum = (items: JobCard['on']) => items.reduce((all, { massG = 0 }) => all + massG, 0);
      expect(card.unweighed).toEqual([]);
      expect(card.massChangeG).toBeCloseTo(sum(card.on) - sum(card.off), 6);
      const [total = { sum: 0 }] = card.cost.sums;
      expect(total.sum).toBe(card.buy.reduce((all, { price = 0 }) => all + price, 0));
      const ids = steps(card);
      const has = (what: string) => [...card.off, ...card.on].some((item) => item.what === what);
      expect(has('cassette')).toBe(ids.includes('cassetteOn'));
      expect(has('chain')).toBe(card.difference.chain.kind !== 'keep');
      expect(has('frontDerailleur')).toBe(ids.includes('frontOff') || ids.includes('frontOn'));
      const keys = [...card.off, ...card.on].map(({ key, name }) => `${key} ${name}`);
      expect(new Set(keys).size).toBe(keys.length);
    }),
    { ...SEEDED, numRuns: 200 },
  );
});

test('each symptom has remedies, the steps they go back to exist, and the dangerous ones stop the ride', () => {
  for (const symptom of SYMPTOMS) {
    const { remedies } = REMEDIES[symptom];
    expect(remedies.length).toBeGreaterThanOrEqual(3);
    for (const { goTo } of remedies) if (goTo !== undefined) expect(STEP_IDS).toContain(goTo);
  }
  expect(SYMPTOMS.filter((symptom) => REMEDIES[symptom].stop)).toEqual(['skipping', 'slack', 'lockedUp']);
  expect(new Set(Object.values(SYMPTOMS_OF).flat())).toEqual(new Set(SYMPTOMS));
});
