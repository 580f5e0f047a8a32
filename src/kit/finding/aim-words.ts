import type { FindAim, Found, Reason } from '../../core/find';
import { fixed, percentText, speedText } from '../format';
import { moneyText, gearSizeText, massChangeText, type Units } from '../measures';
import { setupName } from './part-words';

export const AIM_NAME: Readonly<Record<FindAim, string>> = {
  stepsOver: 'steps over your limits',
  largestStep: 'largest step',
  meanStep: 'mean step',
  holes: 'gaps',
  usualGears: 'change to your usual gears',
  frontShifts: 'front shifts',
  doubleShifts: 'double shifts',
  newParts: 'parts to buy',
  cost: 'cost',
  mass: 'weight',
  outOfBand: 'time outside cadence range',
  easiest: 'easiest gear',
  topSpeed: 'top speed',
  capacity: 'capacity needed',
};

/** What each aim makes small, or large, in a sentence of its own. */
export const AIM_MEANING: Readonly<Record<FindAim, string>> = {
  stepsOver: 'how much a step exceeds the largest step you accept, climbing, cruising or fast',
  largestStep: 'the largest speed step in the shift sequence',
  meanStep: 'the geometric mean: the equal step that would cover the same range in the same number of shifts',
  holes: 'the share of speeds that no gear covers in your cadence range',
  usualGears: 'how much easier or harder the gear becomes that changes most of those you usually ride',
  frontShifts: 'ring changes from the easiest gear to the hardest',
  doubleShifts: 'shifts at the front and the rear at once',
  newParts: 'parts that must be bought',
  cost: 'the cost of the parts to buy: their own prices if known, otherwise yours',
  mass: 'compared with the setup on the bike: as weighed, otherwise estimated from teeth',
  outOfBand: 'time pedalling below or above your cadence range, or walking, on the chosen route or ride',
  easiest: 'metres per crank turn; lower is easier',
  topSpeed: 'hardest gear at your highest comfortable cadence',
  capacity: 'chain that the rear derailleur must take up, in teeth',
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
      return value === 0 ? 'no gaps' : `gaps ${percentText(value)}`;
    default:
      return `${AIM_NAME[aim]} ${aimText(aim, value, units)}`;
  }
}

/** How the best of an aim is called. */
const BEST: Readonly<Record<FindAim, string>> = {
  stepsOver: 'Steps closest to what you accept',
  largestStep: 'Smallest maximum step',
  meanStep: 'Smallest average step',
  holes: 'Fewest gaps',
  usualGears: 'Closest to your usual gears',
  frontShifts: 'Fewest front shifts',
  doubleShifts: 'Fewest double shifts',
  newParts: 'Fewest parts to buy',
  cost: 'Cheapest',
  mass: 'Lightest',
  outOfBand: 'Least time outside cadence range',
  easiest: 'Easiest gear of all',
  topSpeed: 'Fastest',
  capacity: 'Least capacity needed',
};

/** One line for why a setup is among those that none beats. */
export function whyText(reason: Reason, found: Found, aims: readonly FindAim[], units: Units): string {
  if (!reason.givesUp) return 'Best on every criterion';
  const { bestIn, among, sharedBy } = reason;
  const value = (aim: FindAim) => found.values[aims.indexOf(aim)]!;
  if (bestIn === undefined) return 'Best all-round compromise';
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
  if (!givesUp) return 'No downside';
  const { aim, value, best, bestValue } = givesUp;
  return `Downside: ${aimPhrase(aim, value, units)}, compared with ${aimText(aim, bestValue, units)} for ${setupName(best)}`;
}
