import { NO_HUB_STAGE, type Setup } from '../gears';
import { GENERIC_CASSETTES } from '../parts/cassettes';
import type { Seeded } from './seeded';

/** Rings that bikes in common use have, big first. */
const ONE_RING = [30, 32, 34, 36, 38, 40, 42, 44] as const;
const TWO_RINGS = [
  [42, 28],
  [44, 28],
  [44, 32],
  [45, 29],
  [46, 30],
  [46, 33],
  [48, 31],
  [48, 32],
  [48, 35],
  [50, 33],
  [50, 34],
  [52, 36],
  [52, 38],
  [53, 39],
] as const;

/** Cassettes that go with two rings: a wide one goes with one. */
const NARROW_TO_T = 36;

const withRings = (chainrings: readonly number[], cogs: readonly number[]): Setup => ({
  chainrings,
  cogs,
  hubStages: NO_HUB_STAGE,
});

export function oneRing(random: Seeded): Setup {
  return withRings([random.pick(ONE_RING)], random.pick(GENERIC_CASSETTES).cogs);
}

export function twoRings(random: Seeded): Setup {
  const narrow = GENERIC_CASSETTES.filter(({ cogs }) => cogs.at(-1)! <= NARROW_TO_T);
  return withRings(random.pick(TWO_RINGS), random.pick(narrow).cogs);
}

/** One ring or two, as the seed has it. */
export function anyDrivetrain(random: Seeded): Setup {
  return random.next() < 0.5 ? oneRing(random) : twoRings(random);
}
