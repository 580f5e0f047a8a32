import { FRONT_MASS_G, cassetteMassG, chainMassG, ringMassG } from '../catalog/mass-by-teeth';
import { DEFAULT_PRICES, type PartKind, type Prices } from '../catalog/price-list';
import type { Slot } from '../parts';
import type { StockPart, StockedBuild } from './build';
import type { ChainPlan } from './chain-plan';
import type { SwapDifference } from './difference';
import { definite } from '../items';

/** Places of a bike that a job reaches: those of a setup, and what belongs to wheels and handlebar. */
export type CardSlot = Slot | 'freehub' | 'wheels' | 'hub' | 'hubShifter' | 'frontShifter';

/** What distinguishes a part from others of its kind: its name in stock, or a size. */
interface ItemLabel {
  readonly partName?: string | undefined;
  readonly teeth?: number | undefined;
  readonly cogs?: readonly number[] | undefined;
  readonly links?: number | undefined;
  /** Of links that are taken out of a chain that stays. */
  readonly isPartOfChain?: boolean | undefined;
  readonly spacerMm?: number | undefined;
  readonly rings?: number | undefined;
}

/** The order in which a card lists them. */
const CARD_ORDER: readonly CardSlot[] = [
  'cassette',
  'wheels',
  'hub',
  'hubShifter',
  'freehub',
  'spacer',
  'crank',
  'bigRing',
  'smallRing',
  'frontDerailleur',
  'frontShifter',
  'rearDerailleur',
  'extender',
  'guide',
  'shifter',
  'chain',
];

/** Sorts items as a card lists them. */
export function inCardOrder<T extends { readonly what: CardSlot }>(items: readonly T[]): readonly T[] {
  return [...items].sort((a, b) => CARD_ORDER.indexOf(a.what) - CARD_ORDER.indexOf(b.what));
}

/** One part that comes off or goes on. */
export interface CardItem {
  /** Stays the same for as long as the plan does: "on cassette". */
  readonly key: string;
  readonly what: CardSlot;
  readonly label: ItemLabel;
  /** The part in stock that it is. */
  readonly partId?: string | undefined;
  /** g; undefined where it is not known; 0 for rings that were weighed with their crank. */
  readonly massG: number | undefined;
  /** Whether the weight is by teeth, not by a scale. */
  readonly isEstimate: boolean;
  /** Whether it is listed because something is not known. */
  readonly isAssumed: boolean;
}

/** One thing to buy. */
export interface Purchase extends CardItem {
  /** In `currency`; undefined where it is not known. */
  readonly price: number | undefined;
  readonly currency: string | undefined;
  /** Whether the price is that of a middle sort, in the absence of the rider's own. */
  readonly isAssumedPrice: boolean;
  /** What it comes with, at an assumed price: then it costs nothing of its own. */
  readonly comesWith?: 'crank' | 'frontDerailleur' | undefined;
}

/** What purchases cost, for each currency on its own: rates of exchange are not for a workshop to guess. */
export interface Cost {
  readonly sums: readonly { readonly currency: string | undefined; readonly sum: number }[];
  /** Without a price, and not in the sum. */
  readonly unpriced: readonly CardItem[];
  /** Whether the sum is the one that was typed for the whole setup. */
  readonly isTyped: boolean;
}

export interface MovedItems {
  readonly off: readonly CardItem[];
  readonly on: readonly CardItem[];
}

/** What the bike becomes lighter or heavier by. */
export interface MassChange {
  /** On − off, g; undefined where nothing has a weight. */
  readonly grams: number | undefined;
  /** `setups`: by the weights of both whole setups, the same as in a comparison. `parts`: by what moves. */
  readonly by: 'setups' | 'parts';
  readonly hasEstimates: boolean;
  /** Parts without a weight; places in which one side has none are left out, both sides of them. */
  readonly unweighed: readonly CardItem[];
}

export function costOfPurchases(purchases: readonly Purchase[], typedCost?: number): Cost {
  if (typedCost !== undefined && purchases.length > 0) {
    return { sums: [{ currency: undefined, sum: typedCost }], unpriced: [], isTyped: true };
  }
  return {
    sums: sumsByCurrency(
      purchases.flatMap(({ price, currency }) => (price === undefined ? [] : [{ currency, sum: price }])),
    ),
    unpriced: purchases.filter(({ price }) => price === undefined),
    isTyped: false,
  };
}

function sumsByCurrency(all: Cost['sums']): Cost['sums'] {
  const sums = new Map<string | undefined, number>();
  for (const { currency, sum } of all) sums.set(currency, (sums.get(currency) ?? 0) + sum);
  return [...sums].map(([currency, sum]) => ({ currency, sum }));
}

/** Returns a cost with the sums that name the own currency among those that name none. */
export function costInOwn(cost: Cost, own: string | undefined): Cost {
  return {
    ...cost,
    sums: sumsByCurrency(
      cost.sums.map(({ currency, sum }) => ({ currency: currency === own ? undefined : currency, sum })),
    ),
  };
}

