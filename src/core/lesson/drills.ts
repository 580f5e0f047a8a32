import type { Setup } from '../gears';
import { Drivetrains } from './drivetrain';
import { FIT_DRILLS } from './fit-drills';
import type { DrillKind } from './kinds';
import type { Level } from './level';
import type { Maker } from './making';
import { fingerprintOf, type Question } from './question';
import { RIDING_DRILLS } from './riding-drills';
import { Seeded } from './seeded';
import { SIZE_DRILLS } from './size-drills';

const MAKERS: Readonly<Record<DrillKind, Maker>> = { ...SIZE_DRILLS, ...RIDING_DRILLS, ...FIT_DRILLS };

export interface DrillOptions {
  readonly level: Level;
  /** The learner's own drivetrains, of which every other question is made. */
  readonly own?: readonly Setup[] | undefined;
}

/** A question of one kind; the same for the same seed and options. */
export function drill(kind: DrillKind, seed: number, { level, own }: DrillOptions): Question<DrillKind> {
  return { kind, seed, ...MAKERS[kind](new Seeded(seed), { level, drivetrains: new Drivetrains(own) }) };
}

/** Past so many tries the kind has nothing new for these drivetrains, and a question comes again. */
const NEW_TRIES = 60;

/** From one question of a learner to the next the seed goes on by so much: more than are tried to find a new one. */
const SEED_STEP = 1009;

/** Where the search for a learner's next question begins, after so many answers. */
export const seedAfter = (seed: number, answered: number) => seed + answered * SEED_STEP;

/** Returns a question of one kind that was not asked recently, counting up from `seed`. */
export function newDrill(
  kind: DrillKind,
  seed: number,
  options: DrillOptions,
  lately: readonly number[],
): Question<DrillKind> {
  for (let i = 0; i < NEW_TRIES; i += 1) {
    const question = drill(kind, seed + i, options);
    if (!lately.includes(fingerprintOf(question))) return question;
  }
  return drill(kind, seed, options);
}
