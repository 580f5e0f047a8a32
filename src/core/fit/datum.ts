import { within, type Bounds } from '../gears';
import { allDigits } from '../number-text';

type DatumUnit = 'T' | 'mm' | '°' | 'speeds' | ': 1' | 'mm per mm' | 'links';

/** How a number that may not be known is named, and what it can be. */
export interface DatumRule {
  readonly bounds: Bounds;
  readonly term: string;
  readonly unit: DatumUnit;
  readonly whole: boolean;
}

export const teethDatum = (term: string, min: number, max: number): DatumRule => ({
  term,
  unit: 'T',
  whole: true,
  bounds: { min, max },
});

export const mmDatum = (term: string, min: number, max: number): DatumRule => ({
  term,
  unit: 'mm',
  whole: false,
  bounds: { min, max },
});

export const speedsDatum = (term: string, min: number, max: number): DatumRule => ({
  term,
  unit: 'speeds',
  whole: true,
  bounds: { min, max },
});

export interface DatumProblem<K extends string = string> {
  readonly path: readonly [K];
  /** Value, bounds and what to do. */
  readonly message: string;
}

/** Every number that is out of bounds, with its bounds. */
export function checkData<K extends string>(
  rules: Readonly<Record<K, DatumRule>>,
  values: Readonly<Partial<Record<K, number | undefined>>>,
): DatumProblem<K>[] {
  return (Object.keys(rules) as K[]).flatMap((field): DatumProblem<K>[] => {
    const value = values[field];
    const { bounds, term, unit, whole } = rules[field];
    if (value === undefined || ((!whole || Number.isInteger(value)) && within(value, bounds))) return [];
    const given = `${term} ${allDigits(value)}${unit === 'T' ? 'T' : ` ${unit}`}`;
    const range =
      unit === 'T'
        ? `whole teeth from ${bounds.min} to ${bounds.max}`
        : `it runs from ${allDigits(bounds.min)} to ${allDigits(bounds.max)} ${unit}${whole ? ', whole' : ''}`;
    return [{ path: [field], message: `${given}: ${range}; use the published figure` }];
  });
}

/** A least that stands above its most. */
export function contradiction<K extends string>(
  field: K,
  min: number | undefined,
  max: number | undefined,
  what: string,
): DatumProblem<K>[] {
  if (min === undefined || max === undefined || min <= max) return [];
  const message = `${what} at least ${min}T but at most ${max}T: the minimum must not exceed the maximum; check both published figures`;
  return [{ path: [field], message }];
}
