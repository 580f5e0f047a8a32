import { compareInOrder } from '../numbers';
import { DEFAULT_PRICES, type Prices } from '../catalog/price-list';
import { aimValue, type FindAim } from './aims';
import { SetupBuilder, type FindBike } from './builder';
import { factsOf, type CassetteOption, type FactRules, type Found, type FoundFacts } from './found';
import type { FindRiding } from './gearing';
import { ClosestMisses, type Miss } from './misses';
import { FIND_NEEDS, missedNeeds, type FindNeed, type FindNeeds } from './needs';
import { ParetoFront, beats } from './pareto';
import { LAYOUTS, layoutOf, type Layout } from './ring-choices';
import { firstOf, itemAt, lastOf, definite } from '../items';

/** A route or a ride on which the time outside the cadence range is counted. */
export interface FindRoad {
  /** Exact, s; takes its time. Past `stopAboveS` it may answer with anything above that. */
  readonly outOfBandS: (chainrings: readonly number[], cogs: readonly number[], stopAboveS?: number) => number;
  /** Never more than the exact one, and quick. */
  readonly outOfBandAtLeastS: (chainrings: readonly number[], cogs: readonly number[]) => number;
}

export interface FindInput {
  readonly ringChoices: readonly (readonly number[])[];
  readonly cassettes: readonly CassetteOption[];
  readonly riding: FindRiding;
  readonly needs: FindNeeds;
  /** At least one, most important first. */
  readonly aims: readonly FindAim[];
  readonly bike?: FindBike | undefined;
  readonly prices?: Prices | undefined;
  /** Required if `outOfBand` is among the criteria. */
  readonly road?: FindRoad | undefined;
}

/** How far a search is. */
export interface FindProgress {
  /** `sieving`: by the needs. `weighing`: what meets them, against each other. `riding`: the same, on the chosen road. */
  readonly phase: 'sieving' | 'weighing' | 'riding';
  readonly done: number;
  readonly total: number;
  readonly met: number;
  /** None of those that were weighed or ridden so far beats these. */
  readonly front: () => readonly Found[];
}

/** Result of a search for 1x, or for 2x. */
interface LayoutResult {
  readonly met: number;
  /** Of those that meet, the best in the first aim, of equals in the next. */
  readonly best: Found | undefined;
  /** For each set of needs that is missed together the setup that misses them by least, the closest first. */
  readonly closest: readonly Miss[];
}

export interface FindResult {
  /** Every ring choice with every cassette. */
  readonly searched: number;
  readonly met: number;
  /** How many of those are known to be compatible; the others may be. */
  readonly compatible: number;
  /** Number of setups rejected by each need, in the order of the needs: a setup is rejected by the first that it misses. */
  readonly fellAt: Readonly<Record<FindNeed, number>>;
  /** How many meet every need but this one: so many more would meet them all without it. */
  readonly onlyMissed: Readonly<Record<FindNeed, number>>;
  /** Those that none beats on all aims. */
  readonly front: readonly Found[];
  readonly layouts: Readonly<Record<Layout, LayoutResult>>;
  /** How many were ridden through the road; the others were beaten before. */
  readonly ridden: number;
}

/** The closest misses of both layouts together, the closest first. */
export function closestMisses({ layouts }: FindResult, count: number): readonly Miss[] {
  return LAYOUTS.flatMap((layout) => layouts[layout].closest)
    .sort((a, b) => a.distance - b.distance)
    .slice(0, count);
}

/** Setups between two reports of progress. */
const CHUNK = 256;

/** What the facts of a search are worked out with. */
export function factRulesOf({ riding, prices = DEFAULT_PRICES, bike }: FindInput): FactRules {
  return { riding, builder: bike && new SetupBuilder(bike, prices) };
}

/** A front for each layout: 1x has one even if 2x dominates it. */
class Fronts {
  private readonly byLayout: Readonly<Record<Layout, ParetoFront<Found>>>;

  constructor(aims: number) {
    this.byLayout = { '1x': new ParetoFront(aims), '2x': new ParetoFront(aims) };
  }

  of(chainrings: readonly number[]): ParetoFront<Found> {
    return this.byLayout[layoutOf(chainrings)];
  }

  together(): readonly Found[] {
    const [one, two] = LAYOUTS.map((layout) => this.byLayout[layout].members);
    const unbeatenBy = (others: readonly Found[]) => (found: Found) =>
      !others.some(({ values }) => beats(values, found.values));
    return [...definite(one).filter(unbeatenBy(definite(two))), ...definite(two).filter(unbeatenBy(definite(one)))];
  }

  best(layout: Layout): Found | undefined {
    const { members } = this.byLayout[layout];
    if (members.length === 0) return undefined;
    // What is known to be compatible first, then what every shop has.
    const inOrder = ({ values }: Found) => [itemAt(values, values.length - 2), lastOf(values), ...values];
    return members.reduce((best, one) => (compareInOrder(inOrder(one), inOrder(best)) < 0 ? one : best));
  }
}

/**
 * Searches a whole space, exactly. First every setup is sieved by the needs; those that meet them are
 * weighed against each other. With a road among the aims they are ridden through it as well, the most
 * promising first: not at all where one that was ridden beats all that they can reach, and no farther
 * than to where one does.
 * Yields its progress regularly, so that the caller can report, pause or stop.
 */
