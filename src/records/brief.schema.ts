import { z } from 'zod';
import {
  AIMS,
  BOTHERS,
  BRIEF_BOUNDS,
  BRIEF_UNITS,
  EFFORTS,
  LOWEST_RATIO,
  POSITIONS,
  SURFACES,
  USES,
  USUAL_GEARS_MAX,
  type Brief,
  type BriefNumbers,
  briefTerm,
} from '../core/needs';
import { CHAINRING_TEETH, COG_COUNT, COG_TEETH } from '../core/gears';
import type { Bounds } from '../core/numbers';
import { textOf } from '../messages/core';
import { boundedSchema } from './drivetrain.schema';
import type { ShapeOf } from './saved';
import { t } from './words';

const once = <T extends z.ZodType>(item: T) =>
  z.array(item).refine((list) => new Set(list).size === list.length, { error: t('refused.twice') });

const number = (field: keyof BriefNumbers) =>
  boundedSchema(BRIEF_BOUNDS[field], textOf(briefTerm(field)), BRIEF_UNITS[field]).optional();

const wholeTeeth = (bounds: Bounds, what: string) =>
  boundedSchema(bounds, what, 'T').refine((teeth) => Number.isInteger(teeth), {
    error: t('refused.wholeTeeth', { term: what }),
  });

const gearTeethSchema = z.strictObject({
  chainring: wholeTeeth(CHAINRING_TEETH, 'ring'),
  cog: wholeTeeth(COG_TEETH, 'cog'),
});

/** Checks bounds only: numbers that contradict each other are stored as entered and reported as conflicts. */
export const briefSchema: z.ZodType<Brief> = z.strictObject({
  use: z.enum(USES).optional(),
  lowestRatio: boundedSchema(LOWEST_RATIO, t('term.lowestRatio'), ': 1').optional(),
  usualGears: z.array(gearTeethSchema).max(USUAL_GEARS_MAX).optional(),
  rareCogs: once(wholeTeeth(COG_TEETH, 'cog')).max(COG_COUNT.max).optional(),
  rareRings: once(wholeTeeth(CHAINRING_TEETH, 'ring')).max(2).optional(),
  effort: z.enum(EFFORTS).optional(),
  position: z.enum(POSITIONS).optional(),
  surface: z.enum(SURFACES).optional(),
  bothers: once(z.enum(BOTHERS)).optional(),
  aims: once(z.enum(AIMS)).optional(),
  riderMassKg: number('riderMassKg'),
  bikeMassKg: number('bikeMassKg'),
  loadMassKg: number('loadMassKg'),
  powerW: number('powerW'),
  anaerobicJPerKg: number('anaerobicJPerKg'),
  preferredRpm: number('preferredRpm'),
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
  assistFactor: number('assistFactor'),
  assistMaxW: number('assistMaxW'),
  assistCutOffKmh: number('assistCutOffKmh'),
  cdaM2: number('cdaM2'),
  crr: number('crr'),
  frontDragCm2: number('frontDragCm2'),
} satisfies ShapeOf<Brief>);
