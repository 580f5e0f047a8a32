import type { Bounds, Setup } from '../core/gears';
import type { DriveParts, GearPlace, RearDerailleur } from '../core/fit';
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
