import { FIT_DRILLS } from './fit-drills';
import type { Maker } from './making';
import type { Question } from './question';
import { RIDING_DRILLS } from './riding-drills';
import { Seeded } from './seeded';
import { SIZE_DRILLS } from './size-drills';

const MAKERS = { ...SIZE_DRILLS, ...RIDING_DRILLS, ...FIT_DRILLS } as const;
export type DrillKind = keyof typeof MAKERS;
export const DRILL_KINDS = Object.keys(MAKERS) as DrillKind[];

/** A question of one kind; the same for the same seed. */
export function drill(kind: DrillKind, seed: number): Question<DrillKind> {
  const make: Maker = MAKERS[kind];
  return { kind, seed, ...make(new Seeded(seed)) };
}
