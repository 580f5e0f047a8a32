import type { FoundFacts } from './found';

/** Criteria that a search minimises, the most important first. */
export const FIND_AIMS = [
  'stepsOver',
  'largestStep',
  'meanStep',
  'gaps',
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

/** Criteria that need no ride simulation. */
type CheapAim = Exclude<FindAim, 'outOfBand'>;

/** Gaps in so few of the speeds are not felt: a share. */
const GAPS_NOT_FELT = 0.005;

const VALUES: Readonly<Record<CheapAim, (found: FoundFacts) => number>> = {
  stepsOver: ({ metrics }) => metrics.stepsOver,
  largestStep: ({ metrics }) => metrics.largestStep,
  meanStep: ({ metrics }) => metrics.meanStep,
  gaps: ({ metrics }) => (metrics.gapShare < GAPS_NOT_FELT ? 0 : metrics.gapShare),
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
