import { costInOwn, type CardItem, type Cost, type JobCard, type MassChange, type Purchase } from '../../core/job';
import { CARD_SLOT_TEXT, itemName, listed } from '../../messages/job';
import { capital, short } from '../../ui/format';
import { massChangeText, moneyText, partMassText, type Units } from '../units/measures';
import { SWAP_KIND_TEXT, minutesText } from './words';
import { t } from './text';

/** A weight, marked where it is by teeth and not by a scale. */
export function itemMassText({ massG, isEstimate }: CardItem, units: Units): string {
  if (massG === undefined) return t('cardWords.itemMassText.notWeighed');
  if (massG === 0) return t('cardWords.itemMassText.weighedWithTheCrank');
  return t('cardWords.itemMassText.isEstimate', {
    isEstimate: isEstimate ? 'yes' : 'no',
    massG: partMassText(units, massG),
  });
}

export function itemWhatText({ what }: CardItem): string {
  return CARD_SLOT_TEXT[what];
}

/** What an item is called on the card, with what is assumed of it. */
export function itemText(item: CardItem): string {
  return t('cardWords.itemText.isAssumed', { item: capital(itemName(item)), isAssumed: item.isAssumed ? 'yes' : 'no' });
}

const namesOf = (items: readonly CardItem[]) => listed([...new Set(items.map(itemName))]);

export function costText(cost: Cost, units: Units): string {
  const { sums, unpriced, isTyped } = costInOwn(cost, units.currency);
  const known = sums.map(({ sum, currency }) => moneyText(units, sum, currency)).join(' + ');
  if (isTyped) return t('cardWords.costText.typedForTheWholeSetup', { known });
  if (unpriced.length === 0) return known === '' ? t('cardWords.costText.nothingToBuy') : known;
  return t('cardWords.costText.knownWithout', {
    known: known === '' ? 'yes' : 'no',
    known2: known === '' ? '' : known,
    unpriced: namesOf(unpriced),
  });
}

/** What is to be bought and what it costs: "Cassette 10-44, 12 speed: €138". */
export function purchasesText({ buy, cost }: Pick<JobCard, 'buy' | 'cost'>, units: Units): string {
  return buy.length === 0 ? t('cardWords.purchasesText.nothing') : `${namesOf(buy)}: ${costText(cost, units)}`;
}

export function priceText({ price, currency, isAssumedPrice, comesWith }: Purchase, units: Units): string {
  if (comesWith) return t('cardWords.priceText.withThe', { comesWith: CARD_SLOT_TEXT[comesWith] });
  if (price === undefined) return t('cardWords.priceText.noPrice');
  return t('cardWords.priceText.isAssumedPrice', {
    price: moneyText(units, price, currency),
    isAssumedPrice: isAssumedPrice ? 'yes' : 'no',
  });
}

/** What the bike gains or loses in weight, and how well that is known. */
export function massText({ grams, by, hasEstimates, unweighed }: MassChange, units: Units): string {
  if (grams === undefined)
    return unweighed.length > 0 ? t('cardWords.massText.weightNotKnown') : t('cardWords.massText.noChangeInWeight');
  return t('cardWords.massText.by', {
    isAbout: hasEstimates ? 'yes' : 'no',
    change: massChangeText(units, grams),
    by: by === 'setups' ? 'yes' : 'no',
    unweighed: unweighed.length > 0 ? namesOf(unweighed) : 'none',
  });
}

/** The job in one sentence: what it is, how long, what it costs and weighs. */
export function cardHeadline(card: JobCard, units: Units): string {
  if (card.kind === 'nothing') return t('cardWords.cardHeadline.nothingDiffersFromTheBike');
  const buy =
    card.buy.length === 0
      ? t('cardWords.cardHeadline.nothingToBuy')
      : t('cardWords.cardHeadline.toBuy', { cost: costText(card.cost, units) });
  const short$ = card.isShort ? t('cardWords.cardHeadline.shortCardAllIsKnown') : '';
  return t('cardWords.cardHeadline.about', {
    swapKindText: capital(SWAP_KIND_TEXT[card.kind]),
    minutes: minutesText(card.minutes),
    short: short$,
    buy,
    massChange: massText(card.massChange, units),
  });
}

/** How the minutes of a card are known. */
export function timeText({ steps }: JobCard): string {
  const learned = steps.filter(({ learnedFrom }) => learnedFrom > 0);
  if (learned.length === 0) return '';
  const counts = learned.map(({ learnedFrom }) => learnedFrom);
  const [least, most] = [Math.min(...counts), Math.max(...counts)];
  const jobs = least === most ? `${least}` : t('cardWords.timeText.to', { least, most });
  return t('cardWords.timeText.ofStepTimesAreMedians', {
    learnedCount: learned.length,
    stepsCount: steps.length,
    jobs,
  });
}

/** What is assumed of the shifter, and why; undefined where nothing is. */
export function shifterText({ difference, from, to }: JobCard): string | undefined {
  if (difference.shifter !== 'assumed') return undefined;
  const cogs = to.setup.cogs.length;
  const { shifterSpeeds } = from.parts;
  return shifterSpeeds === undefined
    ? t('cardWords.shifterText.shifterTheNumberOfCogs', { cogs })
    : t('cardWords.shifterText.shifterTheOneOnThe', { shifterSpeeds, cogs });
}

export function bScrewText({ difference, lastTime }: JobCard): string {
  if (lastTime.turns !== undefined) {
    const turns = Math.abs(lastTime.turns);
    return turns === 0
      ? t('cardWords.bScrewText.bTensionScrewLeaveIt')
      : t('cardWords.bScrewText.bTensionScrewTurns21Turns3', {
          turns: short(turns, 2),
          turns2: turns,
          turns3: lastTime.turns > 0 ? 'yes' : 'no',
        });
  }
  return {
    in: t('cardWords.bScrewText.in'),
    out: t('cardWords.bScrewText.out'),
    stays: t('cardWords.bScrewText.stays'),
  }[difference.bScrew];
}

export function spacerText({ difference, lastTime }: JobCard): string | undefined {
  if (!difference.cassette && !difference.freehub) return undefined;
  const spacerMm = difference.spacerMm ?? lastTime.spacerMm;
  if (spacerMm === undefined) return t('cardWords.spacerText.spacerMeasureFreehubBodyAnd');
  return spacerMm < 0
    ? t('cardWords.spacerText.theCassetteIsMmToo', { spacerMm: short(-spacerMm, 2) })
    : spacerMm === 0
      ? t('cardWords.spacerText.noSpacer')
      : t('cardWords.spacerText.spacerMm', { spacerMm: short(spacerMm, 2) });
}