/** Adds up what several jobs cost. */
export function addCosts(costs: readonly Cost[]): Cost {
  return {
    sums: sumsByCurrency(costs.flatMap(({ sums }) => sums)),
    unpriced: costs.flatMap(({ unpriced }) => unpriced),
    isTyped: false,
  };
}

/** Puts an item on the list of what comes off, or of what goes on. */
type MoveItem = (
  side: 'off' | 'on',
  what: CardSlot,
  label?: ItemLabel,
  known?: { readonly estimateG?: number; readonly isAssumed?: boolean },
) => void;

/** @param isNewCrank whether the crank is another one: then its rings may have been weighed with it */
function moving(
  from: StockedBuild,
  to: StockedBuild,
  isNewCrank: boolean,
): { readonly items: MovedItems; readonly move: MoveItem } {
  const items = { off: [] as CardItem[], on: [] as CardItem[] };
  const move: MoveItem = (which, what, label = {}, { estimateG, isAssumed = false } = {}) => {
    const side = which === 'off' ? from : to;
    // Links that come out of a chain are no part of their own in stock.
    const found = label.isPartOfChain ? undefined : stockOf(side, what);
    // A chain in stock that is too short is not the one that goes on.
    const part = found && what === 'chain' && which === 'on' && isTooShort(found, label) ? undefined : found;
    const isRing = what === 'bigRing' || what === 'smallRing';
    const weighsWithCrank = isRing && isNewCrank && side.stock.crank?.withRings === true;
    const massG = weighsWithCrank ? 0 : (part?.massG ?? estimateG);
    items[which].push({
      key: `${which} ${what}`,
      what,
      label: { ...label, ...(part && { partName: part.name }) },
      ...(part?.id !== undefined && { partId: part.id }),
      massG,
      isEstimate: part?.massG === undefined && massG !== undefined && !weighsWithCrank,
      isAssumed,
    });
  };
  return { items, move };
}

const stockOf = ({ stock }: StockedBuild, what: CardSlot): StockPart | undefined =>
  what in stock ? stock[what as Slot | 'freehub'] : undefined;

/** Everything that comes off and goes on. */
export function movedItems(difference: SwapDifference, from: StockedBuild, to: StockedBuild): MovedItems {
  const { items, move } = moving(from, to, difference.crank);
  const both = (what: CardSlot) => {
    move('off', what);
    move('on', what);
  };
  const comes = (what: CardSlot, how: 'on' | 'off' | 'stays') => {
    if (how !== 'stays') move(how, what);
  };
  const ring = (which: 'off' | 'on', { setup }: StockedBuild, teeth: number) =>
    move(which, teeth === setup.chainrings[0] ? 'bigRing' : 'smallRing', { teeth }, { estimateG: ringMassG(teeth) });

  const { cassette, front, shifter } = difference;
  if (cassette) {
    move('off', 'cassette', { cogs: cassette.off }, { estimateG: cassetteMassG(cassette.off) });
    move('on', 'cassette', { cogs: cassette.on }, { estimateG: cassetteMassG(cassette.on) });
  }
  if (difference.wheels) {
    move('off', 'wheels', { partName: from.wheels?.name });
    move('on', 'wheels', { partName: to.wheels?.name });
  }
  comes('hub', difference.hub);
  comes('hubShifter', difference.hub);
  if (difference.freehub) both('freehub');
  spacers(difference, from, move);
  if (difference.crank) {
    move('off', 'crank', { rings: from.setup.chainrings.length });
    const isAssumed = difference.byDescription.includes('crank');
    move('on', 'crank', { rings: to.setup.chainrings.length }, { isAssumed });
  }
  for (const teeth of difference.ringsOff) ring('off', from, teeth);
  for (const teeth of difference.ringsOn) ring('on', to, teeth);
  if (front.kind === 'off' || front.kind === 'on') {
    move(front.kind, 'frontDerailleur', {}, { estimateG: FRONT_MASS_G });
    comes('frontShifter', front.kind);
  }
  if (front.kind === 'other') both('frontDerailleur');
  if (difference.rearDerailleur) both('rearDerailleur');
  comes('extender', difference.extender);
  comes('guide', difference.guide);
  if (shifter !== 'stays') {
    move('off', 'shifter');
    move('on', 'shifter', {}, { isAssumed: shifter === 'assumed' });
  }
  moveChain(difference.chain, move);
  return items;
}

/** What comes off and goes on of the chain alone. */
export function movedChain(chain: ChainPlan, from: StockedBuild, to: StockedBuild): MovedItems {
  const { items, move } = moving(from, to, false);
  moveChain(chain, move);
  return items;
}

