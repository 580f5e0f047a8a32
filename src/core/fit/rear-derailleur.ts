import { within, type Bounds } from '../gears';

/** What a maker publishes of a rear derailleur; absent where the rider does not know it. Teeth. */
export interface RearDerailleur {
  /** Most chain, in teeth of ring and cog difference, that the cage takes up. */
  readonly totalCapacityT?: number | undefined;
  /** Largest cog that the largest cog may be. */
  readonly largestCogMaxT?: number | undefined;
  /** Smallest that the largest cog may be; below it the guide pulley hangs too far away. */
  readonly largestCogMinT?: number | undefined;
  /** Smallest that the smallest cog may be. */
  readonly smallestCogMinT?: number | undefined;
}

export const REAR_DERAILLEUR_BOUNDS: Readonly<Record<keyof RearDerailleur, Bounds>> = {
  totalCapacityT: { min: 8, max: 70 },
  largestCogMaxT: { min: 20, max: 60 },
  largestCogMinT: { min: 18, max: 60 },
  smallestCogMinT: { min: 9, max: 20 },
};

export const REAR_DERAILLEUR_TERMS: Readonly<Record<keyof RearDerailleur, string>> = {
  totalCapacityT: 'total capacity',
  largestCogMaxT: 'largest cog, at most',
  largestCogMinT: 'largest cog, at least',
  smallestCogMinT: 'smallest cog, at least',
};

export interface RearDerailleurProblem {
  readonly path: readonly [keyof RearDerailleur];
  readonly message: string;
}

/** Every number that cannot be a published one, and limits that contradict each other. */
export function checkRearDerailleur(derailleur: RearDerailleur): RearDerailleurProblem[] {
  const fields = Object.keys(REAR_DERAILLEUR_BOUNDS) as (keyof RearDerailleur)[];
  const problems = fields.flatMap((field): RearDerailleurProblem[] => {
    const value = derailleur[field];
    const bounds = REAR_DERAILLEUR_BOUNDS[field];
    if (value === undefined || (Number.isInteger(value) && within(value, bounds))) return [];
    const term = REAR_DERAILLEUR_TERMS[field];
    return [
      {
        path: [field],
        message: `${term} ${value}T: whole teeth from ${bounds.min} to ${bounds.max}; read it off the sheet`,
      },
    ];
  });
  const { largestCogMinT: min, largestCogMaxT: max } = derailleur;
  if (min !== undefined && max !== undefined && min > max) {
    problems.push({
      path: ['largestCogMinT'],
      message: `largest cog at least ${min}T but at most ${max}T: the first must not be above the second; check both on the sheet`,
    });
  }
  return problems;
}
