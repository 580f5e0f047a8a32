import type { Bounds, ClicksPerPush, Setup } from '../core/gears';
import type { ChecklistAnswers, DriveParts, LeftOutGears, RearDerailleur } from '../core/fit';
import type { NewParts } from '../core/job';
import type { Slot } from '../core/shelf';
import type { Migration } from './migration';
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
  /** Gears that its rider never uses, with the combination of rings, cassette and derailleur that they belong to. */
  readonly leftOut?: LeftOutGears | undefined;
  /** Links of its chain: as counted on the bike, or as planned. */
  readonly chainLinks?: number | undefined;
  /** What was looked at on the bike, where no figure decides. */
  readonly checklist?: ChecklistAnswers | undefined;
  /** Middle of ring or rings, and of the cassette, from the frame's mid-plane, mm; ring to ring and cog to cog, mm. */
  readonly frontChainlineMm?: number | undefined;
  readonly rearChainlineMm?: number | undefined;
  readonly ringSpacingMm?: number | undefined;
  readonly cogPitchMm?: number | undefined;
  /** Cogs that one push of the rear lever moves over at most, in each direction. */
  readonly clicksPerPush: ClicksPerPush;
  /** Parts that are others than the bike had at first, each with a mark of its own, although nothing may be known of them. */
  readonly newParts?: NewParts | undefined;
  /** Parts in stock that a person chose for it, by place; their data take precedence over what stands here. */
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

export const SETUP_DEFAULTS = {
  wheelsetId: WHEEL_DEFAULTS.id,
  rearDerailleur: {},
  parts: {},
  clicksPerPush: { easier: 3, harder: 2 },
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
  {
    toVersion: 9,
    name: 'left-out gears belong to a combination; a lever has two directions',
    table: 'setups',
    up: setupTo9,
  },
  {
    toVersion: 11,
    name: 'a setup may mark parts as new ones, which older versions do not know',
    table: 'setups',
    up: (setup) => setup,
  },
];

/** A setup as it was before version 9. */
interface SetupBefore9 {
  readonly avoidedGears?: readonly { readonly ring: number; readonly cog: number }[];
  readonly clicksPerPush?: unknown;
  readonly chainrings?: unknown;
  readonly cogs?: unknown;
  readonly rearDerailleur?: unknown;
  readonly shelf?: { readonly rearDerailleur?: unknown };
}

/** Brings a setup to version 9; one inside a job alike. */
export function setupTo9(setup: Record<string, unknown>): Record<string, unknown> {
  const { avoidedGears, clicksPerPush, ...rest } = setup as SetupBefore9 & Record<string, unknown>;
  const { chainrings, cogs, rearDerailleur, shelf } = rest;
  const isListed = Array.isArray(avoidedGears) && Array.isArray(chainrings) && Array.isArray(cogs);
  const teeth = (list: unknown, place: number) => (list as number[])[place];
  const gears = isListed
    ? (avoidedGears as readonly { readonly ring: number; readonly cog: number }[]).flatMap(({ ring, cog }) => {
        const [chainring, sprocket] = [teeth(chainrings, ring), teeth(cogs, cog)];
        return chainring === undefined || sprocket === undefined ? [] : [{ chainring, cog: sprocket }];
      })
    : [];
  return {
    ...rest,
    // It was one number for both directions.
    clicksPerPush: { easier: clicksPerPush, harder: clicksPerPush },
    ...(gears.length > 0 && {
      leftOut: {
        chainrings,
        cogs,
        rearDerailleur,
        ...(shelf?.rearDerailleur !== undefined && { rearPartId: shelf.rearDerailleur }),
        gears,
      },
    }),
  };
}
