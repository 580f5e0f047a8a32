import type { Prices } from '../catalog/price-list';
import type { DescribedSlot, StockedBuild } from './build';
import { planChain, planChainWithin, type ChainPlan, type ChainWindows, type ChainWish } from './chain-plan';
import type { Frame } from './chain-window';
import { swapDifference, type SwapDifference } from './difference';
import {
  comparablePrice,
  costOfPurchases,
  massChangeOf,
  movedChain,
  movedItems,
  purchasesOf,
  type CardSlot,
  type Cost,
  type MassChange,
  type MovedItems,
  type Purchase,
} from './items';

/**
 * What moves from one setup to another, what it weighs and what is bought: the one source for a card, a comparison
 * and a search.
 */
export interface Move extends MovedItems {
  readonly difference: SwapDifference;
  readonly buy: readonly Purchase[];
  readonly cost: Cost;
  readonly massChange: MassChange;
}

interface MoveOptions {
  readonly frame: Frame;
  readonly chain: ChainWish;
  readonly keeps?: readonly DescribedSlot[] | undefined;
  readonly prices?: Prices | undefined;
  readonly isReturn: boolean;
}

export function moveOf(from: StockedBuild, to: StockedBuild, options: MoveOptions): Move {
  const { frame, chain, keeps, prices, isReturn } = options;
  const difference = swapDifference(from, to, planChain(from, to, frame, chain), keeps);
  const moved = movedItems(difference, from, to);
  const buy = purchasesOf(moved.on, to, { isReturn, prices });
  return {
    ...moved,
    difference,
    buy,
    cost: costOfPurchases(buy, to.cost),
    massChange: massChangeOf(moved, { fromG: from.massG, toG: to.massG }),
  };
}

/** What is bought of a part of a move, and what that part weighs. */
export interface PartOfMove {
  readonly buy: readonly Purchase[];
  /** In the own currency, to compare builds by: a price in another one counts as the assumed price of such a part. */
  readonly cost: number;
  /** On − off, g; 0 where nothing has a weight. */
  readonly massChangeG: number;
}

interface PartsOfMove {
  /** Crank, rings, front derailleur and chain guide; depends on the rings only. */
  readonly front: PartOfMove;
  /** Cassette, freehub body, rear derailleur and shifter; depends on the cassette only. */
  readonly rear: PartOfMove;
}

const FRONT_SLOTS: ReadonlySet<CardSlot> = new Set([
  'crank',
  'bigRing',
  'smallRing',
  'frontDerailleur',
  'frontShifter',
  'guide',
]);

const LEFT_CHAIN: ChainPlan = {
  action: 'leave',
  reason: 'fits',
  linksNow: undefined,
  linksAfter: undefined,
  targetLinks: 0,
  window: { minLinks: 0, maxLinks: undefined, directPitches: 0 },
  ownWindow: { minLinks: 0, maxLinks: undefined, directPitches: 0 },
  present: undefined,
  alternates: false,
  warnings: [],
};

/** Works out a move front and rear apart, without the chain; a search adds up thousands of them. */
export function partsOfMove(from: StockedBuild, to: StockedBuild, prices: Prices): PartsOfMove {
  const moved = movedItems(swapDifference(from, to, LEFT_CHAIN), from, to);
  const isFront = ({ what }: { readonly what: CardSlot }) => FRONT_SLOTS.has(what);
  const part = (belongs: (item: { readonly what: CardSlot }) => boolean) =>
    partOf({ off: moved.off.filter(belongs), on: moved.on.filter(belongs) }, to, prices);
  return { front: part(isFront), rear: part((item) => !isFront(item)) };
}

/** What becomes of the chain, and what of it is bought. */
export function chainOfMove(
  from: StockedBuild,
  to: StockedBuild,
  windows: ChainWindows,
  prices: Prices,
): PartOfMove & { readonly plan: ChainPlan } {
  const plan = planChainWithin(from, to, windows, LEAVE);
  return { plan, ...partOf(movedChain(plan, from, to), to, prices) };
}

/** The default choices of a plan. */
const LEAVE: ChainWish = { choice: 'leave', alternates: false, newChain: false };

function partOf(moved: MovedItems, to: StockedBuild, prices: Prices): PartOfMove {
  const buy = purchasesOf(moved.on, to, { isReturn: false, prices });
  return {
    buy,
    cost: buy.reduce((sum, one) => sum + comparablePrice(one, prices), 0),
    massChangeG: massChangeOf(moved, {}).grams ?? 0,
  };
}
