import type { Build, SetupBuilder } from './builder';
import { gearMetrics, type FindRiding, type GearMetrics } from './gearing';

/** A cassette that a search may put on. */
export interface CassetteOption {
  /** Smallest first. */
  readonly cogs: readonly number[];
  readonly name?: string | undefined;
}

/** A setup with all that needs and cheap aims ask of it. */
export interface FoundFacts {
  readonly chainrings: readonly number[];
  readonly cassette: CassetteOption;
  readonly metrics: GearMetrics;
  readonly build: Build;
}

/** A setup that meets the needs, with its values in the aims of the search. */
export interface Found extends FoundFacts {
  readonly values: readonly number[];
  /** On the chosen road, s; undefined where none was asked for. */
  readonly outOfBandS: number | undefined;
}

/** What the facts of a setup are worked out with. */
export interface FactRules {
  readonly riding: FindRiding;
  /** Of the bike; without one nothing is known to stay, and nothing is said of whether it goes together. */
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
    capacityRequiredT: chainrings[0]! - chainrings.at(-1)! + cogs.at(-1)! - cogs[0]!,
  };
  return { chainrings, cassette, metrics: gearMetrics(chainrings, cogs, riding), build };
}
