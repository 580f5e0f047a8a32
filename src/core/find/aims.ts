import type { FoundFacts } from './found';

/** What a search can be asked to make small; most important first where the order counts. */
export const FIND_AIMS = [
  'stepsOver',
  'largestStep',
  'meanStep',
  'holes',
  'usualGears',
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

/** Gaps in so few of the speeds are not felt: a share. */
const GAPS_NOT_FELT = 0.005;

const VALUES: Readonly<Record<CheapAim, (found: FoundFacts) => number>> = {
  stepsOver: ({ metrics }) => metrics.stepsOver,
  largestStep: ({ metrics }) => metrics.largestStep,
  meanStep: ({ metrics }) => metrics.meanStep,
  holes: ({ metrics }) => (metrics.holeShare < GAPS_NOT_FELT ? 0 : metrics.holeShare),
  usualGears: ({ metrics }) => metrics.usualChange,
  frontShifts: ({ metrics }) => metrics.frontShifts,
  doubleShifts: ({ metrics }) => metrics.doubleShifts,
  newParts: ({ build }) => build.buy.filter(({ comesWith }) => !comesWith).length,
  cost: ({ build }) => build.cost,
  mass: ({ build }) => build.massChangeG,
  easiest: ({ metrics }) => metrics.easiestDevelopmentM,
  topSpeed: ({ metrics }) => -metrics.topSpeedKmh,
  capacity: ({ build }) => build.capacityRequiredT,
};

/** The value of an aim, such that less is better: the top speed goes in with its sign turned. */
export function aimValue(aim: CheapAim, found: FoundFacts): number {
  return VALUES[aim](found);
}
