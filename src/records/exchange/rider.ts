import { z } from 'zod';
import {
  BRIEF_BOUNDS,
  BRIEF_UNITS,
  LOWEST_RATIO,
  USES,
  resistanceOf,
  type Brief,
  type BriefNumbers,
  type FilledBrief,
  type Use,
  briefTerm,
} from '../../core/needs';
import type { Resistance } from '../../core/ride';
import { boundedSchema } from '../drivetrain.schema';
import { textOf } from '../../messages/core';

/** The kinds of riding as the interface names them; inside, cargo bikes are those that carry loads. */
export const RIDINGS = USES.map(toRiding);
type Riding = Exclude<Use, 'loads'> | 'cargo';

export function toRiding(use: Use): Riding {
  return use === 'loads' ? 'cargo' : use;
}

function toUse(riding: Riding): Use {
  return riding === 'cargo' ? 'loads' : riding;
}

/** The numbers of a rider, with the brief's field for each. */
export const RIDER_NUMBERS = {
  riderKg: 'riderMassKg',
  bikeKg: 'bikeMassKg',
  loadKg: 'loadMassKg',
  power60W: 'powerW',
  anaerobicJPerKg: 'anaerobicJPerKg',
  preferredRpm: 'preferredRpm',
  lowRpm: 'lowRpm',
  highRpm: 'highRpm',
  climbRpm: 'climbingRpm',
  climbPercent: 'steepestGradePercent',
  climbLengthM: 'steepestLengthM',
  topSpeedKmh: 'topSpeedKmh',
  usualSpeedKmh: 'cruisingSpeedKmh',
} as const satisfies Record<string, keyof BriefNumbers>;
export type RiderNumber = keyof typeof RIDER_NUMBERS;

/** The largest acceptable steps by zone, with the brief's field for each. */
const STEP_TOLERANCES = {
  climbing: 'stepClimbingPercent',
  cruising: 'stepBetweenPercent',
  fast: 'stepFastPercent',
} as const satisfies Record<string, keyof BriefNumbers>;

const of = (field: keyof BriefNumbers) =>
  boundedSchema(BRIEF_BOUNDS[field], textOf(briefTerm(field)), BRIEF_UNITS[field]);
const numbers = Object.fromEntries(
  Object.entries(RIDER_NUMBERS).map(([name, field]) => [name, of(field).optional()]),
) as Record<RiderNumber, z.ZodOptional<ReturnType<typeof of>>>;

/** A rider; what is left out is taken by the riding. */
export const riderSchema = z
  .strictObject({
    riding: z.enum(RIDINGS).optional(),
    ...numbers,
    cda: boundedSchema(BRIEF_BOUNDS.cdaM2, 'drag area', 'm²').optional(),
    crr: boundedSchema(BRIEF_BOUNDS.crr, 'coefficient of rolling resistance', '').optional(),
    lowestRatio: boundedSchema(LOWEST_RATIO, 'lowest ratio', '').optional(),
    stepTolerancePercent: z
      .strictObject({
        climbing: of('stepClimbingPercent').optional(),
        cruising: of('stepBetweenPercent').optional(),
        fast: of('stepFastPercent').optional(),
      })
      .optional(),
    assist: z
      .strictObject({
        supportFactor: of('assistFactor'),
        maxW: of('assistMaxW'),
        cutOffKmh: of('assistCutOffKmh'),
      })
      .optional(),
  })
  .meta({ id: 'Rider' });
export type Rider = z.infer<typeof riderSchema>;

export const RIDER_NAMES = Object.entries(RIDER_NUMBERS) as [RiderNumber, keyof BriefNumbers][];
export const TOLERANCE_NAMES = Object.entries(STEP_TOLERANCES) as [keyof typeof STEP_TOLERANCES, keyof BriefNumbers][];

/** Converts a rider to a brief; what is not given stays open. */
export function briefOfRider({ riding, assist, stepTolerancePercent, lowestRatio, ...rider }: Rider): Brief {
  return {
    use: riding && toUse(riding),
    lowestRatio,
    ...Object.fromEntries(RIDER_NAMES.map(([name, field]) => [field, rider[name]])),
    ...Object.fromEntries(TOLERANCE_NAMES.map(([zone, field]) => [field, stepTolerancePercent?.[zone]])),
    ...(assist && {
      assistFactor: assist.supportFactor,
      assistMaxW: assist.maxW,
      assistCutOffKmh: assist.cutOffKmh,
    }),
  };
}

/** The resistance that a rider meets: drag area and rolling resistance as given, else by the riding. */
export function resistanceOfRider({ cda, crr }: Rider, brief: FilledBrief): Resistance {
  const usual = resistanceOf(brief);
  return { ...usual, cdaM2: cda ?? usual.cdaM2, crr: crr ?? usual.crr };
}

/** The HTTP name of a field of the brief. */
export function riderNameOf(field: keyof BriefNumbers): string {
  return RIDER_NAMES.find(([, own]) => own === field)?.[0] ?? field;
}
