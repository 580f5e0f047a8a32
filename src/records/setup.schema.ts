import { z } from 'zod';
import { COG_COUNT } from '../core/gears';
import { CHAINLINE_MM, CHAIN_LINKS, CHECKLIST, COG_PITCH_MM, RING_SPACING_MM } from '../core/fit';
import { DESCRIBED_SLOTS } from '../core/job';
import { SLOTS } from '../core/parts';
import { boundedSchema, drivePartsSchema, rearDerailleurSchema, refineTeeth, teethSchema } from './drivetrain.schema';
import { idSchema, nameSchema, rankSchema } from './field-schemas';
import { CLICKS_PER_PUSH, SETUP_MASS_G, SETUP_COST } from './setup';
import { t } from './words';
import type { Saved } from './saved';

/** Gears by their teeth, each once. */
export const gearPairsSchema = z
  .array(z.strictObject({ chainring: z.int().min(1).max(200), cog: z.int().min(1).max(200) }))
  .max(2 * COG_COUNT.max);

const clicksSchema = boundedSchema(CLICKS_PER_PUSH, t('term.clicksPerPush'), 'cogs').refine(
  (count) => Number.isInteger(count),
  { error: t('refused.whole', { term: t('term.clicksPerPush') }) },
);

export const setupSchema = z
  .strictObject({
    id: idSchema,
    bikeId: idSchema,
    /** Place in the workspace: the lowest of a bike is the one fitted now, A. */
    rank: rankSchema,
    name: nameSchema.optional(),
    /** The wheelset of the bike that it runs on. */
    wheelsetId: idSchema,
    chainrings: teethSchema.shape.chainrings,
    cogs: teethSchema.shape.cogs,
    hubStages: z.array(z.number()),
    rearDerailleur: rearDerailleurSchema,
    /** Known data of shifter, cassette, chain, crank and hub. */
    parts: drivePartsSchema,
    /** Gears that its rider never uses, with the combination of rings, cassette and derailleur that they belong to. */
    leftOut: z
      .strictObject({
        chainrings: teethSchema.shape.chainrings,
        cogs: teethSchema.shape.cogs,
        rearDerailleur: rearDerailleurSchema,
        rearPartId: idSchema.optional(),
        gears: gearPairsSchema,
      })
      .optional(),
    /** Links of its chain: as counted on the bike, or as planned. */
    chainLinks: boundedSchema(CHAIN_LINKS, t('term.chain'), 'links')
      .refine((links) => Number.isInteger(links), { error: t('refused.whole', { term: t('term.chainLinks') }) })
      .optional(),
    /** Middle of ring or rings, and of the cassette, from the frame's mid-plane, mm; ring to ring and cog to cog, mm. */
    frontChainlineMm: boundedSchema(CHAINLINE_MM, t('term.frontChainline'), 'mm').optional(),
    rearChainlineMm: boundedSchema(CHAINLINE_MM, t('term.rearChainline'), 'mm').optional(),
    ringSpacingMm: boundedSchema(RING_SPACING_MM, t('term.ringSpacing'), 'mm').optional(),
    cogPitchMm: boundedSchema(COG_PITCH_MM, t('term.cogPitch'), 'mm').optional(),
    /** Cogs that one push of the rear lever moves over at most, in each direction. */
    clicksPerPush: z.strictObject({ easier: clicksSchema, harder: clicksSchema }),
    /** Checks made on the bike, where no figure decides. */
    checklist: z.partialRecord(z.enum(CHECKLIST), z.enum(['fits', 'doesNotFit'])).optional(),
    /** Parts that differ from the bike's first ones, each with its own mark, even without data. */
    newParts: z.partialRecord(z.enum(DESCRIBED_SLOTS), idSchema).optional(),
    /** Parts in stock chosen for it, by slot; their data take precedence over the data here. */
    partIds: z.partialRecord(z.enum(SLOTS), idSchema).optional(),
    /** Weight of all its parts, g. */
    massG: boundedSchema(SETUP_MASS_G, t('term.weight'), 'g').optional(),
    /** What is to be bought for it, in the rider's money. */
    cost: boundedSchema(SETUP_COST, t('term.cost'), t('term.inYourMoney')).optional(),
  })
  .superRefine(refineTeeth);

/** A setup of a bike: the one fitted, or a candidate. */
export type SetupRecord = Saved<typeof setupSchema>;
