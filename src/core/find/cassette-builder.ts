import { atLeast } from '../numbers';
import { COG_COUNT, COG_TEETH, speedKmh, zoneOf } from '../gears';
import { within } from '../numbers';
import { GENERIC_CASSETTES, sameTeeth } from '../catalog/cassettes';
import { message, type Message } from '../message';
import { firstOf, itemAt, lastOf, definite } from '../items';

/** What a cassette is built to. */
export interface CassetteRule {
  readonly count: number;
  readonly smallestT: number;
  readonly largestT: number;
  readonly forced: readonly number[];
  readonly forbidden: readonly number[];
  /** Available cogs, if only those may be used. */
  readonly only?: readonly number[] | undefined;
}

/** Speeds in which steps are to be fine, and the ring, wheel and cadence at which cogs come to speeds. */
export interface CogZone {
  readonly fromKmh: number;
  readonly toKmh: number;
  readonly chainring: number;
  readonly rolloutMm: number;
  readonly cadenceRpm: number;
}

/** A cog that was wanted, as a share of the riding; between two whole cogs where the gear came from another setup. */
export interface CogWanted {
  readonly teeth: number;
  readonly seconds: number;
}

/** What makes one cassette better than another. */
export type CassetteGoal =
  /** The least largest step; of equals the evenest (least sum of squared log steps). */
  | { readonly kind: 'even' }
  /** The least largest step in the zone; of equals the least outside; then the evenest. */
  | { readonly kind: 'zone'; readonly zone: CogZone }
  /** The least mean distance, squared, on a log scale and by time, from the cogs that were wanted to the nearest there is. */
  | { readonly kind: 'use'; readonly wanted: readonly CogWanted[] };

export interface CassetteFigures {
  /** As a share of the smaller cog: the speed step. */
  readonly largestStep: number;
  readonly meanStep: number;
  /** Largest in the zone; undefined without a zone, 0 where no step falls in it. */
  readonly largestInZone: number | undefined;
  /** Root of the goal's mean squared distance between the ends, as ln of teeth; undefined where nothing was wanted there. */
  readonly distance: number | undefined;
  /** Share of the wanted riding beyond the ends, whichever cogs are between them; undefined without wishes. */
  readonly beyondEnds: number | undefined;
}

export type CassetteBuilt =
  | { readonly ok: true; readonly cogs: readonly number[]; readonly figures: CassetteFigures }
  | { readonly ok: false; readonly message: Message };

/** Builds the best cassette there is to a goal, by dynamic programming over cogs: exact. */
export function buildCassette(rule: CassetteRule, goal: CassetteGoal): CassetteBuilt {
  const problem = checkRule(rule);
  if (problem) return { ok: false, message: problem };
  const teeth = teethFor(rule);
  const cogs = bestCogs(teeth, rule, goal);
  return { ok: true, cogs, figures: cassetteFigures(cogs, goal) };
}

/** Shares by which the cogs of a cassette grow, from the smallest up. */
export function cogSteps(cogs: readonly number[]): number[] {
  return cogs.slice(1).map((cog, i) => (cog - itemAt(cogs, i)) / itemAt(cogs, i));
}

/** What cassettes are compared by. */
export function cassetteFigures(cogs: readonly number[], goal: CassetteGoal): CassetteFigures {
  const steps = cogSteps(cogs);
  const inZone = (zone: CogZone) => steps.filter((_, i) => isInZone(itemAt(cogs, i), itemAt(cogs, i + 1), zone));
  return {
    largestStep: Math.max(0, ...steps),
    meanStep: steps.length > 0 ? Math.expm1(Math.log(lastOf(cogs) / firstOf(cogs)) / steps.length) : 0,
    largestInZone: goal.kind === 'zone' ? Math.max(0, ...inZone(goal.zone)) : undefined,
    distance: goal.kind === 'use' ? distanceTo(cogs, goal.wanted) : undefined,
    beyondEnds: goal.kind === 'use' ? beyondEnds(cogs, goal.wanted) : undefined,
  };
}

