import { allDigits, short } from '../number-text';
import { TERRAINS, type BriefNumbers } from './brief';
import type { FilledBrief } from './fill';

/** Numbers that are sound alone and cannot be true together. */
export interface Contradiction {
  readonly fields: readonly (keyof BriefNumbers)[];
  readonly code: 'cadenceRange' | 'spinOut' | 'climbCadence' | 'preferredCadence' | 'speeds' | 'zones' | 'terrain';
  readonly message: string;
}

/** Every contradiction in a brief; told, never mended. Defaults take part, for they are what is reckoned with. */
export function contradictions(brief: FilledBrief): Contradiction[] {
  const found: Contradiction[] = [];
  const rising = (
    code: Contradiction['code'],
    low: Contradiction['fields'][number],
    high: Contradiction['fields'][number],
    say: (low: string, high: string) => string,
  ) => {
    if (brief[low] < brief[high]) return;
    found.push({ fields: [low, high], code, message: say(allDigits(brief[low]), allDigits(brief[high])) });
  };
  rising(
    'cadenceRange',
    'lowRpm',
    'highRpm',
    (low, high) => `lowest comfortable cadence ${low} rpm, highest ${high} rpm: the lowest must be below the highest`,
  );
  rising(
    'spinOut',
    'highRpm',
    'spinOutRpm',
    (high, spinOut) =>
      `highest comfortable cadence ${high} rpm, spin-out ${spinOut} rpm: the spin-out cadence must be higher`,
  );
  rising(
    'climbCadence',
    'climbingRpm',
    'highRpm',
    (climbing, high) =>
      `lowest cadence on the climb ${climbing} rpm, highest comfortable cadence ${high} rpm: the first must be below the second`,
  );
  if (brief.preferredRpm < brief.lowRpm || brief.preferredRpm > brief.highRpm) {
    found.push({
      fields: ['preferredRpm', 'lowRpm', 'highRpm'],
      code: 'preferredCadence',
      message: `preferred cadence ${allDigits(brief.preferredRpm)} rpm is outside the comfortable range of ${allDigits(brief.lowRpm)}–${allDigits(brief.highRpm)} rpm: change the preferred cadence or the range`,
    });
  }
  rising(
    'speeds',
    'cruisingSpeedKmh',
    'topSpeedKmh',
    (cruising, top) =>
      `usual speed ${cruising} km/h, top pedalled speed ${top} km/h: the usual speed must be below the top speed`,
  );
  rising(
    'zones',
    'climbingBelowKmh',
    'fastAboveKmh',
    (climbing, fast) => `climbing ends at ${climbing} km/h, fast begins at ${fast} km/h: climbing must end below that`,
  );
  const shares = TERRAINS.reduce((sum, field) => sum + brief[field], 0);
  if (Math.abs(shares - 100) > 0.05) {
    found.push({
      fields: [...TERRAINS],
      code: 'terrain',
      message: `shares of terrain add up to ${short(shares, 2)} %: they must make 100 %`,
    });
  }
  return found;
}
