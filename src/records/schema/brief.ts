import { z } from 'zod';
import {
  AIMS,
  BOTHERS,
  BRIEF_BOUNDS,
  BRIEF_TERMS,
  EFFORTS,
  POSITIONS,
  SURFACES,
  USES,
  type Brief,
  type BriefNumbers,
} from '../../core/brief';
import { boundedSchema } from './drivetrain';

const once = <T extends z.ZodType>(item: T) =>
  z.array(item).refine((list) => new Set(list).size === list.length, { error: 'the same thing is there twice' });

const number = (field: keyof BriefNumbers) => boundedSchema(BRIEF_BOUNDS[field], ...BRIEF_TERMS[field]).optional();

/** Bounds only: numbers that contradict each other are kept as they were said, and told. */
export const briefSchema: z.ZodType<Brief> = z.strictObject({
  use: z.enum(USES).optional(),
  effort: z.enum(EFFORTS).optional(),
  position: z.enum(POSITIONS).optional(),
  surface: z.enum(SURFACES).optional(),
  bothers: once(z.enum(BOTHERS)).optional(),
  aims: once(z.enum(AIMS)).optional(),
  riderMassKg: number('riderMassKg'),
  bikeMassKg: number('bikeMassKg'),
  loadMassKg: number('loadMassKg'),
  powerW: number('powerW'),
  lowRpm: number('lowRpm'),
  highRpm: number('highRpm'),
  spinOutRpm: number('spinOutRpm'),
  climbingRpm: number('climbingRpm'),
  steepestGradePercent: number('steepestGradePercent'),
  steepestLengthM: number('steepestLengthM'),
  topSpeedKmh: number('topSpeedKmh'),
  cruisingSpeedKmh: number('cruisingSpeedKmh'),
  cruisingRpm: number('cruisingRpm'),
  climbingBelowKmh: number('climbingBelowKmh'),
  fastAboveKmh: number('fastAboveKmh'),
  stepClimbingPercent: number('stepClimbingPercent'),
  stepBetweenPercent: number('stepBetweenPercent'),
  stepFastPercent: number('stepFastPercent'),
  flatPercent: number('flatPercent'),
  rollingPercent: number('rollingPercent'),
  hillyPercent: number('hillyPercent'),
  mountainPercent: number('mountainPercent'),
  frontDragCm2: number('frontDragCm2'),
});
