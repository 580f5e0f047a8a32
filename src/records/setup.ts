import type { Bounds } from '../core/numbers';
import type { Migration } from './migration';
import { WHEEL_DEFAULTS } from './wheelset';
import type { SetupRecord } from './setup.schema';

export type { SetupRecord };

/** A workspace has room for the one fitted and three candidates. */
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
  {
    toVersion: 14,
    name: 'the parts that a setup is made of are named by their ids',
    table: 'setups',
    up: setupTo14,
  },
];

/** Brings a setup to version 14; one inside a job alike. */
export function setupTo14({ shelf, ...setup }: Record<string, unknown>): Record<string, unknown> {
  return shelf === undefined ? setup : { ...setup, partIds: shelf };
}

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
