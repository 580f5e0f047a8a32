import { atLeast } from '../numbers';
import { ZONES, type Zone } from '../gears';
import { goesTogether } from '../fit';
import type { FoundFacts } from './found';
import type { Optional } from '../optional';

/** Requirements of a setup; absent ones do not apply. */
export interface FindNeeds {
  /** The easiest gear goes at most so far for a crank turn. */
  readonly easiestDevelopmentMaxM?: number | undefined;
  /** Ring ÷ cog of the easiest gear at most. */
  readonly lowestRatioMax?: number | undefined;
  /** Hardest gear at the high rpm. */
  readonly topSpeedMinKmh?: number | undefined;
  /** Along the shift path, as a share. */
  readonly largestStepMax?: number | undefined;
  readonly zoneStepMax?: Optional<Record<Zone, number>> | undefined;
  readonly costMax?: number | undefined;
  /** Against the setup fitted now, g; below 0 where it must become lighter. */
  readonly massChangeMaxG?: number | undefined;
  /** How far a need itself may be off, as a share; none where it is absent. */
  readonly uncertainty?: Readonly<Partial<Record<FindNeed, number>>> | undefined;
}

/** The needs in the order in which a search checks them, cheap ones first. */
export const FIND_NEEDS = [
  'easiest',
  'lowestRatio',
  'topSpeed',
  'keep',
  'cost',
  'mass',
  'fit',
  'largestStep',
  ...ZONES.map((zone) => `step.${zone}` as const),
] as const;
export type FindNeed = (typeof FIND_NEEDS)[number];

/** Of a part that must be kept and is not, and of a check that fails by no number: as bad as a tenth of anything else. */
const FLAT_SHORTFALL = 0.1;

/** What rings, cassette and chain of a bike weigh, more or less: a weight missed by so much is missed wholly. */
const DRIVE_MASS_G = 1000;

const over = (value: number, limit: number | undefined) =>
  limit === undefined || atLeast(limit, value) ? 0 : Math.log(value / limit);

/** Shortfall of each need, on a log scale; 0 if it is met or absent. */
const SHORTFALLS: Readonly<Record<FindNeed, (facts: FoundFacts, needs: FindNeeds) => number>> = {
  easiest: ({ metrics }, { easiestDevelopmentMaxM }) => over(metrics.easiestDevelopmentM, easiestDevelopmentMaxM),
  lowestRatio: ({ metrics }, { lowestRatioMax }) => over(metrics.easiestRatio, lowestRatioMax),
  topSpeed: ({ metrics }, { topSpeedMinKmh }) =>
    topSpeedMinKmh === undefined ? 0 : over(topSpeedMinKmh, metrics.topSpeedKmh),
  keep: ({ build }) => FLAT_SHORTFALL * build.breaches.length,
  cost: ({ build: { cost } }, { costMax }) =>
    costMax === undefined || cost <= costMax ? 0 : costMax === 0 ? 1 : over(cost, costMax),
  mass: ({ build: { massChangeG } }, { massChangeMaxG }) =>
    massChangeMaxG === undefined || massChangeG <= massChangeMaxG ? 0 : (massChangeG - massChangeMaxG) / DRIVE_MASS_G,
  fit: ({ build: { kind, capacityOverT, capacityRequiredT } }) => {
    if (goesTogether(kind)) return 0;
    if (kind === 'cannotWork') return 1;
    return FLAT_SHORTFALL + capacityOverT / capacityRequiredT;
  },
  // Steps are compared as quotients of gears: 20% over 15% is a little more than 4%.
  largestStep: ({ metrics }, { largestStepMax }) => stepOver(metrics.largestStep, largestStepMax),
  'step.climbing': ({ metrics }, { zoneStepMax }) => stepOver(metrics.zoneSteps.climbing, zoneStepMax?.climbing),
  'step.between': ({ metrics }, { zoneStepMax }) => stepOver(metrics.zoneSteps.between, zoneStepMax?.between),
  'step.fast': ({ metrics }, { zoneStepMax }) => stepOver(metrics.zoneSteps.fast, zoneStepMax?.fast),
};

function stepOver(step: number, most: number | undefined): number {
  return most === undefined || atLeast(most, step) ? 0 : Math.log1p(step) - Math.log1p(most);
}

/** A need that is missed, and by how much. */
export interface MissedNeed {
  readonly need: FindNeed;
  readonly shortfall: number;
}

/** The needs that a setup misses, in the order of asking; empty where it meets all. */
export function missedNeeds(facts: FoundFacts, needs: FindNeeds): MissedNeed[] {
  const missed: MissedNeed[] = [];
  for (const need of FIND_NEEDS) {
    const shortfall = SHORTFALLS[need](facts, needs);
    if (shortfall > 0) missed.push({ need, shortfall });
  }
  return missed;
}
