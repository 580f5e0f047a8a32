import { z } from 'zod';
import { COG_COUNT } from '../../core/gears';
import { CHAINLINE_MM, CHAIN_LINKS, CHECKLIST, COG_PITCH_MM, RING_SPACING_MM } from '../../core/fit';
import { DESCRIBED_SLOTS } from '../../core/job';
import { SLOTS } from '../../core/shelf';
import { boundedSchema, drivePartsSchema, rearDerailleurSchema, refineTeeth, teethSchema } from './drivetrain';
import { idSchema, nameSchema, rankSchema } from './text';
import { type SetupRecord, CLICKS_PER_PUSH, SETUP_MASS_G, SETUP_COST } from '../setup';
import { t } from '../words';

/** Gears by their teeth, each once. */
export const gearPairsSchema = z
  .array(z.strictObject({ chainring: z.int().min(1).max(200), cog: z.int().min(1).max(200) }))
  .max(2 * COG_COUNT.max);

const clicksSchema = boundedSchema(CLICKS_PER_PUSH, t('term.clicksPerPush'), 'cogs').refine(
  (count) => Number.isInteger(count),
  { error: t('refused.whole', { term: t('term.clicksPerPush') }) },
);

export const setupSchema: z.ZodType<SetupRecord> = z
  .strictObject({
    id: idSchema,
    bikeId: idSchema,
    rank: rankSchema,
    name: nameSchema.optional(),
    wheelsetId: idSchema,
    chainrings: teethSchema.shape.chainrings,
    cogs: teethSchema.shape.cogs,
    hubStages: z.array(z.number()),
    rearDerailleur: rearDerailleurSchema,
    parts: drivePartsSchema,
    leftOut: z
      .strictObject({
        chainrings: teethSchema.shape.chainrings,
        cogs: teethSchema.shape.cogs,
        rearDerailleur: rearDerailleurSchema,
        rearPartId: idSchema.optional(),
        gears: gearPairsSchema,
      })
      .optional(),
    chainLinks: boundedSchema(CHAIN_LINKS, t('term.chain'), 'links')
      .refine((links) => Number.isInteger(links), { error: t('refused.whole', { term: t('term.chainLinks') }) })
      .optional(),
    frontChainlineMm: boundedSchema(CHAINLINE_MM, t('term.frontChainline'), 'mm').optional(),
    rearChainlineMm: boundedSchema(CHAINLINE_MM, t('term.rearChainline'), 'mm').optional(),
    ringSpacingMm: boundedSchema(RING_SPACING_MM, t('term.ringSpacing'), 'mm').optional(),
    cogPitchMm: boundedSchema(COG_PITCH_MM, t('term.cogPitch'), 'mm').optional(),
    clicksPerPush: z.strictObject({ easier: clicksSchema, harder: clicksSchema }),
    checklist: z.partialRecord(z.enum(CHECKLIST), z.enum(['fits', 'doesNotFit'])).optional(),
    newParts: z.partialRecord(z.enum(DESCRIBED_SLOTS), idSchema).optional(),
    shelf: z.partialRecord(z.enum(SLOTS), idSchema).optional(),
    massG: boundedSchema(SETUP_MASS_G, t('term.weight'), 'g').optional(),
    cost: boundedSchema(SETUP_COST, t('term.cost'), t('term.inYourMoney')).optional(),
  })
  .superRefine(refineTeeth);
