import type { FindAim, Found, Reason } from '../../core/find';
import { fixed, percentText, speedText } from '../format';
import { moneyText, gearSizeText, massChangeText, type Units } from '../measures';
import { setupName } from './part-words';

export const AIM_NAME: Readonly<Record<FindAim, string>> = {
  stepsOver: 'steps over your limits',
  largestStep: 'largest step',
  meanStep: 'mean step',
  holes: 'holes',
  usualGears: 'change to your usual gears',
  frontShifts: 'front shifts',
  doubleShifts: 'double shifts',
  newParts: 'parts to buy',
  cost: 'cost',
  mass: 'weight',
  outOfBand: 'time out of the band',
  easiest: 'easiest gear',
  topSpeed: 'top speed',
  capacity: 'capacity asked for',
};

/** What each aim makes small, or large, in a sentence of its own. */
export const AIM_MEANING: Readonly<Record<FindAim, string>> = {
  stepsOver: 'by how much a step is larger than you accept, climbing, in between or fast',
  largestStep: 'the largest speed step on the way through the gears',
  meanStep: 'the even step that, taken as often, spans the same range',
  holes: 'the share of speeds at which no gear keeps you in your cadence band',
  usualGears: 'by how much the one of your usual gears that changes most gets easier or harder',
  frontShifts: 'ring changes on the way from the easiest gear to the hardest',
  doubleShifts: 'changes at which both hands shift at once',
  newParts: 'parts that must be bought',
  cost: 'what those parts cost: their own prices where they are known, else yours',
  mass: 'against the setup fitted now: as weighed, else estimated by teeth',
  outOfBand: 'pedalled below or above your band, or walked, on the chosen road',
  easiest: 'metres a crank turn, less is easier',
  topSpeed: 'hardest gear at your highest comfortable cadence',
  capacity: 'teeth of chain that the rear derailleur must take up',
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
      const name = aim === 'frontShifts' ? 'front shift' : 'double shift';
      return value === 0 ? `no ${name}s` : `${value} ${name}${value === 1 ? '' : 's'}`;
    }
    case 'newParts':
      return value === 0 ? 'nothing to buy' : `${value} ${value === 1 ? 'part' : 'parts'} to buy`;
    case 'stepsOver':
      return value === 0 ? 'no steps over your limits' : `steps ${percentText(value)} over your limits`;
    case 'usualGears':
      return value === 0 ? 'your usual gears as they are' : `usual gears changed by up to ${percentText(value)}`;
    case 'holes':
      return value === 0 ? 'no holes' : `holes ${percentText(value)}`;
    default:
      return `${AIM_NAME[aim]} ${aimText(aim, value, units)}`;
  }
}

/** How the best of an aim is called. */
const BEST: Readonly<Record<FindAim, string>> = {
  stepsOver: 'Steps closest to what you accept',
  largestStep: 'Smallest largest step',
  meanStep: 'Finest steps on the whole',
  holes: 'Fewest holes',
  usualGears: 'Closest to your usual gears',
  frontShifts: 'Fewest front shifts',
  doubleShifts: 'Fewest double shifts',
  newParts: 'Fewest parts to buy',
  cost: 'Cheapest',
  mass: 'Lightest',
  outOfBand: 'Least time out of the band',
  easiest: 'Easiest gear of all',
  topSpeed: 'Fastest',
  capacity: 'Least capacity asked for',
};

/** One line for why a setup is among those that none beats. */
export function whyText(reason: Reason, found: Found, aims: readonly FindAim[], units: Units): string {
  if (!reason.givesUp) return 'Best in every one of these aims';
  const { bestIn, among, sharedBy } = reason;
  const value = (aim: FindAim) => found.values[aims.indexOf(aim)]!;
  if (bestIn === undefined) return 'A balance: none is as good in all of these';
  const figure = aimText(bestIn, value(bestIn), units);
  const shared = sharedBy > 1 ? `, with ${sharedBy - 1} ${sharedBy === 2 ? 'other' : 'others'}` : '';
  if (among === undefined) return `${BEST[bestIn]}: ${figure}${shared}`;
  return `${BEST[bestIn]} (${figure}) among those with ${boundPhrase(among, value(among), units)}${shared}`;
}

/** "at most 2 parts to buy", "at least 45 km/h". */
function boundPhrase(aim: FindAim, value: number, units: Units): string {
  if (aim === 'topSpeed') return `${aimText(aim, value, units)} or more`;
  if (value === 0) return aimPhrase(aim, value, units);
  return `${aimPhrase(aim, value, units)} or less`;
}

/** One line for what it gives up. */
export function givesUpText({ givesUp }: Reason, units: Units): string {
  if (!givesUp) return 'Gives up nothing for it';
  const { aim, value, best, bestValue } = givesUp;
  return `Gives up: ${aimPhrase(aim, value, units)}, where ${setupName(best)} has ${aimText(aim, bestValue, units)}`;
}
