export const M_PER_KM = 1000;
/** Exact by the international yard and pound agreement of 1959. */
export const MM_PER_INCH = 25.4;
export const KM_PER_MILE = 1.609344;

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
