import { greatestCommonDivisor } from '../numbers';
import { MM_PER_INCH } from '../units';
import { gearsOf, type Gear } from './gear';
import type { Setup } from './setup';

/** Which wheel gear inches speak of: this bike's own, or the 27 in wheel of the old tables. */
type GearInchBasis = 'ownWheel' | 'nominal27';
const NOMINAL_WHEEL_IN = 27;

/** Metres forward per crank turn. */
export function developmentM(ratio: number, rolloutMm: number): number {
  return (ratio * rolloutMm) / 1000;
}

/** All gears of a setup, easiest first, with how far each goes for a crank turn. */
export function developedGears(setup: Setup, rolloutMm: number): (Gear & { readonly developmentM: number })[] {
  return gearsOf(setup).map((gear) => ({ ...gear, developmentM: developmentM(gear.ratio, rolloutMm) }));
}

/** Diameter, in inches, of a wheel driven straight by the crank that would go as far. */
export function gearInches(ratio: number, rolloutMm: number, school: GearInchBasis): number {
  return ratio * wheelDiameterIn(rolloutMm, school);
}

export function wheelDiameterIn(rolloutMm: number, school: GearInchBasis): number {
  return school === 'nominal27' ? NOMINAL_WHEEL_IN : rolloutMm / Math.PI / MM_PER_INCH;
}

/** Path of the bike over path of the pedal: ratio × wheel radius / crank length. No unit. */
export function gainRatio(ratio: number, rolloutMm: number, crankLengthMm: number): number {
  return (ratio * wheelRadiusMm(rolloutMm)) / crankLengthMm;
}

export function wheelRadiusMm(rolloutMm: number): number {
  return rolloutMm / (2 * Math.PI);
}

/** km/h at a steady cadence. */
export function speedKmh(developmentM: number, cadenceRpm: number): number {
  return (developmentM * cadenceRpm * 60) / 1000;
}

/** The inverse of {@link speedKmh}: cadence at a speed, rpm. */
export function cadenceRpm(developmentM: number, speedKmh: number): number {
  return (speedKmh * 1000) / (developmentM * 60);
}

/** Ring and cog in lowest terms, as in 4:3 for 32/24. The hub's stage is left out. */
export function lowestTerms({ chainring, cog }: Gear): readonly [ring: number, cog: number] {
  const divisor = greatestCommonDivisor(chainring, cog);
  return [chainring / divisor, cog / divisor];
}
