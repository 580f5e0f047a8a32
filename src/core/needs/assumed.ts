import type { Zone } from '../gears';
import type { BriefField } from './brief';
import type { FilledBrief } from './fill';

/** A need derived from a brief. */
export type BriefNeed = 'climb' | 'topSpeed' | `steps.${Zone}` | 'gaps' | 'cruising';

/** What each need is worked out from. */
export const NEED_FIELDS: Readonly<Record<BriefNeed, readonly BriefField[]>> = {
  climb: [
    'steepestGradePercent',
    'steepestLengthM',
    'riderMassKg',
    'bikeMassKg',
    'loadMassKg',
    'powerW',
    'anaerobicJPerKg',
    'climbingRpm',
    'position',
    'surface',
  ],
  topSpeed: ['topSpeedKmh', 'highRpm'],
  'steps.climbing': ['stepClimbingPercent', 'preferredRpm', 'climbingBelowKmh'],
  'steps.between': ['stepBetweenPercent', 'preferredRpm', 'climbingBelowKmh', 'fastAboveKmh'],
  'steps.fast': ['stepFastPercent', 'preferredRpm', 'fastAboveKmh'],
  gaps: ['lowRpm', 'highRpm'],
  cruising: ['cruisingSpeedKmh', 'cruisingRpm', 'lowRpm', 'highRpm'],
};

/** Where there is a motor, the climb depends on them too. */
const MOTOR_FIELDS: readonly BriefField[] = ['assistMaxW', 'assistCutOffKmh'];

/** Fields of a need that are assumed. */
export function assumedIn({ assumed, assistFactor }: FilledBrief, need: BriefNeed): readonly BriefField[] {
  const motor = need === 'climb' && assistFactor > 0 ? MOTOR_FIELDS : [];
  const isAssumed = (field: BriefField) => assumed.includes(field);
  // Position and surface stand for figures that the rider may know better.
  const stands = (field: BriefField) =>
    (field !== 'position' || isAssumed('cdaM2')) && (field !== 'surface' || isAssumed('crr'));
  return [...NEED_FIELDS[need], ...motor].filter((field) => isAssumed(field) && stands(field));
}
