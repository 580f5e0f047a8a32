import type { FindBike, FindRiding } from '@/core/find';
import type { FitInput } from '@/core/fit';
import { TOURER, TOURER_ROLLOUT_MM } from './setups';

/** The tourer of the worked examples as a bike that a search starts from, its sheet known as far as a test needs it. */
export const TOURER_FITTED: FitInput = {
  setup: TOURER,
  chainstayMm: 430,
  suspensionGrowthMm: 0,
  bbDropMm: 70,
  chainLinks: 112,
  rearDerailleur: {
    totalCapacityT: 41,
    largestCogMaxT: 36,
    smallestCogMinT: 11,
    ringDifferenceMaxT: 16,
    cageLengthMm: 93,
  },
  parts: { shifterSpeeds: 12, smallestRingT: 30 },
  freehub: { smallestCogT: 11 },
};

export const TOURER_BIKE: FindBike = { present: TOURER_FITTED, school: 'sheet', keep: [] };

/** How its rider rides it. */
export const TOURER_RIDING: FindRiding = {
  rolloutMm: TOURER_ROLLOUT_MM,
  hubStages: [1],
  crossedCogs: 2,
  lowRpm: 80,
  highRpm: 96,
  preferredRpm: 88,
  zones: { climbingBelowKmh: 15, fastAboveKmh: 28 },
};
