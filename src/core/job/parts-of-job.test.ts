import { build, cardTo, names, stepIds } from '../../../tests/support/job';
import { JOB_CASES } from '../../../tests/support/job-cases';
import { ONE_RING, TOURER } from '../../../tests/support/setups';
import { DEFAULT_PRICES } from '../catalog/price-list';
import type { StockCandidate } from './stock';
import { moveOf, partsOfMove } from './move';
import { inStockFor } from './stock';

const frame = { chainstayMm: 430, longestChainstayMm: 430, bbDropMm: 70 };
const chain = { choice: 'leave', alternates: false, newChain: false } as const;

test('rings that were weighed with their crank weigh nothing of their own, those of another crank do', () => {
  const crank = (withRings: boolean) => ({ stock: { crank: { name: 'crank', massG: 600, inStock: true, withRings } } });
  const onTo = (withRings: boolean) =>
    cardTo({ setup: { ...TOURER, chainrings: [46, 30] }, newParts: { crank: 'new' }, ...crank(withRings) });
  const massOf = ({ on }: ReturnType<typeof cardTo>) =>
    on.map(({ what, massG, isEstimate }) => [what, massG, isEstimate]);
  expect(massOf(onTo(true))).toEqual([
    ['crank', 600, false],
    ['bigRing', 0, false],
    ['smallRing', 0, false],
  ]);
  const [, big, small] = massOf(onTo(false));
  expect([big, small]).toEqual([
    ['bigRing', expect.any(Number), true],
    ['smallRing', expect.any(Number), true],
  ]);
  expect(big![1]).toBeGreaterThan(small![1] as number);
  // Rings alone are weighed alone, whatever their crank was weighed with.
  const ringsOnly = cardTo(
    { setup: { ...TOURER, chainrings: [46, 30] }, ...crank(true) },
    { from: build(crank(true)) },
  );
  expect(ringsOnly.on.map(({ massG }) => massG! > 0)).toEqual([true, true]);
});

test('another chain in stock goes on only where both setups name one, and not the same', () => {
  const named = (chainId: string | undefined) => ({ partIds: chainId === undefined ? {} : { chain: chainId } });
  const reason = (on: string | undefined, to: string | undefined) =>
    cardTo(named(to), { from: build(named(on)) }).difference.chain.reason;
  expect(reason('worn', 'new')).toBe('otherPart');
  for (const [on, to] of [
    ['same', 'same'],
    ['worn', undefined],
    [undefined, 'new'],
    [undefined, undefined],
  ]) {
    expect([on, to, reason(on, to)]).toEqual([on, to, 'fits']);
  }
});

test('a body that is changed with its cassette suits it; one that stays is checked', () => {
  const cassette = (cassetteSpline: string) => ({ parts: { ...build().parts, cassetteSpline } });
  const fitting = (spline: string) => cardTo(cassette('fine'), { fit: { freehub: { spline } } });
  const decides = (card: ReturnType<typeof cardTo>) => card.answer.deciding.map(({ id }) => id);
  // The bike's body is wide, so it is changed: the answer is that of the new one.
  expect(fitting('wide').difference.freehub).toBe(true);
  expect(decides(fitting('wide'))).not.toContain('freehub');
  const stays = cardTo(cassette('wide'), { fit: { freehub: { spline: 'fine' } } });
  expect(stays.difference.freehub).toBe(false);
  expect(decides(stays)).toContain('freehub');
});

test('front and rear of a move, apart, add up to the whole', () => {
  for (const { to: more } of JOB_CASES) {
    const [from, to] = [build(), build({ chainLinks: undefined, ...more })];
    const whole = moveOf(from, to, { frame, chain, isReturn: false, prices: DEFAULT_PRICES });
    const { front, rear } = partsOfMove(from, to, DEFAULT_PRICES);
    const ofChain = ({ what }: { readonly what: string }) => what === 'chain';
    const bought = whole.buy.filter((item) => !ofChain(item));
    expect(new Set([...front.buy, ...rear.buy].map(({ key }) => key))).toEqual(new Set(bought.map(({ key }) => key)));
    expect(front.cost + rear.cost).toBeCloseTo(
      bought.reduce((sum, { price = 0 }) => sum + price, 0),
      9,
    );
  }
});

