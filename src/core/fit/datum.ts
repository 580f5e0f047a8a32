import { within, type Bounds } from '../numbers';
import { message, type Message } from '../message';

type DatumUnit = 'T' | 'mm' | '°' | 'speeds' | ': 1' | 'mm/mm' | 'links';

/** How a number that may not be known is named, and what it can be. */
export interface DatumRule {
  readonly bounds: Bounds;
  readonly term: Message;
  readonly unit: DatumUnit;
  readonly whole: boolean;
}

export const teethDatum = (term: Message, min: number, max: number): DatumRule => ({
  term,
  unit: 'T',
  whole: true,
  bounds: { min, max },
});

export const mmDatum = (term: Message, min: number, max: number): DatumRule => ({
  term,
  unit: 'mm',
  whole: false,
  bounds: { min, max },
});

export const speedsDatum = (term: Message, min: number, max: number): DatumRule => ({
  term,
  unit: 'speeds',
  whole: true,
  bounds: { min, max },
});

export interface DatumProblem<K extends string = string> {
  readonly path: readonly [K];
  /** Value, bounds and what to do. */
  readonly message: Message;
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
    if (unit === 'T') {
      return [{ path: [field], message: message('datum.problem.teeth', { term, value, ...bounds }) }];
    }
    const code = whole ? 'datum.problem.whole' : 'datum.problem.any';
    return [{ path: [field], message: message(code, { term, value, unit, ...bounds }) }];
  });
}

/** A minimum above its maximum. */
export function contradiction<K extends string>(
  field: K,
  min: number | undefined,
  max: number | undefined,
  term: Message,
): DatumProblem<K>[] {
  if (min === undefined || max === undefined || min <= max) return [];
  return [{ path: [field], message: message('datum.problem.minOverMax', { term, min, max }) }];
}
