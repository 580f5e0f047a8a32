import { gainRatio, gearInches } from '../../core/gears';
import { fixed } from '../../messages/number-text';
import { FEET_PER_M, G_PER_LB, KG_PER_LB, KM_PER_MILE, OZ_PER_LB } from '../../core/units';
import type { Preferences } from '../../records';
import { short } from '../../ui/format';
import { SPEED_UNIT_TEXT, type SpeedUnit } from './speed';

type MassUnit = NonNullable<Preferences['massUnit']>;

/** Unit of gear size in sentences and beside needs. */
interface GearSize {
  readonly kind: 'development' | 'gearInchesOwn' | 'gearInches27' | 'gainRatio';
  /** Its value per metre of development, with the wheel and crank of the selected setup. */
  readonly perMetre: number;
}

/** The user's units and currency, each chosen by itself. */
export interface Units {
  readonly speedUnit: SpeedUnit;
  readonly distanceUnit: NonNullable<Preferences['distanceUnit']>;
  readonly heightUnit: NonNullable<Preferences['heightUnit']>;
  readonly massUnit: MassUnit;
  readonly gearSize: GearSize;
  /** ISO 4217 code of sums without one of their own; undefined where it is not known. */
  readonly currency?: string | undefined;
}

export const METRIC: Units = {
  speedUnit: 'kmh',
  distanceUnit: 'km',
  heightUnit: 'm',
  massUnit: 'metric',
  gearSize: { kind: 'development', perMetre: 1 },
};

/**
 * The size that a person reads gears in: gear inches and gain ratios where these were chosen, otherwise metres of
 * development, for a ratio does not say what a need in metres asks for.
 * @param crankLengthMm without one there is no gain ratio
 */
export function gearSizeOf(
  { quantity, gearInchSchool }: Pick<Preferences, 'quantity' | 'gearInchSchool'>,
  rolloutMm: number,
  crankLengthMm: number | undefined,
): GearSize {
  const ratioPerMetre = 1000 / rolloutMm;
  if (quantity === 'gearInches') {
    const kind = gearInchSchool === 'ownWheel' ? 'gearInchesOwn' : 'gearInches27';
    return { kind, perMetre: gearInches(ratioPerMetre, rolloutMm, gearInchSchool) };
  }
  if (quantity === 'gainRatio' && crankLengthMm !== undefined)
    return { kind: 'gainRatio', perMetre: gainRatio(ratioPerMetre, rolloutMm, crankLengthMm) };
  return METRIC.gearSize;
}

/** What a person chose of units. */
type ChosenUnits = Pick<Preferences, 'speedUnit' | 'distanceUnit' | 'heightUnit' | 'massUnit'>;

/** The units by what was chosen: distances and heights go with the speeds, masses are metric, where nothing was. */
export function unitsOf(chosen: ChosenUnits, gearSize = METRIC.gearSize, currency?: string): Units {
  const { speedUnit, massUnit = 'metric' } = chosen;
  const { distanceUnit = speedUnit === 'mph' ? 'mi' : 'km', heightUnit = speedUnit === 'mph' ? 'ft' : 'm' } = chosen;
  return { speedUnit, distanceUnit, heightUnit, massUnit, gearSize, currency };
}

/** Units that belong together; `mixed` is metric on the road, with gears in inches. */
export const UNIT_SYSTEMS = {
  metric: { speedUnit: 'kmh', distanceUnit: 'km', heightUnit: 'm', massUnit: 'metric', quantity: 'development' },
  imperial: { speedUnit: 'mph', distanceUnit: 'mi', heightUnit: 'ft', massUnit: 'imperial', quantity: 'gearInches' },
  mixed: { speedUnit: 'kmh', distanceUnit: 'km', heightUnit: 'm', massUnit: 'metric', quantity: 'gearInches' },
} as const satisfies Readonly<Record<string, ChosenUnits & Pick<Preferences, 'quantity'>>>;

export type UnitSystem = keyof typeof UNIT_SYSTEMS;

