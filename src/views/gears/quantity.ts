import type { SizedGear } from '../../core/gears';
import {
  explainDevelopment,
  explainGainRatio,
  explainGearInches,
  explainRatio,
  explainSpeed,
  type GearContext,
} from '../../features/explanations/gears';
import type { Explanation } from '../../features/explanations/explanation';
import { fixed } from '../../ui/format';
import { speedIn } from '../../features/units/speed';
import type { Preferences } from '../../records';
import { t } from './text';
import { firstOf, itemAt, definite } from '../../core/items';

/** A unit of gear size, for table, ladder and explanations. */
interface QuantityView {
  readonly id: QuantityChoice;
  /** With the unit, as in the choice and at the axis. */
  readonly title: string;
  readonly text: (gear: SizedGear) => string;
  readonly explain: (gear: SizedGear, context: GearContext) => Explanation;
  /** What it comes to for one metre of development, for the ladder's axis; undefined where it is not known. */
  readonly perMetre: (gear: SizedGear) => number | undefined;
}

/** Quantity and basis or unit in one choice. */
export type QuantityChoice =
  'ratio' | 'gearInchesOwn' | 'gearInches27' | 'development' | 'gainRatio' | 'speedKmh' | 'speedMph';

const over = (value: number | undefined, gear: SizedGear) => value && value / gear.developmentM;

const speedView = (id: QuantityChoice, title: string, unit: 'kmh' | 'mph'): QuantityView => ({
  id,
  title,
  text: (gear) => fixed(speedIn(unit, gear.speedKmh), 1),
  explain: (gear, context) => explainSpeed(gear, { ...context, speedUnit: unit }),
  perMetre: (gear) => over(speedIn(unit, gear.speedKmh), gear),
});

export const QUANTITY_VIEWS: readonly QuantityView[] = [
  {
    id: 'ratio',
    title: t('quantity.ratio'),
    text: (gear) => fixed(gear.ratio, 3),
    explain: explainRatio,
    perMetre: (gear) => over(gear.ratio, gear),
  },
  {
    id: 'gearInchesOwn',
    title: t('quantity.gearInchesThisWheel'),
    text: (gear) => fixed(gear.gearInchesOwnWheel, 1),
    explain: (gear, context) => explainGearInches(gear, 'ownWheel', context),
    perMetre: (gear) => over(gear.gearInchesOwnWheel, gear),
  },
  {
    id: 'gearInches27',
    title: t('quantity.gearInchesNominal27In'),
    text: (gear) => fixed(gear.gearInchesNominal27, 1),
    explain: (gear, context) => explainGearInches(gear, 'nominal27', context),
    perMetre: (gear) => over(gear.gearInchesNominal27, gear),
  },
  {
    id: 'development',
    title: t('quantity.developmentM'),
    text: (gear) => fixed(gear.developmentM, 2),
    explain: explainDevelopment,
    perMetre: () => 1,
  },
  {
    id: 'gainRatio',
    title: t('quantity.gainRatio'),
    text: (gear) => (gear.gainRatio === undefined ? '–' : fixed(gear.gainRatio, 2)),
    explain: explainGainRatio,
    perMetre: (gear) => over(gear.gainRatio, gear),
  },
  speedView('speedKmh', t('quantity.speedKmH'), 'kmh'),
  speedView('speedMph', t('quantity.speedMph'), 'mph'),
];

export function quantityChoice({ quantity, gearInchSchool, speedUnit }: Preferences): QuantityChoice {
  switch (quantity) {
    case 'gearInches':
      return gearInchSchool === 'ownWheel' ? 'gearInchesOwn' : 'gearInches27';
    case 'speed':
      return speedUnit === 'mph' ? 'speedMph' : 'speedKmh';
    case 'ratio':
    case 'development':
    case 'gainRatio':
      return quantity;
  }
}

/** Returns the preferences of a choice. */
export function preferencesFor(choice: QuantityChoice): Partial<Omit<Preferences, 'id'>> {
  switch (choice) {
    case 'gearInchesOwn':
      return { quantity: 'gearInches', gearInchSchool: 'ownWheel' };
    case 'gearInches27':
      return { quantity: 'gearInches', gearInchSchool: 'nominal27' };
    case 'speedKmh':
      return { quantity: 'speed', speedUnit: 'kmh' };
    case 'speedMph':
      return { quantity: 'speed', speedUnit: 'mph' };
    case 'ratio':
    case 'development':
    case 'gainRatio':
      return { quantity: choice };
  }
}

export function quantityView(choice: QuantityChoice): QuantityView {
  return definite(QUANTITY_VIEWS.find(({ id }) => id === choice));
}

/** The next of a list after `current`, round and round. */
export function nextOf<T>(list: readonly T[], current: T): T {
  return itemAt(list, (list.indexOf(current) + 1) % list.length);
}

/** A gear by its key; the easiest where it is not there, for one chosen on another setup may not be on this one. */
export function gearOrFirst(gears: readonly SizedGear[], key: string | undefined): SizedGear {
  return gears.find((gear) => gear.key === key) ?? firstOf(gears);
}
