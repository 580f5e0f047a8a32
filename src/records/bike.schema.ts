import { z } from 'zod';
import { CADENCE_RPM, CHAINRING_TEETH, CLOSENESS_PERCENT, CRANK_LENGTH_MM, CROSSED_COGS } from '../core/gears';
import {
  ANGLE_LOSS_PERCENT_PER_DEG,
  DRIVE_BOUNDS,
  LIMITS_SCHOOLS,
  STEEP_ANGLE_DEG,
  SUSPENSION_GROWTH_MM,
} from '../core/fit';
import { JOINTS, TORQUE_NM } from '../core/job';
import { briefSchema } from './brief.schema';
import { boundedSchema } from './drivetrain.schema';
import { builtCassetteSchema, findSettingsSchema, savedSearchSchema } from './find-settings.schema';
import { idSchema, nameSchema, rankSchema } from './field-schemas';
import { wheelsetSchema } from './wheelset.schema';
import { PUBLISHED_LOSS_W, SAVED_SEARCHES_MAX, BUILT_CASSETTES_MAX, LOSS_SCHOOLS, ROLES_MAX } from './bike';
import { t } from './words';
import type { Saved } from './saved';

const ringRoom = (what: string) =>
  boundedSchema(CHAINRING_TEETH, what, 'T')
    .refine((teeth) => Number.isInteger(teeth), { error: t('refused.wholeTeeth', { term: what }) })
    .optional();

export const bikeSchema = z
  .strictObject({
    id: idSchema,
    /** Place in the list of bikes; lower comes first. */
    rank: rankSchema,
    name: nameSchema,
    /** At least one; each setup names the one it runs on. */
    wheelsets: z.array(wheelsetSchema).min(1).max(8),
    /** mm, centre to centre */
    crankLengthMm: boundedSchema(CRANK_LENGTH_MM, t('term.crankLength'), 'mm').optional(),
    /** Rear axle to bottom bracket, mm. */
    chainstayMm: boundedSchema(DRIVE_BOUNDS.chainstayMm, t('term.chainstay'), 'mm').optional(),
    /** Bottom bracket below the axles, mm. */
    bbDropMm: boundedSchema(DRIVE_BOUNDS.bbDropMm, t('term.bottomBracketDrop'), 'mm').optional(),
    /** How much longer the chainstay becomes as a rear suspension moves, mm. */
    suspensionGrowthMm: boundedSchema(SUSPENSION_GROWTH_MM, t('term.growthOfTheChainstay'), 'mm').optional(),
    /** Largest ring that clears the frame, as a single ring and as the big one of two, teeth. */
    oneRingMaxT: ringRoom('largest single ring'),
    twoRingsMaxT: ringRoom('largest big ring'),
    /** Whether the frame takes a front derailleur; absent if unknown. */
    takesFrontDerailleur: z.boolean().optional(),
    /** Past this a chain is called steep, degrees. */
    steepAngleDeg: boundedSchema(STEEP_ANGLE_DEG, t('term.steepAngle'), '°').optional(),
    /** How published limits are taken; by the sheet where it is absent. */
    limitsSchool: z.enum(LIMITS_SCHOOLS).optional(),
    /** Whether chain losses are counted or ignored; counted where it is absent. */
    lossSchool: z.enum(LOSS_SCHOOLS).optional(),
    /** Loss ascribed to the chain's sideways angle, percent of the power a degree; none where it is absent. */
    angleLossPercentPerDeg: boundedSchema(
      ANGLE_LOSS_PERCENT_PER_DEG,
      t('term.lossByAngle'),
      t('term.aDegree'),
    ).optional(),
    /** A published difference in losses, to compare the estimate with. */
    publishedLoss: z
      .strictObject({
        differenceW: boundedSchema(PUBLISHED_LOSS_W, t('term.publishedDifference'), 'W').optional(),
        source: nameSchema.optional(),
      })
      .optional(),
    /** Torques that were read off its parts, N·m; usual ones are shown for the rest. */
    torquesNm: z.partialRecord(z.enum(JOINTS), boundedSchema(TORQUE_NM, t('term.torque'), 'N·m')).optional(),
    /** The cadence the rider likes best. */
    cadenceRpm: boundedSchema(CADENCE_RPM, t('term.cadence'), 'rpm'),
    /** Gears closer than this count as one, percent. */
    closenessPercent: boundedSchema(CLOSENESS_PERCENT, t('term.closeness'), '%'),
    /** How many cogs at each end count as cross-chained on two rings. */
    crossedCogs: boundedSchema(CROSSED_COGS, t('term.crossChainedCogs'), 'cogs').refine(
      (count) => Number.isInteger(count),
      {
        error: t('refused.whole', { term: t('term.crossChainedCogs') }),
      },
    ),
    brief: briefSchema,
    /** What the bike is ridden for in turn, each with a setup of its own. */
    roles: z
      .array(z.strictObject({ id: idSchema, name: nameSchema, setupId: idSchema.optional(), brief: briefSchema }))
      .max(ROLES_MAX)
      .optional(),
    /** Current settings of the search. */
    find: findSettingsSchema.optional(),
    savedSearches: z.array(savedSearchSchema).max(SAVED_SEARCHES_MAX).optional(),
    builtCassettes: z.array(builtCassetteSchema).max(BUILT_CASSETTES_MAX).optional(),
  })
  .refine(({ wheelsets }) => new Set(wheelsets.map(({ id }) => id)).size === wheelsets.length, {
    error: t('refused.wheelsetsTwice'),
    path: ['wheelsets'],
  });

/** A bike with its wheelsets, its cadence and its needs. */
export type BikeRecord = Saved<typeof bikeSchema>;