export function* searchSetups(input: FindInput): Generator<FindProgress, FindResult> {
  const { ringChoices, cassettes, needs, aims, road } = input;
  const rules = factRulesOf(input);
  const total = ringChoices.length * cassettes.length;
  const fellAt = Object.fromEntries(FIND_NEEDS.map((need) => [need, 0])) as Record<FindNeed, number>;
  const rides = aims.includes('outOfBand') && road !== undefined;
  const left: FoundFacts[] = [];
  const fronts = new Fronts(aims.length + BEHIND_AIMS);
  const front = () => fronts.together();
  const met: Record<Layout, number> = { '1x': 0, '2x': 0 };
  const closest: Record<Layout, ClosestMisses> = { '1x': new ClosestMisses(needs), '2x': new ClosestMisses(needs) };
  const onlyMissed = Object.fromEntries(FIND_NEEDS.map((need) => [need, 0])) as Record<FindNeed, number>;
  let compatible = 0;
  let done = 0;
  for (const chainrings of ringChoices) {
    const layout = layoutOf(chainrings);
    for (const cassette of cassettes) {
      const facts = factsOf(chainrings, cassette, rules);
      const missed = missedNeeds(facts, needs);
      if (missed.length > 0) {
        fellAt[firstOf(missed).need] += 1;
        if (missed.length === 1) onlyMissed[firstOf(missed).need] += 1;
        closest[layout].add(facts, missed);
      } else {
        met[layout] += 1;
        if (facts.build.doubts.length === 0) compatible += 1;
        left.push(facts);
      }
      done += 1;
      if (done % CHUNK === 0) yield { phase: 'sieving', done, total, met: met['1x'] + met['2x'], front };
    }
  }
  const ridden = rides ? yield* rideThose(left, aims, road, fronts) : 0;
  if (!rides) yield* weighThose(left, aims, fronts);
  const resultOf = (layout: Layout): LayoutResult => ({
    met: met[layout],
    best: fronts.best(layout),
    closest: closest[layout].ranked(),
  });
  return {
    searched: total,
    met: met['1x'] + met['2x'],
    compatible,
    fellAt,
    onlyMissed,
    front: front(),
    layouts: { '1x': resultOf('1x'), '2x': resultOf('2x') },
    ridden,
  };
}

function* weighThose(left: readonly FoundFacts[], aims: readonly FindAim[], fronts: Fronts): Generator<FindProgress> {
  const front = () => fronts.together();
  for (const [done, found] of bestFirst(left, aims).entries()) {
    if (done % CHUNK === 0) yield { phase: 'weighing', done, total: left.length, met: left.length, front };
    fronts.of(found.chainrings).add(found);
  }
}

/**
 * In an order in which a dominating setup precedes the dominated one, so that a front hardly ever has to drop
 * a member: by the sum of the values, each as a share of its span.
 */
function bestFirst(left: readonly FoundFacts[], aims: readonly FindAim[]): readonly Found[] {
  const all = left.map((facts): Found => ({ ...facts, outOfBandS: undefined, values: valuesOf(facts, aims, 0) }));
  const spans = Array.from({ length: aims.length + BEHIND_AIMS }, (_, a) => {
    let [least, most] = [Infinity, -Infinity];
    for (const { values } of all) {
      least = Math.min(least, itemAt(values, a));
      most = Math.max(most, itemAt(values, a));
    }
    return { least, span: most > least ? most - least : 1 };
  });
  const score = ({ values }: Found) =>
    values.reduce((sum, value, a) => sum + (value - itemAt(spans, a).least) / itemAt(spans, a).span, 0);
  return all
    .map((found) => ({ found, score: score(found) }))
    .sort((a, b) => a.score - b.score)
    .map(({ found }) => found);
}

function* rideThose(
  left: readonly FoundFacts[],
  aims: readonly FindAim[],
  road: FindRoad,
  fronts: Fronts,
): Generator<FindProgress, number> {
  const at = aims.indexOf('outOfBand');
  const promising = bestFirst(left, aims)
    .map((facts) => ({ facts, atLeastS: road.outOfBandAtLeastS(facts.chainrings, facts.cassette.cogs) }))
    .sort((a, b) => a.atLeastS - b.atLeastS);
  let ridden = 0;
  for (const [done, { facts, atLeastS }] of promising.entries()) {
    yield { phase: 'riding', done, total: left.length, met: left.length, front: () => fronts.together() };
    const { chainrings, cassette } = facts;
    const front = fronts.of(chainrings);
    const values = valuesOf(facts, aims, atLeastS);
    // Whatever it reaches is no better than this: beaten so, it is beaten.
    if (front.isBeaten(values)) continue;
    // Past this one of the others beats it.
    const limitS = front.limit(values, at);
    ridden += 1;
    const outOfBandS = road.outOfBandS(chainrings, cassette.cogs, limitS);
    if (outOfBandS > limitS) continue;
    front.add({ ...facts, outOfBandS, values: valuesOf(facts, aims, outOfBandS) });
  }
  return ridden;
}

/** Number of values after those of the criteria. */
const BEHIND_AIMS = 2;

/**
 * The values of a setup in the aims; then 1 where it only may be compatible, else 0; then 1 where not every shop has its
 * ring or cassette, else 0. So what is known to be compatible, and what every shop has, is never beaten by what is not.
 */
export function valuesOf(facts: FoundFacts, aims: readonly FindAim[], outOfBandS: number): number[] {
  const values = aims.map((aim) => (aim === 'outOfBand' ? outOfBandS : aimValue(aim, facts)));
  values.push(facts.build.doubts.length > 0 ? 1 : 0, facts.build.lessCommon ? 1 : 0);
  return values;
}

/** Runs a search to its end without a stop. */
export function findSetups(input: FindInput): FindResult {
  const search = searchSetups(input);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}
