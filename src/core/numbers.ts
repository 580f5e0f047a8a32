/**
 * All tolerance lives here. Ratios are quotients of two small integers, so double rounding is some
 * 1e-16 of the quantity; anything closer than this share is the same number.
 */
export const RELATIVE_TOLERANCE = 1e-12;

/** Whether `a` equals `b` but for double rounding. */
export function nearlyEqual(a: number, b: number): boolean {
  return Math.abs(a - b) <= RELATIVE_TOLERANCE * Math.max(Math.abs(a), Math.abs(b));
}

/** Whether `a` is at least `b`, or below it by no more than double rounding. */
export function atLeast(a: number, b: number): boolean {
  return a >= b || nearlyEqual(a, b);
}

/** Greatest common divisor of two positive integers (Euclid). */
export function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b);
}