/** The cassette that can be bought and comes nearest: as many cogs, the least difference cog by cog on a log scale. */
export function nearestBought(cogs: readonly number[]): readonly number[] | undefined {
  const apart = (other: readonly number[]) =>
    other.reduce((sum, cog, i) => sum + Math.abs(Math.log(cog / itemAt(cogs, i))), 0);
  return GENERIC_CASSETTES.map((one) => one.cogs)
    .filter((other) => other.length === cogs.length && !sameTeeth(other, cogs))
    .reduce<readonly number[] | undefined>((best, one) => (!best || apart(one) < apart(best) ? one : best), undefined);
}

/** Why a rule allows no cassette, with the numbers; undefined where it allows one. */
function checkRule(rule: CassetteRule): Message | undefined {
  const { count, smallestT, largestT, forced, forbidden, only } = rule;
  if (!Number.isInteger(count) || !within(count, COG_COUNT)) {
    return message('find.cassette.count', { cogs: count, ...COG_COUNT });
  }
  for (const [what, teeth] of [
    ['smallest', smallestT],
    ['largest', largestT],
  ] as const) {
    if (Number.isInteger(teeth) && within(teeth, COG_TEETH)) continue;
    return message(`find.cassette.${what}`, { teeth, ...COG_TEETH });
  }
  if (count === 1 ? smallestT !== largestT : smallestT >= largestT) {
    const ends = { cogs: count, smallest: smallestT, largest: largestT };
    return message(count === 1 ? 'find.cassette.endsNotAlike' : 'find.cassette.endsNotRising', ends);
  }
  const outside = forced.filter((cog) => cog < smallestT || cog > largestT);
  if (outside.length > 0) {
    return message('find.cassette.outside', { cogs: outside.map(String), smallest: smallestT, largest: largestT });
  }
  const both = forced.filter((cog) => forbidden.includes(cog));
  if (both.length > 0) return message('find.cassette.forbiddenToo', { cogs: both.map(String) });
  const missing = [...new Set([smallestT, largestT, ...forced])].filter((cog) => !teethFor(rule).includes(cog));
  if (missing.length > 0) {
    const isNotAtHand = only && !missing.some((cog) => forbidden.includes(cog));
    return message(isNotAtHand ? 'find.cassette.notAtHand' : 'find.cassette.forbidden', { cogs: missing.map(String) });
  }
  const must = new Set([smallestT, largestT, ...forced]);
  if (must.size > count) {
    const cogs = [...must].sort((a, b) => a - b).join('-');
    return message('find.cassette.tooMany', { count: must.size, cogs, most: count });
  }
  const allowed = teethFor(rule).length;
  if (allowed < count) {
    return message('find.cassette.tooFew', { cogs: count, smallest: smallestT, largest: largestT, allowed });
  }
  return undefined;
}

function teethFor({ smallestT, largestT, forbidden, only }: CassetteRule): number[] {
  const all = Array.from({ length: largestT - smallestT + 1 }, (_, i) => smallestT + i);
  return all.filter((cog) => !forbidden.includes(cog) && (!only || only.includes(cog)));
}

/** A step between two neighbouring cogs, or its price. */
type OfStep<T> = (smaller: number, larger: number) => T;

const logStep: OfStep<number> = (smaller, larger) => Math.log(larger / smaller);
const squared: OfStep<number> = (smaller, larger) => logStep(smaller, larger) ** 2;