describe('parts in stock', () => {
  const cassette = (id: string, inStock: boolean): StockCandidate => ({
    id,
    name: id,
    kind: 'cassette',
    data: { cogs: TOURER.cogs },
    inStock,
  });
  const ofChain = (
    id: string,
    chainLinks: number | undefined,
    chainSpeeds: number,
    inStock = true,
  ): StockCandidate => ({
    id,
    name: id,
    kind: 'chain',
    data: { chainSpeeds, chainLinks },
    inStock,
    chainLinks,
  });
  const body = (spline: string | undefined): StockCandidate => ({
    name: `body ${spline}`,
    kind: 'freehub',
    data: { spline },
    inStock: true,
  });
  const setup = { ...TOURER, rearDerailleur: {}, parts: { cassetteSpline: 'fine' } };
  const found = (candidates: readonly StockCandidate[], taken: readonly ('cassette' | 'chain')[] = []) =>
    inStockFor(setup, candidates, new Set(taken)).map(([slot, { name }]) => [slot, name]);

  test('those that suit are found, unused ones first, and none for a place that is taken', () => {
    const both = [cassette('to be bought', false), cassette('in the drawer', true)];
    expect(found(both)).toEqual([['cassette', 'in the drawer']]);
    expect(found(both.slice(0, 1))).toEqual([['cassette', 'to be bought']]);
    expect(found(both, ['cassette'])).toEqual([]);
    expect(found([{ ...cassette('other', true), data: { cogs: ONE_RING.cogs } }])).toEqual([]);
    expect(found([body('wide'), body(undefined)])).toEqual([]);
    expect(found([body('wide'), body('fine')])).toEqual([['freehub', 'body fine']]);
  });

  test('of several chains for the number of cogs, the longest free one is found', () => {
    const chains = [
      ofChain('cut', 108, 12),
      ofChain('long', 118, 12),
      ofChain('on order', 126, 12, false),
      ofChain('wide', 122, 11),
    ];
    expect(found([ofChain('uncounted', undefined, 12), ...chains])).toEqual([['chain', 'long']]);
    expect(found(chains.slice(2))).toEqual([['chain', 'on order']]);
    expect(found(chains.slice(3))).toEqual([]);
  });
});

test('every tool that a step calls for is gathered', () => {
  for (const { name: _name, to, ...wishes } of JOB_CASES) {
    const card = cardTo(to, wishes);
    const ids = stepIds(card);
    const { tools, consumables } = card.gathered;
    for (const [step, tool] of [
      ['cassetteOff', 'chainWhip'],
      ['cassetteOn', 'largeTorqueWrench'],
      ['spacer', 'caliper'],
      ['hanger', 'hangerGauge'],
      ['bGap', 'gapGauge'],
      ['cable', 'cableCutter'],
      ['weigh', 'scale'],
      ['battery', 'charger'],
      ['ringClearance', 'caliper'],
    ] as const) {
      if (ids.includes(step)) expect([step, tools]).toEqual([step, expect.arrayContaining([tool])]);
    }
    if (ids.includes('chainLength')) expect(consumables).toContain(card.usesQuickLink ? 'quickLink' : 'connectingPin');
    if (card.difference.chain.action !== 'leave')
      expect(tools).toEqual(expect.arrayContaining(['chainTool', 'eyeProtection']));
    else if (card.usesQuickLink) expect(tools).not.toContain('chainTool');
    if (ids.includes('cable')) expect(consumables).toContain('rearCable');
  }
  const rings = cardTo({ setup: ONE_RING, newParts: { crank: 'new' } });
  expect(rings.gathered.tools).toEqual(expect.arrayContaining(['crankTool', 'largeTorqueWrench']));
  expect(rings.gathered.consumables).toEqual(expect.arrayContaining(['ringBolts', 'crankSpacers', 'threadlocker']));
  // Without a quick link a pin is pushed out, and another one joins the chain.
  const pinned = cardTo({ rearDerailleur: { cageLengthMm: 80 } }, { usesQuickLink: false });
  expect(pinned.difference.chain.action).toBe('leave');
  expect(pinned.gathered.tools).toEqual(expect.arrayContaining(['chainTool', 'eyeProtection']));
  expect(pinned.gathered.consumables).toContain('connectingPin');
  expect(names(pinned.on)).toHaveLength(1);
});
