import { z } from 'zod';
import { COG_COUNT, type Bounds, type Setup } from '../core/gears';
import {
  CHAINLINE_MM,
  CHAIN_LINKS,
  COG_PITCH_MM,
  RING_SPACING_MM,
  type DriveParts,
  type GearPlace,
  type RearDerailleur,
} from '../core/fit';
import { SLOTS, type Slot } from '../core/shelf';
import { boundedSchema, drivePartsSchema, rearDerailleurSchema, refineTeeth, teethSchema } from './drivetrain';
import type { Migration } from './migration';
import { idSchema, nameSchema } from './text';
import { WHEEL_DEFAULTS } from './wheelset';

/** A setup of a bike: the one fitted, or a candidate. */
export interface SetupRecord extends Setup {
  readonly id: string;
  readonly bikeId: string;
  /** Place on the bench: the lowest of a bike is the one fitted now, A. */
  readonly rank: number;
  readonly name?: string | undefined;
  /** The wheelset of the bike that it runs on. */
  readonly wheelsetId: string;
  readonly rearDerailleur: RearDerailleur;
  /** What is known of shifter, cassette, chain, crank and hub. */
  readonly parts: DriveParts;
  /** Places of the gears that its rider never uses. */
  readonly avoidedGears?: readonly GearPlace[] | undefined;
  /** Links of its chain as it is on the bike, or as it is to be. */
  readonly chainLinks?: number | undefined;
  /** Middle of ring or rings, and of the cassette, from the frame's mid-plane, mm; ring to ring and cog to cog, mm. */
  readonly frontChainlineMm?: number | undefined;
  readonly rearChainlineMm?: number | undefined;
  readonly ringSpacingMm?: number | undefined;
  readonly cogPitchMm?: number | undefined;
  /** Cogs that one push of the rear lever moves over. */
  readonly clicksPerPush: number;
  /** Parts of the shelf that it is made of, by place; their data win over what stands here. */
  readonly shelf?: Readonly<Partial<Record<Slot, string>>> | undefined;
  /** Weight of all its parts, g. */
  readonly massG?: number | undefined;
  /** What is to be bought for it, in the rider's money. */
  readonly cost?: number | undefined;
}

/** A bench has room for the one fitted and three candidates. */
export const SETUPS_MAX = 4;
export const CLICKS_PER_PUSH: Bounds = { min: 1, max: 5 };
export const SETUP_MASS_G: Bounds = { min: 0, max: 10_000 };
export const SETUP_COST: Bounds = { min: 0, max: 100_000 };

export const setupSchema: z.ZodType<SetupRecord> = z
  .strictObject({
    id: idSchema,
    bikeId: idSchema,
    rank: z.number(),
    name: nameSchema.optional(),
    wheelsetId: idSchema,
    chainrings: teethSchema.shape.chainrings,
    cogs: teethSchema.shape.cogs,
    hubStages: z.array(z.number()),
    rearDerailleur: rearDerailleurSchema,
    parts: drivePartsSchema,
    avoidedGears: z
      .array(
        z.strictObject({
          ring: z.int().min(0).max(1),
          cog: z
            .int()
            .min(0)
            .max(COG_COUNT.max - 1),
        }),
      )
      .max(2 * COG_COUNT.max)
      .optional(),
    chainLinks: boundedSchema(CHAIN_LINKS, 'chain', 'links')
      .refine((links) => Number.isInteger(links), { error: 'chain links: a whole number' })
      .optional(),
    frontChainlineMm: boundedSchema(CHAINLINE_MM, 'front chainline', 'mm').optional(),
    rearChainlineMm: boundedSchema(CHAINLINE_MM, 'rear chainline', 'mm').optional(),
    ringSpacingMm: boundedSchema(RING_SPACING_MM, 'ring spacing', 'mm').optional(),
    cogPitchMm: boundedSchema(COG_PITCH_MM, 'cog pitch', 'mm').optional(),
    clicksPerPush: boundedSchema(CLICKS_PER_PUSH, 'clicks a push', 'cogs').refine((count) => Number.isInteger(count), {
      error: 'clicks a push: a whole number',
    }),
    shelf: z.partialRecord(z.enum(SLOTS), idSchema).optional(),
    massG: boundedSchema(SETUP_MASS_G, 'weight', 'g').optional(),
    cost: boundedSchema(SETUP_COST, 'cost', 'in your money').optional(),
  })
  .superRefine(refineTeeth);

export const SETUP_DEFAULTS = {
  wheelsetId: WHEEL_DEFAULTS.id,
  rearDerailleur: {},
  parts: {},
  clicksPerPush: 3,
} as const satisfies Partial<SetupRecord>;

export const SETUP_MIGRATIONS: readonly Migration[] = [
  {
    toVersion: 3,
    name: 'a setup names its wheelset and its shifter',
    table: 'setups',
    up: (setup) => ({ ...setup, wheelsetId: 'wheels-1', clicksPerPush: 3 }),
  },
  {
    toVersion: 5,
    name: 'a setup has parts beside its derailleurs',
    table: 'setups',
    up: (setup) => ({ ...setup, parts: {} }),
  },
];
