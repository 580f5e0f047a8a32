import type { Aim } from '../brief';
import { COG_COUNT, ZONES, type Bounds } from '../gears';
import { GENERIC_CASSETTES } from '../parts/cassettes';
import type { FindAim } from './aims';
import { DEFAULT_PRICES, type PartKind, type Prices } from './parts';
import { DEFAULT_RING_DIFFERENCE_MAX_T, LAYOUTS, type Layout } from './ring-choices';

/** Needs of the brief that a search may be asked to hold to. */
export const BRIEF_ASKS = ['easiest', 'topSpeed', ...ZONES.map((zone) => `step.${zone}` as const)] as const;
export type BriefAsk = (typeof BRIEF_ASKS)[number];

/** A route, or the recording of a ride, by its id. */
export interface RoadChoice {
  readonly kind: 'route' | 'ride';
  readonly id: string;
}

/** What a person has said of a search; the rest is taken. */
export interface FindSettings {
  readonly layouts?: readonly Layout[] | undefined;
  readonly ringMinT?: number | undefined;
  readonly ringMaxT?: number | undefined;
  readonly ringDifferenceMaxT?: number | undefined;
  /** Rings that are at hand, where no other is to be tried. */
  readonly ringsAtHand?: readonly number[] | undefined;
  /** Cog counts of the cassettes that are tried. */
  readonly speeds?: readonly number[] | undefined;
  readonly keep?: readonly PartKind[] | undefined;
  readonly asks?: readonly BriefAsk[] | undefined;
  readonly costMax?: number | undefined;
  readonly massChangeMaxG?: number | undefined;
  /** Most important first. */
  readonly aims?: readonly FindAim[] | undefined;
  readonly prices?: Partial<Prices> | undefined;
  readonly road?: RoadChoice | undefined;
}

/** A search with nothing left open but what may be. */
export interface FilledFind {
  readonly layouts: readonly Layout[];
  readonly ringMinT: number;
  readonly ringMaxT: number;
  readonly ringDifferenceMaxT: number;
  readonly ringsAtHand: readonly number[] | undefined;
  readonly speeds: readonly number[];
  readonly keep: readonly PartKind[];
  readonly asks: readonly BriefAsk[];
  readonly costMax: number | undefined;
  readonly massChangeMaxG: number | undefined;
  readonly aims: readonly FindAim[];
  readonly prices: Prices;
  readonly road: RoadChoice | undefined;
}

export const FIND_COST: Bounds = { min: 0, max: 100_000 };
export const FIND_MASS_CHANGE_G: Bounds = { min: -5000, max: 5000 };
export const PRICE: Bounds = { min: 0, max: 10_000 };
export const FIND_AIMS_MAX = 6;

/** Rings that are common on bikes for grown people. */
const RINGS: Bounds = { min: 24, max: 54 };

/** Cog counts that can be bought, fewest first. */
export const BOUGHT_SPEEDS: readonly number[] = Array.from({ length: COG_COUNT.max }, (_, i) => i + 1).filter((count) =>
  GENERIC_CASSETTES.some(({ cogs }) => cogs.length === count),
);

/** What a rider's aim comes to in a search; air drag hangs on the second ring. */
const OF_BRIEF: Readonly<Record<Aim, FindAim>> = {
  cadence: 'largestStep',
  simplicity: 'frontShifts',
  range: 'easiest',
  weight: 'mass',
  cost: 'cost',
  aero: 'frontShifts',
};
const USUAL: readonly FindAim[] = ['largestStep', 'frontShifts', 'newParts'];
const AIMS_TAKEN = 4;

/** The aims of a brief, then the usual ones. */
export function aimsOfBrief(aims: readonly Aim[]): readonly FindAim[] {
  return [...new Set([...aims.map((aim) => OF_BRIEF[aim]), ...USUAL])].slice(0, AIMS_TAKEN);
}

/** Fills what is left open. @param briefAims those of the bike's brief */
export function fillFind(said: FindSettings, briefAims: readonly Aim[]): FilledFind {
  return {
    layouts: said.layouts ?? LAYOUTS,
    ringMinT: said.ringMinT ?? RINGS.min,
    ringMaxT: said.ringMaxT ?? RINGS.max,
    ringDifferenceMaxT: said.ringDifferenceMaxT ?? DEFAULT_RING_DIFFERENCE_MAX_T,
    ringsAtHand: said.ringsAtHand,
    speeds: said.speeds ?? BOUGHT_SPEEDS,
    keep: said.keep ?? [],
    asks: said.asks ?? BRIEF_ASKS,
    costMax: said.costMax,
    massChangeMaxG: said.massChangeMaxG,
    aims: said.aims ?? aimsOfBrief(briefAims),
    prices: { ...DEFAULT_PRICES, ...withoutUndefined(said.prices) },
    road: said.road,
  };
}

function withoutUndefined(prices: Partial<Prices> = {}): Partial<Prices> {
  return Object.fromEntries(Object.entries(prices).filter(([, price]) => price !== undefined));
}
