import { DEFAULT_CADENCE_RPM, DEFAULT_CLOSENESS_PERCENT, DEFAULT_CROSSED_COGS, type Bounds } from '../core/gears';
import type { Brief } from '../core/brief';
import type { LimitsPolicy } from '../core/fit';
import type { KnownTorques } from '../core/job';
import type { FindSettings } from '../core/find';
import type { BuiltCassette, SavedSearch } from './find-settings';
import type { Migration } from './migration';
import { WHEEL_DEFAULTS, type WheelsetRecord } from './wheelset';

/** A bike of the workshop, with its wheels, the cadence it is ridden at and what is asked of it. */
export interface BikeRecord {
  readonly id: string;
  /** Place in the list of bikes; lower comes first. */
  readonly rank: number;
  readonly name: string;
  /** At least one; each setup names the one it runs on. */
  readonly wheelsets: readonly WheelsetRecord[];
  /** mm, centre to centre */
  readonly crankLengthMm?: number | undefined;
  /** Rear axle to bottom bracket, mm. */
  readonly chainstayMm?: number | undefined;
  /** Bottom bracket below the axles, mm. */
  readonly bbDropMm?: number | undefined;
  /** How much longer the chainstay becomes as a rear suspension moves, mm. */
  readonly suspensionGrowthMm?: number | undefined;
  /** Largest ring that the frame has room for, with one ring and as the big one of two, teeth. */
  readonly oneRingMaxT?: number | undefined;
  readonly twoRingsMaxT?: number | undefined;
  /** Whether the frame has a mount and room for a front derailleur; absent where it is not known. */
  readonly takesFrontDerailleur?: boolean | undefined;
  /** Past this a chain is called steep, degrees. */
  readonly steepAngleDeg?: number | undefined;
  /** How published limits are taken; by the sheet where it is absent. */
  readonly limitsSchool?: LimitsPolicy | undefined;
  /** Whether chain losses are counted or ignored; counted where it is absent. */
  readonly lossSchool?: LossSchool | undefined;
  /** Loss ascribed to the chain's sideways angle, percent of the power a degree; none where it is absent. */
  readonly angleLossPercentPerDeg?: number | undefined;
  /** A difference in losses that somebody has measured and published, for the rider to hold against the estimate. */
  readonly publishedLoss?: PublishedLoss | undefined;
  /** Torques that were read off its parts, N·m; usual ones are shown for the rest. */
  readonly torquesNm?: KnownTorques | undefined;
  /** The cadence the rider likes best. */
  readonly cadenceRpm: number;
  /** Gears closer than this count as one, percent. */
  readonly closenessPercent: number;
  /** How many cogs at each end count as cross-chained on two rings. */
  readonly crossedCogs: number;
  readonly brief: Brief;
  /** What the bike is ridden for in turn, each with a setup of its own. */
  readonly roles?: readonly BikeRole[] | undefined;
  /** The search as it stands now. */
  readonly find?: FindSettings | undefined;
  readonly savedSearches?: readonly SavedSearch[] | undefined;
  readonly builtCassettes?: readonly BuiltCassette[] | undefined;
}

/** One of several roles of a bike, such as gravel or loaded touring. */
export interface BikeRole {
  readonly id: string;
  readonly name: string;
  /** Of the bike; absent until it is chosen, and it may have been removed since. */
  readonly setupId?: string | undefined;
  /** What differs from the bike's own brief. */
  readonly brief: Brief;
}

export const ROLES_MAX = 6;

/** A published figure, W, with where it stands. */
export interface PublishedLoss {
  readonly differenceW?: number | undefined;
  readonly source?: string | undefined;
}

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

/** A bike had one wheel, and neither brief nor rule for cross-chaining. */
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
    // One that was never touched says nothing of the rider.
    up: ({ brief, cadenceRpm, ...rest }: Record<string, unknown> & BikeBefore12) => ({
      ...rest,
      cadenceRpm,
      brief:
        typeof cadenceRpm === 'number' && cadenceRpm !== CADENCE_BEFORE_12
          ? { preferredRpm: cadenceRpm, ...brief }
          : brief,
    }),
  },
];

/** Before version 12 one cadence was both. */
interface BikeBefore12 {
  readonly cadenceRpm?: unknown;
  readonly brief?: object;
}
const CADENCE_BEFORE_12 = 90;