function moveChain({ action, reason, linksNow, linksAfter, targetLinks }: ChainPlan, move: MoveItem): void {
  if (action === 'shorten') {
    const links = definite(linksNow) - definite(linksAfter);
    move('off', 'chain', { links, isPartOfChain: true }, { estimateG: chainMassG(links) });
  }
  if (action === 'newChain' || action === 'ask') {
    const isAssumed = action === 'ask' || reason === 'mayBeTooShort';
    move('off', 'chain', { links: linksNow }, { estimateG: chainMassG(linksNow ?? targetLinks), isAssumed });
    move('on', 'chain', { links: targetLinks }, { estimateG: chainMassG(targetLinks), isAssumed });
  }
}

/** Spacers closer than this are the same ones, mm. */
const SPACER_SAME_MM = 0.15;

function spacers({ spacerMm }: SwapDifference, from: StockedBuild, move: MoveItem): void {
  const before = from.parts.spacerMm ?? 0;
  if (spacerMm === undefined || Math.abs(spacerMm - before) <= SPACER_SAME_MM) return;
  if (before > 0) move('off', 'spacer', { spacerMm: before });
  if (spacerMm > 0) move('on', 'spacer', { spacerMm });
}

const PRICE_KIND: Readonly<Partial<Record<CardSlot, PartKind>>> = {
  bigRing: 'ring',
  smallRing: 'ring',
  crank: 'crank',
  cassette: 'cassette',
  rearDerailleur: 'rearDerailleur',
  frontDerailleur: 'frontDerailleur',
  guide: 'guide',
  shifter: 'shifter',
  chain: 'chain',
  freehub: 'freehub',
};

/**
 * What must be bought of what goes on.
 * @param isReturn whether the bike goes back to what it had: all of that is still there, but for links that were cut off
 */
export function purchasesOf(
  on: readonly CardItem[],
  to: StockedBuild,
  { isReturn, prices = DEFAULT_PRICES }: { readonly isReturn: boolean; readonly prices?: Prices | undefined },
): Purchase[] {
  const bought = on.flatMap((item): Purchase[] => {
    const { what, label } = item;
    const part = stockOf(to, what);
    if (what === 'wheels') return [];
    const isOther = part !== undefined && isTooShort(part, label);
    if (part?.inStock && !isOther) return [];
    // Parts removed by the first of the two jobs are available, unless stock says otherwise.
    if (isReturn && !part && what !== 'chain') return [];
    const kind = PRICE_KIND[what];
    const assumed = kind && prices[kind];
    const own = part && !isOther ? part.price : undefined;
    const isAssumedPrice = own === undefined && assumed !== undefined;
    return [
      { ...item, price: own ?? assumed, currency: own === undefined ? undefined : part?.currency, isAssumedPrice },
    ];
  });
  const isAssumed = (what: CardSlot) => bought.some((one) => one.what === what && one.isAssumedPrice);
  return bought.map((one): Purchase => {
    const comesWith = COMES_WITH[one.what];
    const hasOwnPrice = one.price !== undefined && !one.isAssumedPrice;
    return comesWith && !hasOwnPrice && isAssumed(comesWith)
      ? { ...one, price: 0, isAssumedPrice: true, comesWith }
      : one;
  });
}

/** The assumed price of a crank is one with rings, that of a front derailleur one with its shifter. */
const COMES_WITH: Readonly<Partial<Record<CardSlot, 'crank' | 'frontDerailleur'>>> = {
  bigRing: 'crank',
  smallRing: 'crank',
  frontShifter: 'frontDerailleur',
};

/**
 * Returns what a purchase counts for where builds are compared by cost, in the own currency: its price, or, where
 * that is in another currency, the assumed price of such a part; 0 where there is neither.
 */
export function comparablePrice({ what, price = 0, currency }: Purchase, prices: Prices): number {
  if (currency === undefined) return price;
  const kind = PRICE_KIND[what];
  return kind ? prices[kind] : 0;
}

/** Whether a chain in stock has fewer links than are needed. */
function isTooShort({ chainLinks }: StockPart, { links }: ItemLabel): boolean {
  return chainLinks !== undefined && links !== undefined && chainLinks < links;
}

/** @param setups what both whole setups weigh, g, where that is known */
export function massChangeOf(
  { off, on }: MovedItems,
  setups: { readonly fromG?: number | undefined; readonly toG?: number | undefined },
): MassChange {
  const { fromG, toG } = setups;
  if (fromG !== undefined && toG !== undefined) {
    return { grams: toG - fromG, by: 'setups', hasEstimates: false, unweighed: [] };
  }
  const moved = [...off, ...on];
  const unweighed = moved.filter(({ massG }) => massG === undefined);
  const unknown = new Set(unweighed.map(({ what }) => what));
  const weighed = moved.filter(({ what }) => !unknown.has(what));
  const sum = (items: readonly CardItem[]) =>
    items.reduce((all, { what, massG = 0 }) => (unknown.has(what) ? all : all + massG), 0);
  return {
    grams: weighed.length > 0 ? sum(on) - sum(off) : undefined,
    by: 'parts',
    hasEstimates: weighed.some(({ isEstimate }) => isEstimate),
    unweighed,
  };
}
