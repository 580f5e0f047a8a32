import type { FindAim, Found, Reason } from '../../core/find';
import { fixed, percentText, speedText } from '../format';
import { moneyText, gearSizeText, massChangeText, type Units } from '../measures';
import { setupName } from './part-words';
import { t } from './text';

export const AIM_NAME: Readonly<Record<FindAim, string>> = {
  stepsOver: t('aimWords.aimName.stepsOver'),
  largestStep: t('aimWords.aimName.largestStep'),
  meanStep: t('aimWords.aimName.meanStep'),
  holes: t('aimWords.aimName.holes'),
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
  holes: t('aimWords.aimMeaning.holes'),
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

/** The value of an aim as a person reads it. */
export function aimText(aim: FindAim, value: number, units: Units): string {
  switch (aim) {
    case 'stepsOver':
    case 'largestStep':
    case 'meanStep':
    case 'holes':
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

/** "largest step 11.8 %", "2 parts to buy", "no front shifts". */
export function aimPhrase(aim: FindAim, value: number, units: Units): string {
  switch (aim) {
    case 'frontShifts':
    case 'doubleShifts': {
      const name =
        aim === 'frontShifts'
          ? t('aimWords.aimPhrase.doubleShifts.frontShift')
          : t('aimWords.aimPhrase.doubleShifts.doubleShift');
      return value === 0
        ? t('aimWords.aimPhrase.doubleShifts.noS', { name })
        : `${value} ${name}${value === 1 ? '' : 's'}`;
    }
    case 'newParts':
      return value === 0
        ? t('aimWords.aimPhrase.newParts.nothingToBuy')
        : t('aimWords.aimPhrase.newParts.value1ToBuy', { value });
    case 'stepsOver':
      return value === 0
        ? t('aimWords.aimPhrase.stepsOver.noStepsOverYourLimits')
        : t('aimWords.aimPhrase.stepsOver.stepsOverYourLimits', { value: percentText(value) });
    case 'usualGears':
      return value === 0
        ? t('aimWords.aimPhrase.usualGears.yourUsualGearsAsThey')
        : t('aimWords.aimPhrase.usualGears.usualGearsChangedByUp', { value: percentText(value) });
    case 'holes':
      return value === 0
        ? t('aimWords.aimPhrase.holes.noGaps')
        : t('aimWords.aimPhrase.holes.gaps', { value: percentText(value) });
    default:
      return `${AIM_NAME[aim]} ${aimText(aim, value, units)}`;
  }
}

/** How the best of an aim is called. */
const BEST: Readonly<Record<FindAim, string>> = {
  stepsOver: t('aimWords.best.stepsOver'),
  largestStep: t('aimWords.best.largestStep'),
  meanStep: t('aimWords.best.meanStep'),
  holes: t('aimWords.best.holes'),
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
  const value = (aim: FindAim) => found.values[aims.indexOf(aim)]!;
  if (bestIn === undefined) return t('aimWords.whyText.bestAllRoundCompromise');
  const figure = aimText(bestIn, value(bestIn), units);
  const shared =
    sharedBy > 1
      ? t('aimWords.whyText.withSharedBy2', { sharedBy: sharedBy - 1, sharedBy2: sharedBy === 2 ? 'yes' : 'no' })
      : '';
  if (among === undefined) return `${BEST[bestIn]}: ${figure}${shared}`;
  return t('aimWords.whyText.amongThoseWith', {
    bestIn: BEST[bestIn],
    figure,
    among: boundPhrase(among, value(among), units),
    shared,
  });
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
