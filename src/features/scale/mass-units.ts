import { G_PER_LB, OZ_PER_LB } from '../../core/units';

/** What a scale shows weights in. */
export const MASS_UNITS = ['g', 'kg', 'lbOz'] as const;
export type MassUnit = (typeof MASS_UNITS)[number];

const G_PER_KG = 1000;

/** Pounds and ounces as grams. */
export const gramsOfLbOz = (pounds: number, ounces: number): number => (pounds + ounces / OZ_PER_LB) * G_PER_LB;

/** Kilograms as grams, without the tails of binary fractions. */
export const gramsOfKg = (kilograms: number): number => Number((kilograms * G_PER_KG).toFixed(3));

export const kgOfGrams = (grams: number): number => grams / G_PER_KG;

/** Grams as whole pounds and the ounces that are left. */
export function lbOzOfGrams(grams: number): { readonly pounds: number; readonly ounces: number } {
  const allOunces = (grams / G_PER_LB) * OZ_PER_LB;
  const pounds = Math.floor(allOunces / OZ_PER_LB + 1e-9);
  return { pounds, ounces: allOunces - pounds * OZ_PER_LB };
}