function bestCogs(teeth: readonly number[], rule: CassetteRule, goal: CassetteGoal): readonly number[] {
  const cheapest = (price: OfStep<number>, sum: 'max' | 'add', allowed: OfStep<boolean>) =>
    definite(chain(teeth, rule, price, sum, allowed));
  const any = () => true;
  if (goal.kind === 'use') return cheapest(segmentPrice(goal.wanted), 'add', any).cogs;
  const inside: OfStep<boolean> = goal.kind === 'zone' ? (a, b) => isInZone(a, b, goal.zone) : any;
  // One bound after the other, each the least that those before it leave: then the evenest within them.
  const most = cheapest((a, b) => (inside(a, b) ? logStep(a, b) : 0), 'max', any).price;
  const within1: OfStep<boolean> = (a, b) => !inside(a, b) || atLeast(most, logStep(a, b));
  if (goal.kind === 'even') return cheapest(squared, 'add', within1).cogs;
  const mostOutside = cheapest((a, b) => (inside(a, b) ? 0 : logStep(a, b)), 'max', within1).price;
  const within2: OfStep<boolean> = (a, b) => within1(a, b) && (inside(a, b) || atLeast(mostOutside, logStep(a, b)));
  return cheapest(squared, 'add', within2).cogs;
}

interface Chain {
  readonly price: number;
  readonly cogs: readonly number[];
}

/**
 * The cheapest choice of `count` cogs from the smallest to the largest that leaves out none that is
 * forced: the best chain of k cogs that ends on each, from those of k − 1.
 */
function chain(
  teeth: readonly number[],
  { count, forced }: CassetteRule,
  price: OfStep<number>,
  sum: 'max' | 'add',
  allowed: OfStep<boolean>,
): Chain | undefined {
  let ending = new Map<number, Chain>([[firstOf(teeth), { price: 0, cogs: [firstOf(teeth)] }]]);
  for (let cogs = 2; cogs <= count; cogs += 1) {
    const next = new Map<number, Chain>();
    for (const [smaller, before] of ending) {
      for (const larger of teeth) {
        if (larger <= smaller) continue;
        if (forced.some((cog) => cog > smaller && cog < larger)) break;
        if (!allowed(smaller, larger)) continue;
        const own = price(smaller, larger);
        const total = sum === 'max' ? Math.max(before.price, own) : before.price + own;
        const known = next.get(larger);
        if (!known || total < known.price) next.set(larger, { price: total, cogs: [...before.cogs, larger] });
      }
    }
    ending = next;
  }
  return ending.get(lastOf(teeth));
}

/** Whether a step is within the zone: its speed is that of the geometric mean of its gears at the cadence. */
function isInZone(
  smaller: number,
  larger: number,
  { fromKmh, toKmh, chainring, rolloutMm, cadenceRpm }: CogZone,
): boolean {
  const developmentM = ((chainring / Math.sqrt(smaller * larger)) * rolloutMm) / 1000;
  return zoneOf(speedKmh(developmentM, cadenceRpm), { climbingBelowKmh: fromKmh, fastAboveKmh: toKmh }) === 'between';
}

/** What the wanted cogs between two neighbours cost, each from the nearer of the two. Those beyond the ends cost every choice alike. */
function segmentPrice(wanted: readonly CogWanted[]): OfStep<number> {
  return (smaller, larger) => {
    let sum = 0;
    for (const { teeth, seconds } of wanted) {
      if (teeth < smaller || teeth >= larger) continue;
      sum += seconds * Math.min(logStep(smaller, teeth), logStep(teeth, larger)) ** 2;
    }
    return sum;
  };
}

const total = (wanted: readonly CogWanted[]) => wanted.reduce((sum, { seconds }) => sum + seconds, 0);
const between = (cogs: readonly number[], wanted: readonly CogWanted[]) =>
  wanted.filter(({ teeth }) => teeth >= firstOf(cogs) && teeth <= lastOf(cogs));

function distanceTo(cogs: readonly number[], wanted: readonly CogWanted[]): number | undefined {
  const inside = between(cogs, wanted);
  if (inside.length === 0) return undefined;
  const nearest = (teeth: number) => Math.min(...cogs.map((cog) => Math.abs(Math.log(teeth / cog))));
  const sum = inside.reduce((so, { teeth, seconds }) => so + seconds * nearest(teeth) ** 2, 0);
  return Math.sqrt(sum / total(inside));
}

function beyondEnds(cogs: readonly number[], wanted: readonly CogWanted[]): number | undefined {
  return wanted.length === 0 ? undefined : 1 - total(between(cogs, wanted)) / total(wanted);
}
