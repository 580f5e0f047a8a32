import type { FoundFacts } from './found';

/** What a search can be asked to make small; most important first where the order counts. */
export const FIND_AIMS = [
  'largestStep',
  'meanStep',
  'holes',
  'frontShifts',
  'doubleShifts',
  'newParts',
  'cost',
  'mass',
  'outOfBand',
  'easiest',
  'topSpeed',
  'capacity',
] as const;
export type FindAim = (typeof FIND_AIMS)[number];

/** Aims that are told without riding anything. */
export type CheapAim = Exclude<FindAim, 'outOfBand'>;

const VALUES: Readonly<Record<CheapAim, (found: FoundFacts) => number>> = {
  largestStep: ({ metrics }) => metrics.largestStep,
  meanStep: ({ metrics }) => metrics.meanStep,
  holes: ({ metrics }) => metrics.holeShare,
  frontShifts: ({ metrics }) => metrics.frontShifts,
  doubleShifts: ({ metrics }) => metrics.doubleShifts,
  newParts: ({ build }) => build.newParts.length,
  cost: ({ cost }) => cost,
  mass: ({ massChangeG }) => massChangeG,
  easiest: ({ metrics }) => metrics.easiestDevelopmentM,
  topSpeed: ({ metrics }) => -metrics.topSpeedKmh,
  capacity: ({ build }) => build.capacityRequiredT,
};

/** The value of an aim, such that less is better: the top speed goes in with its sign turned. */
export function aimValue(aim: CheapAim, found: FoundFacts): number {
  return VALUES[aim](found);
}