/** The system that a person's units are those of; undefined where they go together in another way. */
export function unitSystemOf(chosen: ChosenUnits & Pick<Preferences, 'quantity'>): UnitSystem | undefined {
  const { speedUnit, distanceUnit, heightUnit, massUnit } = unitsOf(chosen);
  const hasInches = chosen.quantity === 'gearInches';
  const systems = Object.keys(UNIT_SYSTEMS) as UnitSystem[];
  return systems.find((name) => {
    const system = UNIT_SYSTEMS[name];
    return (
      system.speedUnit === speedUnit &&
      system.distanceUnit === distanceUnit &&
      system.heightUnit === heightUnit &&
      system.massUnit === massUnit &&
      (system.quantity === 'gearInches') === hasInches
    );
  });
}

const GEAR_SIZE: Readonly<Record<GearSize['kind'], { readonly unit: string; readonly digits: number }>> = {
  development: { unit: 'm', digits: 2 },
  gearInchesOwn: { unit: 'in', digits: 1 },
  gearInches27: { unit: 'in', digits: 1 },
  gainRatio: { unit: 'gain', digits: 2 },
};

export const gearSizeDigits = ({ gearSize }: Units): number => GEAR_SIZE[gearSize.kind].digits;

/** A development in the user's unit of gear size, without the unit. */
export const gearSizeIn = ({ gearSize }: Units, developmentM: number): number => developmentM * gearSize.perMetre;

export const gearSizeUnit = ({ gearSize }: Units): string => GEAR_SIZE[gearSize.kind].unit;

/** A development as text in the user's unit of gear size: 2.14 m, 26.8 in, 2.01 gain. */
export function gearSizeText(units: Units, developmentM: number): string {
  return `${fixed(gearSizeIn(units, developmentM), gearSizeDigits(units))} ${gearSizeUnit(units)}`;
}

/** The size of a gear on its own wheel. */
export function sizedGearText(
  units: Units,
  gear: { readonly developmentM: number; readonly gearInchesNominal27: number },
): string {
  // Of all sizes the only one that a metre of development does not settle.
  if (units.gearSize.kind === 'gearInches27') return `${fixed(gear.gearInchesNominal27, 1)} in`;
  return gearSizeText(units, gear.developmentM);
}

/** What is kept in km/h, km, m, kg and g, in this order. */
export type Measure = 'speed' | 'distance' | 'height' | 'bodyMass' | 'partMass';

interface Scale {
  readonly unit: string;
  /** One of this unit in the unit that is kept. */
  readonly kept: number;
}

const SCALES: Readonly<Record<Measure, (units: Units) => Scale>> = {
  speed: ({ speedUnit }) => ({ unit: SPEED_UNIT_TEXT[speedUnit], kept: speedUnit === 'mph' ? KM_PER_MILE : 1 }),
  distance: ({ distanceUnit }) => (distanceUnit === 'mi' ? { unit: 'mi', kept: KM_PER_MILE } : { unit: 'km', kept: 1 }),
  height: ({ heightUnit }) => (heightUnit === 'ft' ? { unit: 'ft', kept: 1 / FEET_PER_M } : { unit: 'm', kept: 1 }),
  bodyMass: ({ massUnit }) => (massUnit === 'imperial' ? { unit: 'lb', kept: KG_PER_LB } : { unit: 'kg', kept: 1 }),
  partMass: ({ massUnit }) =>
    massUnit === 'imperial' ? { unit: 'oz', kept: G_PER_LB / OZ_PER_LB } : { unit: 'g', kept: 1 },
};

export function unitText(measure: Measure, units: Units): string {
  return SCALES[measure](units).unit;
}

/** Converts a stored value to the user's unit. */
export function shownIn(measure: Measure, units: Units, kept: number): number {
  return kept / SCALES[measure](units).kept;
}

/** The inverse of {@link shownIn}. */
export function keptFrom(measure: Measure, units: Units, shown: number): number {
  return shown * SCALES[measure](units).kept;
}

