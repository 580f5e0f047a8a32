import type { Build, SetupBuilder } from './builder';
import { gearMetrics, type FindRiding, type GearMetrics } from './gearing';
import { costOf, drivePartsMassG, type OwnPrices, type Prices } from './parts';

/** A cassette that a search may put on. */
export interface CassetteOption {
  /** Smallest first. */
  readonly cogs: readonly number[];
  readonly name?: string | undefined;
  /** Weighed; estimated by its teeth where it is absent. */
  readonly massG?: number | undefined;
  readonly cost?: number | undefined;
}

/** A setup with all that needs and cheap aims ask of it. */
export interface FoundFacts {
  readonly chainrings: readonly number[];
  readonly cassette: CassetteOption;
  readonly metrics: GearMetrics;
  readonly build: Build;
  readonly cost: number;
  /** Of rings, cassette, chain and front derailleur: an estimate. */
  readonly massG: number;
  /** Against the setup fitted now, estimated alike. */
  readonly massChangeG: number;
}

/** What the very parts of a setup cost, where that is known. */
export function ownPrices({ cassette, build }: Pick<FoundFacts, 'cassette' | 'build'>): OwnPrices {
  return { cassette: cassette.cost, rearDerailleur: build.derailleurCost };
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
  readonly prices: Prices;
  /** Of the bike; without one nothing is known to stay, and nothing is said of whether it goes together. */
  readonly builder: SetupBuilder | undefined;
  /** Mass of the setup fitted now by {@link drivePartsMassG}; 0 without one. */
  readonly presentMassG: number;
}

const NOTHING_KNOWN: Omit<Build, 'capacityRequiredT'> = {
  kind: 'open',
  newParts: [],
  breaches: [],
  derailleur: 0,
  derailleurCost: undefined,
  chainLinks: 0,
  capacityOverT: 0,
};

export function factsOf(chainrings: readonly number[], cassette: CassetteOption, rules: FactRules): FoundFacts {
  const { riding, prices, builder, presentMassG } = rules;
  const { cogs } = cassette;
  const build = builder?.build(chainrings, cogs) ?? {
    ...NOTHING_KNOWN,
    capacityRequiredT: chainrings[0]! - chainrings.at(-1)! + cogs.at(-1)! - cogs[0]!,
  };
  const massG = drivePartsMassG(chainrings, cogs, build.chainLinks, cassette.massG);
  return {
    chainrings,
    cassette,
    metrics: gearMetrics(chainrings, cogs, riding),
    build,
    cost: costOf(build.newParts, prices, ownPrices({ cassette, build })),
    massG,
    massChangeG: massG - presentMassG,
  };
}
