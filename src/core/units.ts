export const M_PER_KM = 1000;
/** Exact by the international yard and pound agreement of 1959. */
export const MM_PER_INCH = 25.4;
export const KM_PER_MILE = 1.609344;
export const FEET_PER_M = 1 / 0.3048;
/** International avoirdupois pound, exact by the same agreement; 16 ounces. */
export const G_PER_LB = 453.59237;
export const KG_PER_LB = G_PER_LB / 1000;
export const OZ_PER_LB = 16;

export function milesPerHour(speedKmh: number): number {
  return speedKmh / KM_PER_MILE;
}

/** An angle in degrees. */
export function degrees(radians: number): number {
  return (radians * 180) / Math.PI;
}

/** A share of one, as percent. */
export function percent(fraction: number): number {
  return fraction * 100;
}
