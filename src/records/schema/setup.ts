import { z } from 'zod';
import { COG_COUNT } from '../../core/gears';
import { CHAINLINE_MM, CHAIN_LINKS, CHECKLIST, COG_PITCH_MM, RING_SPACING_MM } from '../../core/fit';
import { DESCRIBED_SLOTS } from '../../core/job';
import { SLOTS } from '../../core/shelf';
import { boundedSchema, drivePartsSchema, rearDerailleurSchema, refineTeeth, teethSchema } from './drivetrain';
import { idSchema, nameSchema, rankSchema } from './text';
import { type SetupRecord, CLICKS_PER_PUSH, SETUP_MASS_G, SETUP_COST } from '../setup';

/** Gears by their teeth, each once. */
export const gearPairsSchema = z
  .array(z.strictObject({ chainring: z.int().min(1).max(200), cog: z.int().min(1).max(200) }))
  .max(2 * COG_COUNT.max);

const clicksSchema = boundedSchema(CLICKS_PER_PUSH, 'clicks per push', 'cogs').refine(
  (count) => Number.isInteger(count),
  { error: 'clicks per push: a whole number' },
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
    chainLinks: boundedSchema(CHAIN_LINKS, 'chain', 'links')
      .refine((links) => Number.isInteger(links), { error: 'chain links: a whole number' })
      .optional(),
    frontChainlineMm: boundedSchema(CHAINLINE_MM, 'front chainline', 'mm').optional(),
    rearChainlineMm: boundedSchema(CHAINLINE_MM, 'rear chainline', 'mm').optional(),
    ringSpacingMm: boundedSchema(RING_SPACING_MM, 'ring spacing', 'mm').optional(),
    cogPitchMm: boundedSchema(COG_PITCH_MM, 'cog pitch', 'mm').optional(),
    clicksPerPush: z.strictObject({ easier: clicksSchema, harder: clicksSchema }),
    checklist: z.partialRecord(z.enum(CHECKLIST), z.enum(['fits', 'doesNotFit'])).optional(),
    newParts: z.partialRecord(z.enum(DESCRIBED_SLOTS), idSchema).optional(),
    shelf: z.partialRecord(z.enum(SLOTS), idSchema).optional(),
    massG: boundedSchema(SETUP_MASS_G, 'weight', 'g').optional(),
    cost: boundedSchema(SETUP_COST, 'cost', 'in your money').optional(),
  })
  .superRefine(refineTeeth);
