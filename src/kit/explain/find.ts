import {
  PART_KINDS,
  ownPrices,
  priceOf,
  type FindAim,
  type FindResult,
  type FoundFacts,
  type PartKind,
  type Prices,
} from '../../core/find';
import { directPitches } from '../../core/fit';
import type { Setup } from '../../core/gears';
import { allDigits, fixed, short } from '../format';
import { DEFINITION, type Explanation } from './explanation';

/** Why a setup is on the list, or is not. */
export function explainFront(
  { searched, met, front }: FindResult,
  aims: readonly FindAim[],
  names: Readonly<Record<FindAim, string>>,
): Explanation {
  return {
    title: `${front.length} that no other beats`,
    formula: 'A beats B: as good in every aim, and better in one at least',
    worked: [
      `${searched} setups: every choice of rings with every cassette`,
      `${met} of them meet every need`,
      `aims: ${aims.map((aim) => names[aim]).join(', ')}`,
      `each of the ${met} is held against the others; ${met - front.length} are beaten by one of the ${front.length}`,
    ],
    source: 'Pareto’s order; worked out for all of them, none is left to chance.',
    note: 'No aim is weighed against another: what you give up for what is yours to say. Setups that are alike in all aims stay together.',
  };
}

/** Explains the capacity with all gears: those that are left out on the bike belong to another combination. */
export function explainCapacityAsked({ chainrings, cassette, build }: FoundFacts): Explanation {
  const required = build.capacityRequiredT;
  const [big, small] = [chainrings[0]!, chainrings.at(-1)!];
  const [largest, smallest] = [cassette.cogs.at(-1)!, cassette.cogs[0]!];
  const whole = `(${big} − ${small}) + (${largest} − ${smallest}) = ${big - small + largest - smallest}T`;
  return {
    title: `Capacity asked for: ${required}T`,
    formula: 'capacity = (big ring − small ring) + (largest cog − smallest cog)',
    worked: [whole],
    source: DEFINITION,
  };
}

export function explainCost(
  { build, cassette, cost }: FoundFacts,
  prices: Prices,
  names: Readonly<Record<PartKind, string>>,
): Explanation {
  const count = (part: PartKind) => build.newParts.filter((one) => one === part).length;
  const bought = PART_KINDS.filter((part) => count(part) > 0);
  return {
    title: `Cost: ${short(cost, 2)}`,
    formula: 'cost = sum of the prices of the parts that must be bought',
    worked:
      bought.length === 0
        ? ['nothing must be bought']
        : bought.map(
            (part) =>
              `${count(part)} × ${names[part]} at ${short(priceOf(part, prices, ownPrices({ cassette, build })), 2)}`,
          ),
    source: 'The prices that stand under “What parts cost you”; grey ones are round sums of a middle sort.',
    note: 'A part is bought only where the present one would not go with the rest.',
  };
}

export function explainMassChange(
  { chainrings, cassette, build, massG, massChangeG }: FoundFacts,
  present: Setup,
): Explanation {
  return {
    title: `Weight against A: ${fixed(massChangeG, 0)} g, an estimate`,
    formula: `rings ${allDigits(0.045)} g × T², cogs ${allDigits(0.31)} g × T^${allDigits(1.5)}, chain ${allDigits(2.25)} g a link, front derailleur with cable and shifter 230 g`,
    worked: [
      `${chainrings.join('/')} x ${cassette.cogs.join('-')}, ${build.chainLinks} links: ${fixed(massG, 0)} g`,
      `A, ${present.chainrings.join('/')} x ${present.cogs.join('-')}, alike: ${fixed(massG - massChangeG, 0)} g`,
    ],
    source: 'Estimated by teeth, for parts of a middle sort.',
    note: 'Makers differ by a fifth and more: weigh before you pay for grams.',
  };
}

export function explainLinks({ chainrings, cassette, build }: FoundFacts, longestChainstayMm: number): Explanation {
  const [ring, cog] = [chainrings[0]!, cassette.cogs.at(-1)!];
  const direct = directPitches(ring, cog, longestChainstayMm);
  return {
    title: `Chain: ${build.chainLinks} links`,
    formula: 'big-big + 2: straight round the largest ring and cog, up to an even count, and two more',
    worked: [
      `round ${ring}/${cog} with a chainstay of ${short(longestChainstayMm, 1)} mm: ${fixed(direct, 2)} pitches`,
      `up to an even count, + 2: ${build.chainLinks}`,
    ],
    source: 'The default school of the trade; Fit shows the others.',
  };
}