/** Decimals that users type. */
const TYPED_DIGITS = [0, 1, 2, 3, 4] as const;

/** A kept value as it was typed in this unit, or with one decimal where it was typed in another. */
export function asTypedIn(measure: Measure, units: Units, kept: number): number {
  const shown = shownIn(measure, units, kept);
  if (shown === kept) return kept;
  const digits = TYPED_DIGITS.find(
    (one) => Math.abs(keptFrom(measure, units, Number(shown.toFixed(one))) - kept) <= 1e-9 * Math.abs(kept),
  );
  return Number(shown.toFixed(digits ?? 1));
}

/** Bounds in another unit, rounded inward to whole numbers, below ten to three digits. */
export function roundedInward(bounds: { readonly min: number; readonly max: number }) {
  const to = (value: number, round: (scaled: number) => number) => {
    if (value === 0 || Math.abs(value) >= 10) return round(value);
    const scale = 10 ** (2 - Math.floor(Math.log10(Math.abs(value))));
    return round(value * scale) / scale;
  };
  return { min: to(bounds.min, Math.ceil), max: to(bounds.max, Math.floor) };
}

const text = (measure: Measure, units: Units, kept: number, digits: number) =>
  `${fixed(shownIn(measure, units, kept), digits)} ${unitText(measure, units)}`;

/** Below this many kilometres or miles a distance has a decimal. */
const WITH_DECIMAL_BELOW = 10;

/**
 * How far something was ridden: 9.6 km, 1280 km; 6.0 mi, 795 mi.
 * @param digits decimals; by default one below ten and none above
 */
export function distanceText(units: Units, km: number, digits?: number): string {
  const shown = shownIn('distance', units, km);
  return text('distance', units, km, digits ?? (shown > 0 && shown < WITH_DECIMAL_BELOW ? 1 : 0));
}

/** A height in whole metres or feet. */
export function heightText(units: Units, m: number): string {
  return text('height', units, m, 0);
}

/** The mass of a rider, bike or load: 82.5 kg, 181.9 lb. */
export function bodyMassText(units: Units, kg: number, digits = 1): string {
  return `${short(shownIn('bodyMass', units, kg), digits)} ${unitText('bodyMass', units)}`;
}

/**
 * The mass of a part: 312 g; 11.0 oz, 1 lb 4.5 oz.
 * @param digits of grams; ounces have one more, for one is 28 g
 */
export function partMassText(units: Units, grams: number, digits = 0): string {
  if (units.massUnit === 'metric') return `${short(grams, digits)} g`;
  const sign = grams < 0 ? '−' : '';
  const ounces = Number(shownIn('partMass', units, Math.abs(grams)).toFixed(digits + 1));
  const pounds = Math.floor(ounces / OZ_PER_LB);
  const rest = `${fixed(ounces - pounds * OZ_PER_LB, digits + 1)} oz`;
  return pounds === 0 ? `${sign}${rest}` : `${sign}${pounds} lb ${rest}`;
}

/** A change of mass with its sign: −120 g, +4.2 oz. */
export function massChangeText(units: Units, grams: number): string {
  const rounded = units.massUnit === 'metric' ? Math.round(grams) : grams;
  return `${rounded > 0 ? '+' : ''}${partMassText(units, rounded === 0 ? 0 : rounded)}`;
}

/**
 * Returns a sum of money in the form of this person's system: €138, €12.50; the plain number where its currency is not
 * known.
 * @param currency the one of this sum where it is not the own
 */
export function moneyText(units: Units, sum: number, currency = units.currency): string {
  if (currency === undefined) return short(sum, 2);
  const digits = Number.isInteger(sum) ? { maximumFractionDigits: 0 } : {};
  return sum.toLocaleString(undefined, { style: 'currency', currency, ...digits });
}

/** Teeth with their sign: −2T, +5T. */
export function signedTeeth(teeth: number): string {
  return `${teeth > 0 ? '+' : ''}${fixed(teeth, 0)}T`;
}
