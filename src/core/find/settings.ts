import type { Aim, FilledBrief } from '../needs';
import { COG_COUNT, ZONES } from '../gears';
import type { Bounds } from '../numbers';
import { GENERIC_CASSETTES, MODERN_COGS_MIN } from '../catalog/cassettes';
import { DEFAULT_PRICES, type PartKind, type Prices } from '../catalog/price-list';
import { WIDEST_SOLD_PAIR_T } from '../catalog/rings';
import type { FindAim } from './aims';
import { LAYOUTS, type Layout } from './ring-choices';
import { defined, type Optional } from '../optional';

/** Needs of the brief that a search may enforce. */
export const BRIEF_ASKS = [
  'easiest',
  'lowestRatio',
  'topSpeed',
  ...ZONES.map((zone) => `step.${zone}` as const),
] as const;
export type BriefAsk = (typeof BRIEF_ASKS)[number];

/** A route, or the recording of a ride, by its id. */
export interface RoadChoice {
  readonly kind: 'route' | 'ride';
  readonly id: string;
}

/** Entered settings of a search; the rest is assumed. */
export interface FindSettings {
  readonly layouts?: readonly Layout[] | undefined;
  readonly ringMinT?: number | undefined;
  readonly ringMaxT?: number | undefined;
  readonly ringDifferenceMaxT?: number | undefined;
  /** Available rings, if only those may be used. */
  readonly ringsAtHand?: readonly number[] | undefined;
  /** Whether rings and pairs that are not sold are tried too; no if absent. */
  readonly anyTeeth?: boolean | undefined;
  /** Cog counts of the cassettes that are tried. */
  readonly speeds?: readonly number[] | undefined;
  readonly keep?: readonly PartKind[] | undefined;
  readonly asks?: readonly BriefAsk[] | undefined;
  readonly costMax?: number | undefined;
  readonly massChangeMaxG?: number | undefined;
  /** Most important first. */
  readonly aims?: readonly FindAim[] | undefined;
  readonly prices?: Optional<Prices> | undefined;
  readonly road?: RoadChoice | undefined;
}

/** A search with nothing left open but what may be. */
export interface FilledFind {
  readonly layouts: readonly Layout[];
  readonly ringMinT: number;
  readonly ringMaxT: number;
  readonly ringDifferenceMaxT: number;
  readonly ringsAtHand: readonly number[] | undefined;
  readonly anyTeeth: boolean;
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

/** From the smallest ring of a pair that is sold to the largest single one. */
const RINGS: Bounds = { min: 22, max: 56 };

/** Cog counts that can be bought, fewest first. */
export const BOUGHT_SPEEDS: readonly number[] = Array.from({ length: COG_COUNT.max }, (_, i) => i + 1).filter((count) =>
  GENERIC_CASSETTES.some(({ cogs }) => cogs.length === count),
);

/** Default cog counts: those of modern cassettes, and that of the one on the bike. */
const usualSpeeds = (cogsNow: number) => BOUGHT_SPEEDS.filter((count) => count >= MODERN_COGS_MIN || count === cogsNow);

/** Criteria for a rider's priority; air drag depends on the second ring. */
const OF_BRIEF: Readonly<Record<Aim, FindAim>> = {
  cadence: 'largestStep',
  simplicity: 'frontShifts',
  range: 'easiest',
  weight: 'mass',
  cost: 'cost',
  aero: 'frontShifts',
};
/** Steps and gaps that bother the rider come first; those that do not come after parts to buy. */
const USUAL: readonly FindAim[] = ['stepsOver', 'gaps', 'newParts', 'frontShifts'];
const AIMS_TAKEN = 4;

/** The criteria of a brief, then the usual ones; with known usual gears, one more: that they stay. */
export function aimsOfBrief({ aims, ridden }: Pick<FilledBrief, 'aims' | 'ridden'>): readonly FindAim[] {
  const taken = [...new Set([...aims.map((aim) => OF_BRIEF[aim]), ...USUAL])].slice(0, AIMS_TAKEN);
  return ridden && ridden.usualM.length > 0 ? [...taken, 'usualGears'] : taken;
}

/** Steps are a matter of taste: they rank, and exclude a setup only on request. */
const ASKED: readonly BriefAsk[] = ['easiest', 'lowestRatio', 'topSpeed'];

/**
 * Fills what is left open.
 * @param brief of the bike: its priorities, and the gears in use
 * @param cogsNow how many cogs the cassette on the bike has
 */
export function fillFind(said: FindSettings, brief: Pick<FilledBrief, 'aims' | 'ridden'>, cogsNow: number): FilledFind {
  return {
    layouts: said.layouts ?? LAYOUTS,
    ringMinT: said.ringMinT ?? RINGS.min,
    ringMaxT: said.ringMaxT ?? RINGS.max,
    ringDifferenceMaxT: said.ringDifferenceMaxT ?? WIDEST_SOLD_PAIR_T,
    ringsAtHand: said.ringsAtHand,
    anyTeeth: said.anyTeeth ?? false,
    speeds: said.speeds ?? usualSpeeds(cogsNow),
    keep: said.keep ?? [],
    asks: said.asks ?? ASKED,
    costMax: said.costMax,
    massChangeMaxG: said.massChangeMaxG,
    aims: said.aims ?? aimsOfBrief(brief),
    prices: filledPrices(said.prices),
    road: said.road,
  };
}

/** Entered prices, round defaults for the rest. */
export const filledPrices = (said: FindSettings['prices']): Prices => ({
  ...DEFAULT_PRICES,
  ...defined(said ?? {}),
});
