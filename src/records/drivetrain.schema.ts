import { z } from 'zod';
import {
  CHAINRING_TEETH,
  COG_COUNT,
  COG_TEETH,
  HUB_STAGE_RATIO,
  NO_HUB_STAGE,
  RIM_DIAMETER_MM,
  ROLLOUT_MM,
  TYRE_WIDTH_MM,
  checkSetup,
  checkWheel,
  type Setup,
} from '../core/gears';
import { within, type Bounds } from '../core/numbers';
import {
  DRIVE_PART_DATA,
  FREEHUB_DATA,
  FRONT_CONTROLS,
  REAR_DERAILLEUR_DATA,
  RETENTIONS,
  SHIFTINGS,
  checkDriveParts,
  checkFreehubData,
  checkRearDerailleur,
  type DatumRule,
  type DrivePartNumbers,
  type DriveParts,
  type Freehub,
  type RearDerailleur,
} from '../core/fit';
import { textOf } from '../messages/core';
import { unitAfter } from '../messages/number-text';
import { addProblems } from './add-problems';
import { nameSchema } from './field-schemas';
import type { ShapeOf } from './saved';
import { t } from './words';

/**
 * A number whose bounds are in the JSON Schema, but whose error message core gives. Zod's own message would
 * come first and be less helpful.
 */
const told = (bounds: Bounds, description: string, type: 'integer' | 'number' = 'number') =>
  z
    .number({ error: ({ input }) => t('refused.number', { value: said(input), ...bounds }) })
    .meta({ type, minimum: bounds.min, maximum: bounds.max, description });

/** A wrong value as short text, for a message. */
const said = (input: unknown) => (input === undefined ? t('refused.missing') : JSON.stringify(input).slice(0, 40));

/** Rings and cogs, whole, in order and in bounds: core's own judgement. */
export const teethSchema = z.object({
  chainrings: z
    .array(told(CHAINRING_TEETH, 'teeth', 'integer'))
    .meta({ minItems: 1, maxItems: 2, description: 'Teeth, big ring first' }),
  cogs: z
    .array(told(COG_TEETH, 'teeth', 'integer'))
    .meta({ minItems: COG_COUNT.min, maxItems: COG_COUNT.max, description: 'Teeth, smallest first' }),
  hubStages: z
    .array(told(HUB_STAGE_RATIO, 'ratio of a stage of a two-speed hub'))
    .default([...NO_HUB_STAGE])
    .meta({ minItems: 1, maxItems: 2, description: 'Hub stages, the harder first; [1] for a plain hub' }),
});

export function refineTeeth(setup: Setup, context: z.RefinementCtx): void {
  addProblems(context, checkSetup(setup));
}

const sizesSchema = z.strictObject({
  rimDiameterMm: told(RIM_DIAMETER_MM, 'ISO 5775 rim seat diameter, mm'),
  tyreWidthMm: told(TYRE_WIDTH_MM, 'tyre width, mm'),
});

const measuredSchema = z.strictObject({ rolloutMm: told(ROLLOUT_MM, 'path of one wheel turn, mm') });

/** A wheel by its sizes or by its measured rollout. */
export const wheelSchema = z
  .union([measuredSchema, sizesSchema], {
    error: t('refused.wheel'),
  })
  .superRefine((wheel, context) => addProblems(context, checkWheel(wheel)))
  .meta({ id: 'Wheel' });

const datumOf = ({ bounds, term, unit, whole }: DatumRule) => {
  return told(bounds, `${textOf(term)}, ${unit === 'T' ? 'teeth' : unit}`, whole ? 'integer' : 'number').optional();
};

const datum = (field: keyof RearDerailleur) => datumOf(REAR_DERAILLEUR_DATA[field]);

const partDatum = (field: keyof DrivePartNumbers) => datumOf(DRIVE_PART_DATA[field]);

export const rearDerailleurSchema = z
  .strictObject({
    totalCapacityT: datum('totalCapacityT'),
    largestCogMaxT: datum('largestCogMaxT'),
    largestCogMinT: datum('largestCogMinT'),
    smallestCogMinT: datum('smallestCogMinT'),
    ringDifferenceMaxT: datum('ringDifferenceMaxT'),
    pullRatio: datum('pullRatio'),
    speeds: datum('speeds'),
    cageLengthMm: datum('cageLengthMm'),
    pulleyTeeth: datum('pulleyTeeth'),
    pitchLineGapMm: datum('pitchLineGapMm'),
    guidePulleyAngleDeg: datum('guidePulleyAngleDeg'),
    guidePulleyOffsetMm: datum('guidePulleyOffsetMm'),
    foldBackLimitDeg: datum('foldBackLimitDeg'),
  } satisfies ShapeOf<RearDerailleur>)
  .superRefine((derailleur, context) => addProblems(context, checkRearDerailleur(derailleur)))
  .meta({ id: 'RearDerailleur' });

/** Known data of the other parts: shifter, cassette, chain, crank and hub. */
export const drivePartsSchema: z.ZodType<DriveParts> = z
  .strictObject({
    frontBigRingMinT: partDatum('frontBigRingMinT'),
    frontBigRingMaxT: partDatum('frontBigRingMaxT'),
    cablePullMm: partDatum('cablePullMm'),
    shifterSpeeds: partDatum('shifterSpeeds'),
    indexingToleranceMm: partDatum('indexingToleranceMm'),
    cassetteLengthMm: partDatum('cassetteLengthMm'),
    spacerMm: partDatum('spacerMm'),
    chainSpeeds: partDatum('chainSpeeds'),
    boltCircleMm: partDatum('boltCircleMm'),
    smallestRingT: partDatum('smallestRingT'),
    hangerExtenderMm: partDatum('hangerExtenderMm'),
    hubRatioMin: partDatum('hubRatioMin'),
    shifting: z.enum(SHIFTINGS).optional(),
    frontControl: z.enum(FRONT_CONTROLS).optional(),
    shifterFamily: nameSchema.optional(),
    derailleurFamily: nameSchema.optional(),
    cassetteSpline: nameSchema.optional(),
    retention: z
      .array(z.enum(RETENTIONS))
      .refine((list) => new Set(list).size === list.length, { error: t('refused.twice') })
      .optional()
      .meta({ description: 'what keeps the chain on a single ring; empty where nothing does' }),
  } satisfies ShapeOf<DriveParts>)
  .superRefine((parts, context) => addProblems(context, checkDriveParts(parts)));

const freehubDatum = (field: keyof typeof FREEHUB_DATA) => datumOf(FREEHUB_DATA[field]);

/** Known data of the freehub body of a wheel. */
export const freehubSchema: z.ZodType<Freehub> = z
  .strictObject({
    spline: nameSchema.optional(),
    bodyLengthMm: freehubDatum('bodyLengthMm'),
    smallestCogT: freehubDatum('smallestCogT'),
  } satisfies ShapeOf<Freehub>)
  .superRefine((freehub, context) => addProblems(context, checkFreehubData(freehub)));

/** A number in bounds, refused with its value, the bounds and the unit. */
export const boundedSchema = (bounds: Bounds, what: string, unit: string) =>
  told(bounds, `${what}, ${unit}`).refine((value) => within(value, bounds), {
    error: ({ input }) => t('refused.bounds', { term: what, value: String(input), ...bounds, unit: unitAfter(unit) }),
  });
