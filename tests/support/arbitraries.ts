import fc from 'fast-check';
import { CHAINRING_TEETH, COG_TEETH, NO_HUB_STAGE, type Setup } from '@/core/gears';
import { cases } from './fuzz';

/** Fixed, so that a failure is the same on every machine and every day. */
export const SEEDED = { seed: 20261124, numRuns: cases(100) } as const;

const rising = (a: number, b: number) => a - b;

export const cogsArbitrary = (minLength = 1) =>
  fc.uniqueArray(fc.integer(COG_TEETH), { minLength, maxLength: 14 }).map((cogs) => [...cogs].sort(rising));

export const chainringsArbitrary = fc
  .uniqueArray(fc.integer(CHAINRING_TEETH), { minLength: 1, maxLength: 2 })
  .map((rings) => [...rings].sort(rising).reverse());

export const setupArbitrary = (minCogs = 1): fc.Arbitrary<Setup> =>
  fc.record({ chainrings: chainringsArbitrary, cogs: cogsArbitrary(minCogs), hubStages: fc.constant(NO_HUB_STAGE) });
