import { compareInOrder } from '../numbers';
import { sameTeeth } from '../catalog/cassettes';
import { factsOf, type FoundFacts } from './found';
import { missOf, type Miss } from './misses';
import { missedNeeds } from './needs';
import { factRulesOf, valuesOf, type FindInput } from './search';
import { firstOf, itemAt, lastOf } from '../items';

/** What one kind of change to the setup fitted now comes to. */
export interface Change {
  /** How many were tried. */
  readonly tried: number;
  /** Of those that meet the needs the one that changes least: fewest parts, then fewest teeth, then best by the aims. */
  readonly least: FoundFacts | undefined;
  /** Where none meets them, the one that comes closest. */
  readonly closest: Miss | undefined;
}

export interface LeastChange {
  readonly present: FoundFacts;
  /** Undefined where the setup fitted now meets the needs. */
  readonly presentMiss: Miss | undefined;
  /** One ring for another. */
  readonly ring: Change;
  readonly cassette: Change;
}

/** What the setup on the bike would need changed least. @param input a search of a bike */
export function leastChange(input: FindInput): LeastChange {
  const { bike, ringChoices, cassettes, needs, aims } = input;
  if (!bike) throw new RangeError('a least change is that of a bike');
  const rules = factRulesOf(input);
  const { chainrings, cogs } = bike.present.setup;
  const own = cassettes.find((one) => sameTeeth(one.cogs, cogs)) ?? { cogs };
  const facts = (rings: readonly number[], cassette: typeof own) => factsOf(rings, cassette, rules);

  const teeth = [...new Set(ringChoices.flat())];
  const otherRings = chainrings.flatMap((_, place) =>
    teeth
      .map((ring) => chainrings.map((now, i) => (i === place ? ring : now)))
      .filter((rings) => rings[place] !== chainrings[place] && ringChoices.some((choice) => sameTeeth(choice, rings))),
  );
  const ringsApart = ({ chainrings: other }: FoundFacts) =>
    other.reduce((sum, ring, place) => sum + Math.abs(ring - itemAt(chainrings, place)), 0);
  const cogsApart = ({ cassette }: FoundFacts) =>
    Math.abs(firstOf(cassette.cogs) - firstOf(cogs)) + Math.abs(lastOf(cassette.cogs) - lastOf(cogs));
  const present = facts(chainrings, own);
  const missed = missedNeeds(present, needs);
  return {
    present,
    presentMiss: missed.length > 0 ? missOf(present, missed, needs) : undefined,
    ring: least(
      otherRings.map((rings) => facts(rings, own)),
      ringsApart,
    ),
    cassette: least(
      cassettes.filter((one) => !sameTeeth(one.cogs, cogs)).map((one) => facts(chainrings, one)),
      cogsApart,
    ),
  };

  function least(all: readonly FoundFacts[], apart: (one: FoundFacts) => number): Change {
    const rank = (one: FoundFacts) => [one.build.buy.length, apart(one), ...valuesOf(one, aims, 0)];
    const misses = all.map((one) => missOf(one, missedNeeds(one, needs), needs));
    const meets = misses.filter((miss) => miss.missed.length === 0).map((miss) => miss.facts);
    const best = (by: (one: FoundFacts) => readonly number[], of: readonly FoundFacts[]) =>
      of.reduce<FoundFacts | undefined>(
        (so, one) => (!so || compareInOrder(by(one), by(so)) < 0 ? one : so),
        undefined,
      );
    return {
      tried: all.length,
      least: best(rank, meets),
      closest:
        meets.length > 0
          ? undefined
          : misses.reduce<Miss | undefined>((so, one) => (!so || one.distance < so.distance ? one : so), undefined),
    };
  }
}
