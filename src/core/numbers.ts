import { itemAt } from './items';
/**
 * All tolerance lives here. Ratios are quotients of two small integers, so double rounding is some
 * 1e-16 of the quantity; anything closer than this share is the same number.
 */
const RELATIVE_TOLERANCE = 1e-12;

/** Whether `a` equals `b` but for double rounding. */
export function nearlyEqual(a: number, b: number): boolean {
  return Math.abs(a - b) <= RELATIVE_TOLERANCE * Math.max(Math.abs(a), Math.abs(b));
}

/** Whether `a` is at least `b`, or below it by no more than double rounding. */
export function atLeast(a: number, b: number): boolean {
  return a >= b || nearlyEqual(a, b);
}

/** A value, or the bound that it is beyond. */
export const clamp = (value: number, least: number, most: number): number => Math.min(most, Math.max(least, value));

/** The middle one of some numbers in order; of an even count the upper of the two. */
export function medianOf(values: readonly number[]): number {
  const sorted = Float64Array.from(values).sort();
  return itemAt(sorted, sorted.length >> 1);
}

/** By the first place in which two lists of equal length differ; 0 where in none. */
export function compareInOrder(a: readonly number[], b: readonly number[]): number {
  const place = a.findIndex((value, i) => value !== b[i]);
  return place < 0 ? 0 : itemAt(a, place) - itemAt(b, place);
}

/** Greatest common divisor of two positive integers (Euclid). */
export function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b);
}

/**
 * The root of a function that is below 0 at `low` (or at it) and above 0 at `high`, by halving; to
 * within `tolerance`, or to the last bit that halving can reach where it is 0.
 */
export function bisect(f: (x: number) => number, low: number, high: number, tolerance = 0): number {
  let below = low;
  let above = high;
  if (!(f(above) > 0)) throw new RangeError(`no root between ${low} and ${high}`);
  while (above - below > tolerance) {
    const middle = below + (above - below) / 2;
    if (middle <= below || middle >= above) break;
    if (f(middle) > 0) above = middle;
    else below = middle;
  }
  return above;
}

/** The whole number at or below `value`; one that is above it by double rounding alone counts as reached. */
export function floorNearly(value: number): number {
  const nearest = Math.round(value);
  return nearlyEqual(nearest, value) ? nearest : Math.floor(value);
}

/** The whole number at or above `value`; one that is below it by double rounding alone counts as reached. */
export function ceilNearly(value: number): number {
  const nearest = Math.round(value);
  return nearlyEqual(nearest, value) ? nearest : Math.ceil(value);
}

/** asin of a number that is in −1 to 1 but for double rounding. */
export function clampedAsin(value: number): number {
  return Math.asin(Math.min(1, Math.max(-1, value)));
}

/** The even whole number at or above `value`; one that is above it by double rounding alone counts as reached. */
export function evenUp(value: number): number {
  return 2 * ceilNearly(value / 2);
}

/** The even whole number at or below `value`. */
export function evenDown(value: number): number {
  return 2 * floorNearly(value / 2);
}

/** An inclusive interval that a typed number must lie in. */
export interface Bounds {
  readonly min: number;
  readonly max: number;
}

export function within(value: number, { min, max }: Bounds): boolean {
  return value >= min && value <= max;
}
