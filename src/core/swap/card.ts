import {
  DEFAULT_PRICES,
  FRONT_MASS_G,
  cassetteMassG,
  chainMassG,
  ringMassG,
  type PartKind,
  type Prices,
} from '../find';
import { fitAnswer, goesTogether, type CheckId, type FitAnswer, type FitReport, type LimitsSchool } from '../fit';
import { short } from '../number-text';
import type { Slot } from '../shelf';
import { swapDifference, swapKind, type SwapDifference, type SwapKind, type SwapSide } from './difference';
import { workSteps } from './progress';
import { minutesOf, swapSteps, type JobStep } from './steps';
import { gatheredFor, type Gathered } from './tools';

/** A part of one side as far as the shelf knows it. */
export interface CardPart {
  readonly name: string;
  readonly massG?: number | undefined;
  readonly price?: number | undefined;
  /** ISO 4217; the rider's money where it is absent. */
  readonly currency?: string | undefined;
  /** Whether the bike can have it without buying. */
  readonly atHand: boolean;
  /** Links of a chain as it lies there. */
  readonly chainLinks?: number | undefined;
}

export interface CardSide extends SwapSide {
  readonly shelf: Readonly<Partial<Record<Slot, CardPart>>>;
}

/** One part that comes off or goes on. */
export interface CardItem {
  /** Stays the same for as long as the plan does. */
  readonly key: string;
  readonly what: CardSlot;
  readonly name: string;
  /** g; undefined where it is not known. */
  readonly massG: number | undefined;
  /** Whether the weight is by teeth, not by a scale. */
  readonly isEstimate: boolean;
}

/** One thing to buy. */
export interface Purchase extends CardItem {
  /** In the rider's money; undefined where it is not known. */
  readonly price: number | undefined;
  readonly currency: string | undefined;
  /** Whether the price is that of a middle sort, for want of the rider's own. */
  readonly isAssumed: boolean;
}

export type CardSlot = Slot | 'freehub';

/** A limit that the new setup passes, with what is checked for it. */
export interface PassedLimit {
  readonly id: CheckId;
  readonly overT: number;
  readonly extraCheck: string;
}

export interface JobCard {
  readonly kind: SwapKind;
  readonly difference: SwapDifference;
  readonly off: readonly CardItem[];
  readonly on: readonly CardItem[];
  readonly buy: readonly Purchase[];
  readonly cost: Cost;
  /** On − off, g, of what has a weight; places in which something has none are left out, both sides of them. */
  readonly massChangeG: number;
  readonly hasEstimates: boolean;
  readonly unweighed: readonly string[];
  readonly answer: FitAnswer;
  readonly passed: readonly PassedLimit[];
  /** Links to add to the old chain, below 0 to take out. */
  readonly linksToAdd: number;
  /** What is said of the chain that lies on the shelf for it; undefined where it suits. */
  readonly chainWarning: string | undefined;
  readonly gathered: Gathered;
  readonly steps: readonly JobStep[];
  /** Without the re-check, which is a job of its own. */
  readonly minutes: number;
}

export interface CardOptions {
  readonly report: FitReport;
  readonly school: LimitsSchool;
  readonly prices?: Prices | undefined;
  readonly longestChainstayMm: number;
  readonly weighs: boolean;
  readonly usesQuickLink: boolean;
  /** Whether the bike goes back to what it had before: all of that is still there. */
  readonly isReturn: boolean;
}

/** What purchases come to, for each currency on its own, for rates of exchange are not for a workshop to guess. */
export interface Cost {
  readonly sums: readonly { readonly currency: string | undefined; readonly sum: number }[];
  /** Without a price, and left out. */
  readonly unpriced: readonly string[];
}

export function costOfPurchases(purchases: readonly Pick<Purchase, 'name' | 'price' | 'currency'>[]): Cost {
  const sums = new Map<string | undefined, number>();
  for (const { price, currency } of purchases) {
    if (price !== undefined) sums.set(currency, (sums.get(currency) ?? 0) + price);
  }
  return {
    sums: [...sums].map(([currency, sum]) => ({ currency, sum })),
    unpriced: purchases.filter(({ price }) => price === undefined).map(({ name }) => name),
  };
}

/** The whole job from one setup to another. @param options.report of the setup that goes on */
export function jobCard(from: CardSide, to: CardSide, options: CardOptions): JobCard {
  const { report, school, prices = DEFAULT_PRICES, weighs, usesQuickLink } = options;
  const difference = swapDifference(from, to, options.longestChainstayMm);
  const passed = passedLimits(report);
  const { off, on } = movedParts(difference, from, to);
  const answer = fitAnswer(report, school);
  const steps = swapSteps(difference, {
    against: goesTogether(answer.kind) ? [] : answer.deciding.map(({ message }) => message),
    unknown: answer.unknown.flatMap(({ missing }) => missing ?? []),
    extraChecks: passed.map(({ extraCheck }) => extraCheck),
    weighs,
    usesQuickLink,
  });
  const buy = on.flatMap((item): Purchase[] => {
    const part = item.what === 'freehub' ? undefined : to.shelf[item.what];
    if (part?.atHand || options.isReturn) return [];
    const kind = PART_KIND[item.what];
    const assumed = kind && prices[kind];
    const isAssumed = part?.price === undefined && assumed !== undefined;
    return [{ ...item, price: part?.price ?? assumed, currency: isAssumed ? undefined : part?.currency, isAssumed }];
  });
  const moved = [...off, ...on];
  const unknown = new Set(moved.filter(({ massG }) => massG === undefined).map(({ what }) => what));
  const sum = (items: readonly CardItem[]) =>
    items.reduce((all, { what, massG = 0 }) => (unknown.has(what) ? all : all + massG), 0);
  const { before, after } = difference.chain;
  return {
    kind: swapKind(difference),
    difference,
    off,
    on,
    buy,
    cost: costOfPurchases(buy),
    massChangeG: sum(on) - sum(off),
    hasEstimates: moved.some(({ what, isEstimate }) => isEstimate && !unknown.has(what)),
    unweighed: moved.filter(({ massG }) => massG === undefined).map(({ name }) => name),
    answer,
    passed,
    linksToAdd: after - before,
    chainWarning: difference.chain.kind === 'replace' ? chainWarning(to.shelf.chain, after) : undefined,
    gathered: gatheredFor(difference, { weighs, usesQuickLink }),
    steps,
    minutes: minutesOf(workSteps(steps)),
  };
}

