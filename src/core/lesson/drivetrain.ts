import { NO_HUB_STAGE, type Setup } from '../gears';
import { GENERIC_CASSETTES } from '../catalog/cassettes';
import type { Seeded } from './seeded';
import { lastOf } from '../items';

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
/** After so many drivetrains of the learner's own that a question cannot be made of, one in common use is taken. */
const OWN_TRIES = 20;

/** How many rings a question is about. */
export type Rings = 'one' | 'two' | 'any';

const withRings = (chainrings: readonly number[], cogs: readonly number[]): Setup => ({
  chainrings,
  cogs,
  hubStages: NO_HUB_STAGE,
});

function oneRing(random: Seeded): Setup {
  return withRings([random.pick(ONE_RING)], random.pick(GENERIC_CASSETTES).cogs);
}

function twoRings(random: Seeded): Setup {
  const narrow = GENERIC_CASSETTES.filter(({ cogs }) => lastOf(cogs) <= NARROW_TO_T);
  return withRings(random.pick(TWO_RINGS), random.pick(narrow).cogs);
}

/** A drivetrain in common use. */
function commonDrivetrain(random: Seeded, rings: Rings): Setup {
  const one = rings === 'one' || (rings === 'any' && random.next() < 0.5);
  return one ? oneRing(random) : twoRings(random);
}

/** Where the drivetrains of questions come from: those in common use, and every other time the learner's own. */
export class Drivetrains {
  private readonly own: readonly Setup[];

  /** @param own such as those in the workspace; with a hub of two speeds they would be another lesson */
  constructor(own: readonly Setup[] = []) {
    this.own = own.filter(({ hubStages }) => hubStages.length === 1 && hubStages[0] === 1);
  }

  /** One that a question can be made of. Some of those in common use must be accepted. */
  draw(random: Seeded, rings: Rings, accepts: (setup: Setup) => boolean = () => true): Setup {
    const own = this.own.filter(({ chainrings }) => rings === 'any' || (rings === 'one') === (chainrings.length === 1));
    for (let tries = 0; ; tries += 1) {
      const isOwn = own.length > 0 && tries < OWN_TRIES && random.next() < 0.5;
      const setup = isOwn ? random.pick(own) : commonDrivetrain(random, rings);
      if (accepts(setup)) return setup;
    }
  }
}
