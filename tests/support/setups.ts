import type { FitInput } from '@/core/fit';
import { NO_HUB_STAGE, type Setup } from '@/core/gears';
import type { Resistance } from '@/core/ride';

const setup = (chainrings: number[], cogs: number[]): Setup => ({ chainrings, cogs, hubStages: NO_HUB_STAGE });

/** The two worked examples of the trade that the arithmetic is checked against: a wide 2x, and a 1x of nearly its range. */
export const TOURER = setup([48, 32], [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32, 36]);
export const ONE_RING = setup([44], [10, 11, 13, 15, 17, 19, 21, 24, 28, 32, 38, 44]);
/** A 622 rim with a 38 mm tyre. */
export const TOURER_ROLLOUT_MM = Math.PI * (622 + 2 * 38);

/** The tourer's frame and chain, without its derailleurs. */
export const TOURER_FRAME: Omit<FitInput, 'rearDerailleur'> = {
  setup: TOURER,
  chainstayMm: 430,
  suspensionGrowthMm: 0,
  bbDropMm: 70,
  chainLinks: 112,
};

/** Published limits that the tourer keeps: two teeth to spare for its rings and cassette, the cogs at their limits. */
export const TOURER_SHEET = {
  totalCapacityT: 43,
  largestCogMaxT: 36,
  largestCogMinT: 28,
  smallestCogMinT: 11,
  ringDifferenceMaxT: 16,
  cageLengthMm: 93,
};

/** A laden tourer on rough tarmac: 105 kg all-up, no wind. */
export const LADEN: Resistance = {
  massKg: 105,
  crr: 0.006,
  cdaM2: 0.36,
  airDensityKgM3: 1.2,
  efficiency: 0.96,
  headwindMs: 0,
};
