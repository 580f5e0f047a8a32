import type { Build, SetupBuilder } from './builder';
import { gearMetrics, type FindRiding, type GearMetrics } from './gearing';
import { firstOf, lastOf } from '../items';

/** A cassette that a search may put on. */
export interface CassetteOption {
  /** Smallest first. */
  readonly cogs: readonly number[];
  readonly name?: string | undefined;
}

/** A setup with the figures for needs and cheap criteria. */
export interface FoundFacts {
  readonly chainrings: readonly number[];
  readonly cassette: CassetteOption;
  readonly metrics: GearMetrics;
  readonly build: Build;
}

/** A setup that meets the needs, with its values in the aims of the search. */
export interface Found extends FoundFacts {
  readonly values: readonly number[];
  /** On the chosen route or ride, s; undefined if none was chosen. */
  readonly outOfBandS: number | undefined;
}

/** What the facts of a setup are worked out with. */
export interface FactRules {
  readonly riding: FindRiding;
  /** The bike; without one no part stays, and compatibility is not checked. */
  readonly builder: SetupBuilder | undefined;
}

const NOTHING_KNOWN: Omit<Build, 'capacityRequiredT'> = {
  kind: 'open',
  doubts: [],
  lessCommon: false,
  newParts: [],
  buy: [],
  cost: 0,
  massChangeG: 0,
  breaches: [],
  derailleur: 0,
  chainLinks: 0,
  capacityOverT: 0,
};

export function factsOf(chainrings: readonly number[], cassette: CassetteOption, rules: FactRules): FoundFacts {
  const { riding, builder } = rules;
  const { cogs } = cassette;
  const build = builder?.build(chainrings, cogs) ?? {
    ...NOTHING_KNOWN,
    capacityRequiredT: firstOf(chainrings) - lastOf(chainrings) + lastOf(cogs) - firstOf(cogs),
  };
  return { chainrings, cassette, metrics: gearMetrics(chainrings, cogs, riding), build };
}
