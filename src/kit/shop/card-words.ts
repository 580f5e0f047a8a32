import { costInOwn, type CardItem, type Cost, type JobCard, type MassChange, type Purchase } from '../../core/job';
import { CARD_SLOT_TEXT, itemName, listed } from '../../messages/job';
import { capital, short } from '../format';
import { massChangeText, moneyText, partMassText, type Units } from '../measures';
import { SWAP_KIND_TEXT, minutesText } from './words';

/** A weight, marked where it is by teeth and not by a scale. */
export function itemMassText({ massG, isEstimate }: CardItem, units: Units): string {
  if (massG === undefined) return 'not weighed';
  if (massG === 0) return 'weighed with the crank';
  return `${isEstimate ? 'about ' : ''}${partMassText(units, massG)}`;
}

export function itemWhatText({ what }: CardItem): string {
  return CARD_SLOT_TEXT[what];
}

/** What an item is called on the card, with what is assumed of it. */
export function itemText(item: CardItem): string {
  return `${capital(itemName(item))}${item.isAssumed ? ' (assumed)' : ''}`;
}

const namesOf = (items: readonly CardItem[]) => listed([...new Set(items.map(itemName))]);

export function costText(cost: Cost, units: Units): string {
  const { sums, unpriced, isTyped } = costInOwn(cost, units.currency);
  const known = sums.map(({ sum, currency }) => moneyText(units, sum, currency)).join(' + ');
  if (isTyped) return `${known} (typed for the whole setup)`;
  if (unpriced.length === 0) return known === '' ? 'nothing to buy' : known;
  return `${known === '' ? 'no price' : known}, without ${namesOf(unpriced)}`;
}

/** What is to be bought and what it costs: "Cassette 10-44, 12 speed: €138". */
export function purchasesText({ buy, cost }: Pick<JobCard, 'buy' | 'cost'>, units: Units): string {
  return buy.length === 0 ? 'nothing' : `${namesOf(buy)}: ${costText(cost, units)}`;
}

export function priceText({ price, currency, isAssumedPrice, comesWith }: Purchase, units: Units): string {
  if (comesWith) return `with the ${CARD_SLOT_TEXT[comesWith]}`;
  if (price === undefined) return 'no price';
  return `${moneyText(units, price, currency)}${isAssumedPrice ? ', assumed' : ''}`;
}

/** What the bike gains or loses in weight, and how well that is known. */
export function massText({ grams, by, hasEstimates, unweighed }: MassChange, units: Units): string {
  if (grams === undefined) return unweighed.length > 0 ? 'weight not known' : 'no change in weight';
  const about = hasEstimates ? 'about ' : '';
  const without = unweighed.length > 0 ? `, without ${namesOf(unweighed)}` : '';
  return `${about}${massChangeText(units, grams)}${by === 'setups' ? ' by the weights of both setups' : ''}${without}`;
}

/** The job in one sentence: what it is, how long, what it costs and weighs. */
export function cardHeadline(card: JobCard, units: Units): string {
  if (card.kind === 'nothing') return 'Nothing differs from the bike as it is: there is nothing to do.';
  const buy = card.buy.length === 0 ? 'nothing to buy' : `to buy: ${costText(card.cost, units)}`;
  const short$ = card.isShort ? ', short card: all is known from last time' : '';
  return `${capital(SWAP_KIND_TEXT[card.kind])}, about ${minutesText(card.minutes)}${short$}; ${buy}; ${massText(card.massChange, units)}.`;
}

/** How the minutes of a card are known. */
export function timeText({ steps }: JobCard): string {
  const learned = steps.filter(({ learnedFrom }) => learnedFrom > 0);
  if (learned.length === 0) return '';
  const counts = learned.map(({ learnedFrom }) => learnedFrom);
  const [least, most] = [Math.min(...counts), Math.max(...counts)];
  const jobs = least === most ? `${least}` : `${least} to ${most}`;
  return `${learned.length} of ${steps.length} step times are medians of ${jobs} finished jobs of this kind; the rest are estimates.`;
}

/** What is assumed of the shifter, and why; undefined where nothing is. */
export function shifterText({ difference, from, to }: JobCard): string | undefined {
  if (difference.shifter !== 'assumed') return undefined;
  const cogs = to.setup.cogs.length;
  const { shifterSpeeds } = from.parts;
  return shifterSpeeds === undefined
    ? `Shifter: the number of cogs changes and the shifter’s speeds are not known. Read them off it first; a new ${cogs}-speed shifter is assumed.`
    : `Shifter: the one on the bike is for ${shifterSpeeds} speeds and the cassette has ${cogs} cogs. A new ${cogs}-speed shifter is assumed.`;
}

export function bScrewText({ difference, lastTime }: JobCard): string {
  if (lastTime.turns !== undefined) {
    const turns = Math.abs(lastTime.turns);
    return turns === 0
      ? 'B-tension screw: leave it, as last time.'
      : `B-tension screw: ${short(turns, 2)} ${turns === 1 ? 'turn' : 'turns'} ${lastTime.turns > 0 ? 'in (clockwise)' : 'out'}, as last time.`;
  }
  return {
    in: 'B-tension screw in (clockwise): the largest cog is larger.',
    out: 'B-tension screw out: the largest cog is smaller.',
    stays: 'B-tension screw stays: the largest cog is the same.',
  }[difference.bScrew];
}

export function spacerText({ difference, lastTime }: JobCard): string | undefined {
  if (!difference.cassette && !difference.freehub) return undefined;
  const spacerMm = difference.spacerMm ?? lastTime.spacerMm;
  if (spacerMm === undefined) return 'Spacer: measure freehub body and cassette; one of the two lengths is not known.';
  return spacerMm < 0
    ? `The cassette is ${short(-spacerMm, 2)} mm too long for the body: it does not go on.`
    : spacerMm === 0
      ? 'No spacer.'
      : `Spacer: ${short(spacerMm, 2)} mm.`;
}
