import type { FindAim, FindResult, FoundFacts } from '../../core/find';
import { directPitches } from '../../core/fit';
import type { CardItem, Move } from '../../core/job';
import { CHAIN_G_A_LINK, COG_G, FRONT_MASS_G, RING_G } from '../../core/catalog/mass-by-teeth';
import { allDigits, fixed, short } from '../../ui/format';
import { costText, itemMassText, itemText, massText, priceText } from '../workshop/card-words';
import { type Units } from '../units/measures';
import { DEFINITION, type Explanation } from './explanation';
import { t } from './text';
import { firstOf, lastOf } from '../../core/items';

/** Why a setup is on the list, or is not. */
export function explainFront(
  { searched, met, front }: FindResult,
  rows: number,
  aims: readonly FindAim[],
  names: Readonly<Record<FindAim, string>>,
): Explanation {
  return {
    title: t('find.explainFront.title', { rows }),
    formula: t('find.explainFront.formula'),
    worked: [
      t('find.explainFront.worked.setupsEveryCombinationOfChainrings', { searched }),
      t('find.explainFront.worked.meetEveryNeed', { met }),
      t('find.explainFront.worked.criteria', { aims: aims.map((aim) => names[aim]).join(', ') }),
      t('find.explainFront.worked.eachOfTheIsCompared', { met, met2: met - front.length, frontCount: front.length }),
      ...(rows < front.length ? [t('find.explainFront.worked.setupsWithTheSameFigures', { rows })] : []),
    ],
    source: t('find.explainFront.source'),
    note: t('find.explainFront.note'),
  };
}

/** Explains the capacity with all gears: those that are left out on the bike belong to another combination. */
export function explainCapacityNeeded({ chainrings, cassette, build }: FoundFacts): Explanation {
  const required = build.capacityRequiredT;
  const [big, small] = [firstOf(chainrings), lastOf(chainrings)];
  const [largest, smallest] = [lastOf(cassette.cogs), firstOf(cassette.cogs)];
  const whole = `(${big} − ${small}) + (${largest} − ${smallest}) = ${big - small + largest - smallest}T`;
  return {
    title: t('find.explainCapacityNeeded.title', { required }),
    formula: t('find.explainCapacityNeeded.formula'),
    worked: [whole],
    source: DEFINITION,
  };
}

/** Explains what a setup costs: the same purchases as on the card of its job. */
export function explainCost({ buy, cost }: Pick<Move, 'buy' | 'cost'>, units: Units): Explanation {
  const hasForeignPrice = buy.some(({ currency }) => currency !== undefined);
  return {
    title: t('find.explainCost.title', {
      buyCount: buy.length === 0 ? 'yes' : 'no',
      cost: buy.length === 0 ? '' : costText(cost, units),
    }),
    formula: t('find.explainCost.formula'),
    worked:
      buy.length === 0
        ? [t('find.explainCost.worked.nothingMustBeBought')]
        : buy.map((one) => `${itemText(one)}: ${priceText(one, units)}`),
    source: t('find.explainCost.source'),
    note: t('find.explainCost.note', { hasForeignPrice: hasForeignPrice ? 'yes' : 'no' }),
  };
}

/** Explains what a setup weighs against the one on the bike: the same items as on the card of its job. */
export function explainMassChange(
  { off, on, massChange }: Pick<Move, 'off' | 'on' | 'massChange'>,
  units: Units,
): Explanation {
  const line = (sign: string) => (item: CardItem) => `${sign} ${itemText(item)}: ${itemMassText(item, units)}`;
  return {
    title: t('find.explainMassChange.title', { massChange: massText(massChange, units) }),
    formula: t('find.explainMassChange.formula'),
    worked:
      off.length + on.length === 0
        ? [t('find.explainMassChange.worked.noPartsChange')]
        : [...on.map(line('+')), ...off.map(line('−'))],
    source: t('find.explainMassChange.source', {
      ringg: allDigits(RING_G),
      cogg: allDigits(COG_G),
      allDigits: allDigits(1.5),
      chaingalink: allDigits(CHAIN_G_A_LINK),
      frontmassg: allDigits(FRONT_MASS_G),
    }),
    note: t('find.explainMassChange.note'),
  };
}

export function explainLinks({ chainrings, cassette, build }: FoundFacts, longestChainstayMm: number): Explanation {
  const [ring, cog] = [firstOf(chainrings), lastOf(cassette.cogs)];
  const direct = directPitches(ring, cog, longestChainstayMm);
  return {
    title: t('find.explainLinks.title', { chainLinks: build.chainLinks }),
    formula: t('find.explainLinks.formula'),
    worked: [
      t('find.explainLinks.worked.roundWithAChainstayOf', {
        ring,
        cog,
        longestChainstayMm: short(longestChainstayMm, 1),
        direct: fixed(direct, 2),
      }),
      t('find.explainLinks.worked.roundedUpToAnEven', { chainLinks: build.chainLinks }),
    ],
    source: t('find.explainLinks.source'),
  };
}
