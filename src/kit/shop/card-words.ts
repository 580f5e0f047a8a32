import type { CardItem, Cost, JobCard, Purchase } from '../../core/swap';
import { capital, fixed, short } from '../format';
import { CARD_SLOT_TEXT, SWAP_KIND_TEXT, massChangeText, minutesText, moneyText } from './words';

/** A weight, marked where it is by teeth and not by a scale. */
export function itemMassText({ massG, isEstimate }: CardItem): string {
  if (massG === undefined) return 'not weighed';
  return `${isEstimate ? 'about ' : ''}${fixed(massG, 0)} g`;
}

export function itemWhatText({ what }: CardItem): string {
  return CARD_SLOT_TEXT[what];
}

export function costText({ sums, unpriced }: Cost): string {
  const known = sums.map(({ sum, currency }) => moneyText(sum, currency)).join(' + ');
  if (unpriced.length === 0) return known === '' ? 'nothing to buy' : known;
  return `${known === '' ? 'no price' : known}, without ${unpriced.join(', ')}`;
}

export function priceText({ price, currency, isAssumed }: Purchase): string {
  if (price === undefined) return 'no price';
  return `${moneyText(price, currency)}${isAssumed ? ', assumed' : ''}`;
}

/** The job in one sentence: what it is, how long, what it costs and weighs. */
export function cardHeadline(card: JobCard): string {
  if (card.kind === 'nothing') return 'Nothing differs: there is nothing to do.';
  const weight =
    card.unweighed.length > 0 && card.massChangeG === 0
      ? 'weight not known'
      : `${card.hasEstimates ? 'about ' : ''}${massChangeText(card.massChangeG)}${card.unweighed.length > 0 ? `, without ${[...new Set(card.unweighed)].join(', ')}` : ''}`;
  const buy = card.buy.length === 0 ? 'nothing to buy' : `to buy: ${costText(card.cost)}`;
  return `${capital(SWAP_KIND_TEXT[card.kind])}, about ${minutesText(card.minutes)}; ${buy}; ${weight}.`;
}

export function chainText({ difference, linksToAdd, chainWarning }: JobCard): string {
  const { kind, before, isCounted, after, takenOut } = difference.chain;
  const count = isCounted ? '' : ` Nobody has counted the old one; ${before} links are assumed.`;
  const warning = chainWarning ? ` ${chainWarning}.` : '';
  if (kind === 'keep') return `Chain stays: ${after} links.${count}`;
  if (kind === 'shorten') return `Chain: take ${takenOut} links out, ${before} become ${after}.${count}`;
  if (linksToAdd === 0) return `A new chain of ${after} links, as many as before.${count}${warning}`;
  const more = linksToAdd > 0 ? `${linksToAdd} more than` : `${-linksToAdd} fewer than`;
  return `A new chain of ${after} links, ${more} now.${count}${warning}`;
}

export function bScrewText({ difference }: JobCard): string {
  return {
    in: 'B-screw in (clockwise): the largest cog is larger.',
    out: 'B-screw out, as close as clears: the largest cog is smaller.',
    stays: 'B-screw stays: the largest cog is the same.',
  }[difference.bScrew];
}

export function spacerText({ difference }: JobCard): string | undefined {
  if (!difference.cassette && !difference.freehub) return undefined;
  const { spacerMm } = difference;
  if (spacerMm === undefined) return 'Spacer: measure body and cassette; one of the two lengths is not known.';
  return spacerMm < 0
    ? `The cassette is ${short(-spacerMm, 2)} mm too long for the body: it does not go on.`
    : spacerMm === 0
      ? 'No spacer.'
      : `Spacer: ${short(spacerMm, 2)} mm.`;
}
