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
    title: `${rows} best trade-offs`,
    formula: 'A beats B if it is at least as good on every criterion and better on at least one',
    worked: [
      `${searched} setups: every combination of chainrings and cassette`,
      `${met} meet every need`,
      `criteria: ${aims.map((aim) => names[aim]).join(', ')}`,
      `each of the ${met} is compared with the others; ${met - front.length} are beaten by one of the ${front.length}`,
      ...(rows < front.length ? [`setups with the same figures share a row: ${rows} rows`] : []),
    ],
    source: 'Pareto comparison over every combination, not a sample.',
    note: 'Criteria are not weighted against each other; the trade-off is yours to make. Setups that are the same on all criteria stay together.',
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
  const hasForeignPrice = buy.some(({ currency }) => currency !== undefined);
  return {
    title: `To buy: ${buy.length === 0 ? 'nothing' : costText(cost, units)}`,
    formula: 'cost = sum of the prices of the parts that go on and are not in stock',
    worked:
      buy.length === 0 ? ['nothing must be bought'] : buy.map((one) => `${itemText(one)}: ${priceText(one, units)}`),
    source:
      'The price of each part, if it has one; otherwise the prices under “Part prices”. Grey prices are typical mid-range prices.',
    note: `A part is replaced only if the current one is not compatible.${hasForeignPrice ? ' A price in another currency is not converted: to sort by cost, and for the maximum cost, the price under “Part prices” stands in for it.' : ''}`,
  };
}

/** Explains what a setup weighs against the one on the bike: the same items as on the card of its job. */
export function explainMassChange(
  { off, on, massChange }: Pick<Move, 'off' | 'on' | 'massChange'>,
  units: Units,
): Explanation {
  const line = (sign: string) => (item: CardItem) => `${sign} ${itemText(item)}: ${itemMassText(item, units)}`;
  return {
    title: `Weight compared with A: ${massText(massChange, units)}`,
    formula: 'weight of what goes on − weight of what comes off',
    worked: off.length + on.length === 0 ? ['no parts change'] : [...on.map(line('+')), ...off.map(line('−'))],
    source: `Parts as weighed. “About” means estimated from teeth, for mid-range parts: rings ${allDigits(RING_G)} g × T², cogs ${allDigits(COG_G)} g × T^${allDigits(1.5)}, chain ${allDigits(CHAIN_G_A_LINK)} g per link, front derailleur with cable and shifter ${allDigits(FRONT_MASS_G)} g.`,
    note: 'Makers differ by 20 % and more: weigh parts before you pay for grams. If one side has no weight for a part, that part is left out on both sides.',
  };
}

export function explainLinks({ chainrings, cassette, build }: FoundFacts, longestChainstayMm: number): Explanation {
  const [ring, cog] = [chainrings[0]!, cassette.cogs.at(-1)!];
  const direct = directPitches(ring, cog, longestChainstayMm);
  return {
    title: `Chain: ${build.chainLinks} links`,
    formula: 'big-big + 2: straight round the largest ring and cog, rounded up to an even number, + 2',
    worked: [
      `round ${ring}/${cog} with a chainstay of ${short(longestChainstayMm, 1)} mm: ${fixed(direct, 2)} pitches`,
      `rounded up to an even number, + 2: ${build.chainLinks}`,
    ],
    source: 'The usual workshop method; Compatibility shows the others.',
  };
}
