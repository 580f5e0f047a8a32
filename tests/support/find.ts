import { needsOf, type FilledBrief } from '@/core/needs';
import type { FindBike, FindContext, FindRiding } from '@/core/find';
import type { FitInput } from '@/core/fit';
import type { Setup } from '@/core/gears';
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

/** What a search is asked of a bike of which nothing is known but its gears and wheel. */
export function contextOfGears(present: Setup, brief: FilledBrief, rolloutMm: number): FindContext {
  return {
    bike: {
      present: {
        setup: present,
        chainstayMm: 430,
        chainLinks: undefined,
        suspensionGrowthMm: 0,
        bbDropMm: 70,
        rearDerailleur: {},
        parts: {},
        freehub: {},
      },
      school: 'sheet',
    },
    rolloutMm,
    crossedCogs: 2,
    brief,
    briefNeeds: needsOf(brief),
    stock: [],
    built: [],
  };
}
