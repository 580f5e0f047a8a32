import type { Prices } from '../find';
import type { StockedBuild } from './build';
import { planChain, type ChainWish } from './chain-plan';
import type { Frame } from './chain-window';
import { swapDifference, type DescribedSlot, type SwapDifference } from './difference';
import {
  costOfPurchases,
  massChangeOf,
  movedItems,
  purchasesOf,
  type Cost,
  type MassChange,
  type MovedItems,
  type Purchase,
} from './items';

/** What moves from one setup to another, what it weighs and what is bought: the one source for a card and a comparison. */
export interface Move extends MovedItems {
  readonly difference: SwapDifference;
  readonly buy: readonly Purchase[];
  readonly cost: Cost;
  readonly massChange: MassChange;
}

export interface MoveOptions {
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
