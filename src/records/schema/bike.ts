import { z } from 'zod';
import { CADENCE_RPM, CHAINRING_TEETH, CLOSENESS_PERCENT, CRANK_LENGTH_MM, CROSSED_COGS } from '../../core/gears';
import {
  ANGLE_LOSS_PERCENT_PER_DEG,
  DRIVE_BOUNDS,
  LIMITS_SCHOOLS,
  STEEP_ANGLE_DEG,
  SUSPENSION_GROWTH_MM,
} from '../../core/fit';
import { JOINTS, TORQUE_NM } from '../../core/job';
import { briefSchema } from './brief';
import { boundedSchema } from './drivetrain';
import { builtCassetteSchema, findSettingsSchema, savedSearchSchema } from './find-settings';
import { idSchema, nameSchema, rankSchema } from './text';
import { wheelsetSchema } from './wheelset';
import {
  type BikeRecord,
  PUBLISHED_LOSS_W,
  SAVED_SEARCHES_MAX,
  BUILT_CASSETTES_MAX,
  LOSS_SCHOOLS,
  ROLES_MAX,
} from '../bike';
import { t } from '../words';

const ringRoom = (what: string) =>
  boundedSchema(CHAINRING_TEETH, what, 'T')
    .refine((teeth) => Number.isInteger(teeth), { error: t('refused.wholeTeeth', { term: what }) })
    .optional();

export const bikeSchema: z.ZodType<BikeRecord> = z
  .strictObject({
    id: idSchema,
    rank: rankSchema,
    name: nameSchema,
    wheelsets: z.array(wheelsetSchema).min(1).max(8),
    crankLengthMm: boundedSchema(CRANK_LENGTH_MM, t('term.crankLength'), 'mm').optional(),
    chainstayMm: boundedSchema(DRIVE_BOUNDS.chainstayMm, t('term.chainstay'), 'mm').optional(),
    bbDropMm: boundedSchema(DRIVE_BOUNDS.bbDropMm, t('term.bottomBracketDrop'), 'mm').optional(),
    suspensionGrowthMm: boundedSchema(SUSPENSION_GROWTH_MM, t('term.growthOfTheChainstay'), 'mm').optional(),
    oneRingMaxT: ringRoom('largest single ring'),
    twoRingsMaxT: ringRoom('largest big ring'),
    takesFrontDerailleur: z.boolean().optional(),
    steepAngleDeg: boundedSchema(STEEP_ANGLE_DEG, t('term.steepAngle'), '°').optional(),
    limitsSchool: z.enum(LIMITS_SCHOOLS).optional(),
    lossSchool: z.enum(LOSS_SCHOOLS).optional(),
    angleLossPercentPerDeg: boundedSchema(
      ANGLE_LOSS_PERCENT_PER_DEG,
      t('term.lossByAngle'),
      t('term.aDegree'),
    ).optional(),
    publishedLoss: z
      .strictObject({
        differenceW: boundedSchema(PUBLISHED_LOSS_W, t('term.publishedDifference'), 'W').optional(),
        source: nameSchema.optional(),
      })
      .optional(),
    torquesNm: z.partialRecord(z.enum(JOINTS), boundedSchema(TORQUE_NM, t('term.torque'), 'N·m')).optional(),
    cadenceRpm: boundedSchema(CADENCE_RPM, t('term.cadence'), 'rpm'),
    closenessPercent: boundedSchema(CLOSENESS_PERCENT, t('term.closeness'), '%'),
    crossedCogs: boundedSchema(CROSSED_COGS, t('term.crossChainedCogs'), 'cogs').refine(
      (count) => Number.isInteger(count),
      {
        error: t('refused.whole', { term: t('term.crossChainedCogs') }),
      },
    ),
    brief: briefSchema,
    roles: z
      .array(z.strictObject({ id: idSchema, name: nameSchema, setupId: idSchema.optional(), brief: briefSchema }))
      .max(ROLES_MAX)
      .optional(),
    find: findSettingsSchema.optional(),
    savedSearches: z.array(savedSearchSchema).max(SAVED_SEARCHES_MAX).optional(),
    builtCassettes: z.array(builtCassetteSchema).max(BUILT_CASSETTES_MAX).optional(),
  })
  .refine(({ wheelsets }) => new Set(wheelsets.map(({ id }) => id)).size === wheelsets.length, {
    error: t('refused.wheelsetsTwice'),
    path: ['wheelsets'],
  });