/** Every published limit that a setup passes, by how much, and what is checked for it. */
export function passedLimits({ checks, trials }: FitReport): PassedLimit[] {
  return checks.flatMap(({ id, verdict, margin, unit }): PassedLimit[] => {
    const trial = trials[id];
    if (verdict !== 'outside' || unit !== 'T' || margin === undefined || !trial) return [];
    return [{ id, overT: -margin, extraCheck: trial.extraCheck }];
  });
}

const PART_KIND: Readonly<Record<CardSlot, PartKind | undefined>> = {
  bigRing: 'ring',
  smallRing: 'ring',
  crank: 'crank',
  cassette: 'cassette',
  rearDerailleur: 'rearDerailleur',
  frontDerailleur: 'frontDerailleur',
  shifter: 'shifter',
  chain: 'chain',
  freehub: 'freehub',
  quickLink: undefined,
  guide: undefined,
  extender: undefined,
  spacer: undefined,
};

function movedParts(
  difference: SwapDifference,
  from: CardSide,
  to: CardSide,
): { readonly off: readonly CardItem[]; readonly on: readonly CardItem[] } {
  const off: CardItem[] = [];
  const on: CardItem[] = [];
  const move = (list: CardItem[], side: CardSide, what: CardSlot, plain: string, estimateG?: number) => {
    const part = what === 'freehub' ? undefined : side.shelf[what];
    const massG = part?.massG ?? estimateG;
    list.push({
      key: `${list === off ? 'off' : 'on'} ${what}`,
      what,
      name: part?.name ?? plain,
      massG,
      isEstimate: part?.massG === undefined && massG !== undefined,
    });
  };
  const both = (what: CardSlot, plain: string) => {
    move(off, from, what, plain);
    move(on, to, what, plain);
  };
  const ring = (list: CardItem[], side: CardSide, teeth: number) =>
    move(list, side, teeth === side.setup.chainrings[0] ? 'bigRing' : 'smallRing', `${teeth}T ring`, ringMassG(teeth));
  const range = (cogs: readonly number[]) => `cassette ${cogs[0]}-${cogs.at(-1)}`;

  if (difference.cassette) {
    move(off, from, 'cassette', range(difference.cassette.off), cassetteMassG(difference.cassette.off));
    move(on, to, 'cassette', range(difference.cassette.on), cassetteMassG(difference.cassette.on));
  }
  if (difference.freehub) both('freehub', 'freehub body');
  const spacerBefore = from.parts.spacerMm ?? 0;
  const { spacerMm } = difference;
  if (spacerMm !== undefined && Math.abs(spacerMm - spacerBefore) > SPACER_SAME_MM) {
    if (spacerBefore > 0) move(off, from, 'spacer', `${spacerBefore} mm of spacers`);
    if (spacerMm > 0) move(on, to, 'spacer', `${short(spacerMm, 2)} mm of spacers`);
  }
  if (difference.crank) both('crank', 'crank');
  for (const teeth of difference.ringsOff) ring(off, from, teeth);
  for (const teeth of difference.ringsOn) ring(on, to, teeth);
  if (difference.front.kind === 'off') move(off, from, 'frontDerailleur', FRONT_NAME, FRONT_MASS_G);
  if (difference.front.kind === 'on') move(on, to, 'frontDerailleur', FRONT_NAME, FRONT_MASS_G);
  if (difference.rearDerailleur) both('rearDerailleur', 'rear derailleur');
  if (difference.extender !== 'stays') {
    move(
      difference.extender === 'on' ? on : off,
      difference.extender === 'on' ? to : from,
      'extender',
      'hanger extender',
    );
  }
  if (difference.guide !== 'stays') {
    move(difference.guide === 'on' ? on : off, difference.guide === 'on' ? to : from, 'guide', 'chain guide');
  }
  if (difference.shifter) both('shifter', 'shifter');
  const { kind, before, after, takenOut } = difference.chain;
  if (kind === 'shorten')
    move(off, { ...from, shelf: {} }, 'chain', `${takenOut} links of the chain`, chainMassG(takenOut));
  if (kind === 'replace') {
    move(off, from, 'chain', `chain, ${before} links`, chainMassG(before));
    move(on, to, 'chain', `chain, ${after} links`, chainMassG(after));
  }
  return { off, on };
}

const FRONT_NAME = 'front derailleur, with its shifter';
/** Spacers closer than this are the same ones, mm. */
const SPACER_SAME_MM = 0.15;

function chainWarning(chain: CardPart | undefined, links: number): string | undefined {
  if (chain?.chainLinks === undefined || chain.chainLinks >= links) return undefined;
  return `${chain.name} has ${chain.chainLinks} links, ${links - chain.chainLinks} too few: another chain, or links from a second one of the same sort`;
}
