import type { FindAim, FindResult, FoundFacts } from '../../core/find';
import { directPitches } from '../../core/fit';
import type { CardItem, Move } from '../../core/job';
import { CHAIN_G_A_LINK, COG_G, FRONT_MASS_G, RING_G } from '../../core/parts/mass-by-teeth';
import { allDigits, fixed, short } from '../format';
import { costText, itemMassText, itemText, massText, priceText } from '../shop/card-words';
import { type Units } from '../measures';
import { DEFINITION, type Explanation } from './explanation';

/** Why a setup is on the list, or is not. */
export function explainFront(
  { searched, met, front }: FindResult,
  rows: number,
  aims: readonly FindAim[],
  names: Readonly<Record<FindAim, string>>,
): Explanation {
  return {
    title: `${rows} that no other beats`,
    formula: 'A beats B: as good in every aim, and better in one at least',
    worked: [
      `${searched} setups: every choice of rings with every cassette`,
      `${met} of them meet every need`,
      `aims: ${aims.map((aim) => names[aim]).join(', ')}`,
      `each of the ${met} is compared with the others; ${met - front.length} are beaten by one of the ${front.length}`,
      ...(rows < front.length ? [`those with the same figures stand in one row: ${rows} rows`] : []),
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

/** Explains what a setup costs: the same purchases as on the card of its job. */
export function explainCost({ buy, cost }: Pick<Move, 'buy' | 'cost'>, units: Units): Explanation {
  return {
    title: `To buy: ${buy.length === 0 ? 'nothing' : costText(cost, units)}`,
    formula: 'cost = sum of the prices of what goes on and is not in stock',
    worked:
      buy.length === 0 ? ['nothing must be bought'] : buy.map((one) => `${itemText(one)}: ${priceText(one, units)}`),
    source:
      'Parts: the price of each part, where it has one. Else the prices under “What parts cost you”; grey ones are round sums of a middle sort.',
    note: 'A part is bought only where the present one would not go with the rest.',
  };
}

/** Explains what a setup weighs against the one on the bike: the same items as on the card of its job. */
export function explainMassChange(
  { off, on, massChange }: Pick<Move, 'off' | 'on' | 'massChange'>,
  units: Units,
): Explanation {
  const line = (sign: string) => (item: CardItem) => `${sign} ${itemText(item)}: ${itemMassText(item, units)}`;
  return {
    title: `Weight against A: ${massText(massChange, units)}`,
    formula: 'weight of what goes on − weight of what comes off',
    worked: off.length + on.length === 0 ? ['nothing moves'] : [...on.map(line('+')), ...off.map(line('−'))],
    source: `Parts, as weighed. “About”: estimated by teeth, for parts of a middle sort: rings ${allDigits(RING_G)} g × T², cogs ${allDigits(COG_G)} g × T^${allDigits(1.5)}, chain ${allDigits(CHAIN_G_A_LINK)} g a link, front derailleur with cable and shifter ${allDigits(FRONT_MASS_G)} g.`,
    note: 'Makers differ by a fifth and more: weigh before you pay for grams. A place in which one side has no weight is left out on both.',
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
    source: 'The default school of the trade; Compatibility shows the others.',
  };
}
