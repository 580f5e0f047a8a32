import { DEFAULT_CADENCE_RPM, DEFAULT_CLOSENESS_PERCENT, DEFAULT_CROSSED_COGS } from '../core/gears';
import type { Bounds } from '../core/numbers';
import type { Migration } from './migration';
import { WHEEL_DEFAULTS } from './wheelset';
import type { BikeRecord } from './bike.schema';

export type { BikeRecord };

/** One of several roles of a bike, such as gravel or loaded touring. */
export type BikeRole = NonNullable<BikeRecord['roles']>[number];

export const ROLES_MAX = 6;

/** A published figure, W, with its source. */
export type PublishedLoss = NonNullable<BikeRecord['publishedLoss']>;

export const PUBLISHED_LOSS_W: Bounds = { min: 0, max: 50 };

export const SAVED_SEARCHES_MAX = 30;

export const BUILT_CASSETTES_MAX = 60;

/** Losses count on the road and against the clock; on dirt the dirt costs more. */
export const LOSS_SCHOOLS = ['count', 'ignore'] as const;

export type LossSchool = (typeof LOSS_SCHOOLS)[number];

export const BIKE_DEFAULTS = {
  wheelsets: [WHEEL_DEFAULTS],
  cadenceRpm: DEFAULT_CADENCE_RPM,
  closenessPercent: DEFAULT_CLOSENESS_PERCENT,
  crossedCogs: DEFAULT_CROSSED_COGS,
  brief: {},
} as const satisfies Partial<BikeRecord>;

/** Before version 2 a bike had one wheel, and neither brief nor rule for cross-chaining. */
interface BikeBefore2 {
  readonly rimDiameterMm?: unknown;
  readonly tyreWidthMm?: unknown;
  readonly measuredRolloutMm?: unknown;
}

export const BIKE_MIGRATIONS: readonly Migration[] = [
  {
    toVersion: 2,
    name: 'a bike has wheelsets and a brief',
    table: 'bikes',
    up: ({ rimDiameterMm, tyreWidthMm, measuredRolloutMm, ...rest }: Record<string, unknown> & BikeBefore2) => ({
      ...rest,
      wheelsets: [
        {
          id: 'wheels-1',
          name: 'Wheels',
          rimDiameterMm,
          tyreWidthMm,
          ...(measuredRolloutMm === undefined ? {} : { measuredRolloutMm }),
        },
      ],
      crossedCogs: 2,
      brief: {},
    }),
  },
  {
    toVersion: 12,
    name: 'the cadence a rider likes best is another than the one at which speeds are shown',
    table: 'bikes',
    // The default says nothing about the rider.
    up: ({ brief, cadenceRpm, ...rest }: Record<string, unknown> & BikeBefore12) => ({
      ...rest,
      cadenceRpm,
      brief:
        typeof cadenceRpm === 'number' && cadenceRpm !== CADENCE_BEFORE_12
          ? { preferredRpm: cadenceRpm, ...brief }
          : brief,
    }),
  },
  {
    toVersion: 13,
    name: 'speeds that no gear covers are gaps',
    table: 'bikes',
    up: bikeTo13,
  },
];

/** Before version 13 the rider's bothers and the criteria of a search called a gap a gap. */
interface BikeBefore13 {
  readonly brief?: BriefBefore13;
  readonly roles?: readonly { readonly brief?: BriefBefore13 }[];
  readonly find?: FindBefore13;
  readonly savedSearches?: readonly { readonly find?: FindBefore13 }[];
}
interface BriefBefore13 {
  readonly bothers?: readonly unknown[];
}
interface FindBefore13 {
  readonly aims?: readonly unknown[];
}

function bikeTo13(bike: Record<string, unknown> & BikeBefore13): Record<string, unknown> {
  const renamed = (names: readonly unknown[]) => names.map((name) => (name === 'holes' ? 'gaps' : name));
  const briefTo13 = (brief?: BriefBefore13) => (brief?.bothers ? { ...brief, bothers: renamed(brief.bothers) } : brief);
  const findTo13 = (find?: FindBefore13) => (find?.aims ? { ...find, aims: renamed(find.aims) } : find);
  const { brief, roles, find, savedSearches } = bike;
  return {
    ...bike,
    brief: briefTo13(brief),
    ...(roles && { roles: roles.map((role) => ({ ...role, brief: briefTo13(role.brief) })) }),
    ...(find && { find: findTo13(find) }),
    ...(savedSearches && { savedSearches: savedSearches.map((one) => ({ ...one, find: findTo13(one.find) })) }),
  };
}

/** Before version 12 one cadence was both. */
interface BikeBefore12 {
  readonly cadenceRpm?: unknown;
  readonly brief?: object;
}
const CADENCE_BEFORE_12 = 90;
