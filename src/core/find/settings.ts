import type { Aim, FilledBrief } from '../brief';
import { COG_COUNT, ZONES, type Bounds } from '../gears';
import { GENERIC_CASSETTES, MODERN_COGS_MIN } from '../parts/cassettes';
import { DEFAULT_PRICES, type PartKind, type Prices } from '../parts/price-list';
import { WIDEST_SOLD_PAIR_T } from '../parts/rings';
import type { FindAim } from './aims';
import { LAYOUTS, type Layout } from './ring-choices';

/** Needs of the brief that a search may be asked to hold to. */
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

/** What a person has said of a search; the rest is taken. */
export interface FindSettings {
  readonly layouts?: readonly Layout[] | undefined;
  readonly ringMinT?: number | undefined;
  readonly ringMaxT?: number | undefined;
  readonly ringDifferenceMaxT?: number | undefined;
  /** Rings that are at hand, where no other is to be tried. */
  readonly ringsAtHand?: readonly number[] | undefined;
  /** Whether rings and pairs that nobody sells are tried too; not where it is absent. */
  readonly anyTeeth?: boolean | undefined;
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

/** Cog counts that are tried unless others are asked for: those of modern cassettes, and that of the one on the bike. */
const usualSpeeds = (cogsNow: number) => BOUGHT_SPEEDS.filter((count) => count >= MODERN_COGS_MIN || count === cogsNow);

/** What a rider's aim comes to in a search; air drag hangs on the second ring. */
const OF_BRIEF: Readonly<Record<Aim, FindAim>> = {
  cadence: 'largestStep',
  simplicity: 'frontShifts',
  range: 'easiest',
  weight: 'mass',
  cost: 'cost',
  aero: 'frontShifts',
};
/** Steps and gaps that bother come first; what does not bother gives way to what must be bought. */
const USUAL: readonly FindAim[] = ['stepsOver', 'holes', 'newParts', 'frontShifts'];
const AIMS_TAKEN = 4;

/** The aims of a brief, then the usual ones; with usual gears that are known, one more: that they stay. */
export function aimsOfBrief({ aims, ridden }: Pick<FilledBrief, 'aims' | 'ridden'>): readonly FindAim[] {
  const taken = [...new Set([...aims.map((aim) => OF_BRIEF[aim]), ...USUAL])].slice(0, AIMS_TAKEN);
  return ridden && ridden.usualM.length > 0 ? [...taken, 'usualGears'] : taken;
}

/** Steps are a matter of taste: they rank, and leave a setup out only where the rider says so. */
const ASKED: readonly BriefAsk[] = ['easiest', 'lowestRatio', 'topSpeed'];

/**
 * Fills what is left open.
 * @param brief of the bike: its aims, and the gears that are in use
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

/** Prices as they were said, round sums for the rest. */
export const filledPrices = (said: FindSettings['prices']): Prices => ({
  ...DEFAULT_PRICES,
  ...withoutUndefined(said),
});

function withoutUndefined(prices: Partial<Prices> = {}): Partial<Prices> {
  return Object.fromEntries(Object.entries(prices).filter(([, price]) => price !== undefined));
}
