import type { FindAim, Found, Reason } from '../../core/find';
import { fixed, percentText } from '../../ui/format';
import { speedText } from '../units/speed';
import { moneyText, gearSizeText, massChangeText, type Units } from '../units/measures';
import { setupName } from './part-words';
import { t } from './text';
import { itemAt } from '../../core/items';

export const AIM_NAME: Readonly<Record<FindAim, string>> = {
  stepsOver: t('aimWords.aimName.stepsOver'),
  largestStep: t('aimWords.aimName.largestStep'),
  meanStep: t('aimWords.aimName.meanStep'),
  gaps: t('aimWords.aimName.gaps'),
  usualGears: t('aimWords.aimName.usualGears'),
  frontShifts: t('aimWords.aimName.frontShifts'),
  doubleShifts: t('aimWords.aimName.doubleShifts'),
  newParts: t('aimWords.aimName.newParts'),
  cost: t('aimWords.aimName.cost'),
  mass: t('aimWords.aimName.mass'),
  outOfBand: t('aimWords.aimName.outOfBand'),
  easiest: t('aimWords.aimName.easiest'),
  topSpeed: t('aimWords.aimName.topSpeed'),
  capacity: t('aimWords.aimName.capacity'),
};

/** What each aim makes small, or large, in a sentence of its own. */
export const AIM_MEANING: Readonly<Record<FindAim, string>> = {
  stepsOver: t('aimWords.aimMeaning.stepsOver'),
  largestStep: t('aimWords.aimMeaning.largestStep'),
  meanStep: t('aimWords.aimMeaning.meanStep'),
  gaps: t('aimWords.aimMeaning.gaps'),
  usualGears: t('aimWords.aimMeaning.usualGears'),
  frontShifts: t('aimWords.aimMeaning.frontShifts'),
  doubleShifts: t('aimWords.aimMeaning.doubleShifts'),
  newParts: t('aimWords.aimMeaning.newParts'),
  cost: t('aimWords.aimMeaning.cost'),
  mass: t('aimWords.aimMeaning.mass'),
  outOfBand: t('aimWords.aimMeaning.outOfBand'),
  easiest: t('aimWords.aimMeaning.easiest'),
  topSpeed: t('aimWords.aimMeaning.topSpeed'),
  capacity: t('aimWords.aimMeaning.capacity'),
};

const minutes = (seconds: number) => `${fixed(seconds / 60, 1)} min`;

/** The value of an aim as text. */
export function aimText(aim: FindAim, value: number, units: Units): string {
  switch (aim) {
    case 'stepsOver':
    case 'largestStep':
    case 'meanStep':
    case 'gaps':
    case 'usualGears':
      return percentText(value);
    case 'frontShifts':
    case 'doubleShifts':
    case 'newParts':
      return String(value);
    case 'cost':
      return moneyText(units, value);
    case 'mass':
      return massChangeText(units, value);
    case 'outOfBand':
      return minutes(value);
    case 'easiest':
      return gearSizeText(units, value);
    case 'topSpeed':
      return speedText(units.speedUnit, -value);
    case 'capacity':
      return `${value}T`;
  }
}

/** "largest step 11.8%", "2 parts to buy", "no front shifts". */
export function aimPhrase(aim: FindAim, value: number, units: Units): string {
  const share = { none: value === 0 ? 'yes' : 'no', share: percentText(value) };
  switch (aim) {
    case 'frontShifts':
      return t('aimWords.aimPhrase.frontShifts', { value });
    case 'doubleShifts':
      return t('aimWords.aimPhrase.doubleShifts', { value });
    case 'newParts':
      return t('aimWords.aimPhrase.newParts', { value });
    case 'stepsOver':
      return t('aimWords.aimPhrase.stepsOver', share);
    case 'usualGears':
      return t('aimWords.aimPhrase.usualGears', share);
    case 'gaps':
      return t('aimWords.aimPhrase.gaps', share);
    default:
      return t('aimWords.aimPhrase.figure', { aim: AIM_NAME[aim], figure: aimText(aim, value, units) });
  }
}

/** How the best of an aim is called. */
const BEST: Readonly<Record<FindAim, string>> = {
  stepsOver: t('aimWords.best.stepsOver'),
  largestStep: t('aimWords.best.largestStep'),
  meanStep: t('aimWords.best.meanStep'),
  gaps: t('aimWords.best.gaps'),
  usualGears: t('aimWords.best.usualGears'),
  frontShifts: t('aimWords.best.frontShifts'),
  doubleShifts: t('aimWords.best.doubleShifts'),
  newParts: t('aimWords.best.newParts'),
  cost: t('aimWords.best.cost'),
  mass: t('aimWords.best.mass'),
  outOfBand: t('aimWords.best.outOfBand'),
  easiest: t('aimWords.best.easiest'),
  topSpeed: t('aimWords.best.topSpeed'),
  capacity: t('aimWords.best.capacity'),
};

/** One line for why a setup is among those that none beats. */
export function whyText(reason: Reason, found: Found, aims: readonly FindAim[], units: Units): string {
  if (!reason.givesUp) return t('aimWords.whyText.bestOnEveryCriterion');
  const { bestIn, among, sharedBy } = reason;
  const value = (aim: FindAim) => itemAt(found.values, aims.indexOf(aim));
  if (bestIn === undefined) return t('aimWords.whyText.bestAllRoundCompromise');
  const best = {
    bestIn: BEST[bestIn],
    figure: aimText(bestIn, value(bestIn), units),
    others: Math.max(0, sharedBy - 1),
  };
  if (among === undefined) return t('aimWords.whyText.best', best);
  return t('aimWords.whyText.bestAmong', { ...best, among: boundPhrase(among, value(among), units) });
}

/** "at most 2 parts to buy", "at least 45 km/h". */
function boundPhrase(aim: FindAim, value: number, units: Units): string {
  if (aim === 'topSpeed') return t('aimWords.boundPhrase.orMore', { aim: aimText(aim, value, units) });
  if (value === 0) return aimPhrase(aim, value, units);
  return t('aimWords.boundPhrase.orLess', { aim: aimPhrase(aim, value, units) });
}

/** One line for what it gives up. */
export function givesUpText({ givesUp }: Reason, units: Units): string {
  if (!givesUp) return t('aimWords.givesUpText.noDownside');
  const { aim, value, best, bestValue } = givesUp;
  return t('aimWords.givesUpText.downsideComparedWithFor', {
    aim: aimPhrase(aim, value, units),
    aim2: aimText(aim, bestValue, units),
    best: setupName(best),
  });
}
