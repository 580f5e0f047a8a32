/** How hard a kind of drill is for a learner: 1 the first steps, 3 as in the workshop. */
export const LEVELS = [1, 2, 3] as const;
export type Level = (typeof LEVELS)[number];

/** Right answers in a row that lead up, and wrong ones that lead down. */
const UP_AFTER = 3;
const DOWN_AFTER = 2;

export interface Standing {
  readonly level: Level;
  /** Answers of the same kind in a row since the level last changed: above 0 right ones, below 0 wrong ones. */
  readonly run: number;
}

export const FIRST_STANDING: Standing = { level: 1, run: 0 };

/** Returns a learner's level after an answer: three right ones in a row raise it, two wrong ones lower it. */
export function standingAfter({ level, run }: Standing, isRight: boolean): Standing {
  const next = isRight ? Math.max(run, 0) + 1 : Math.min(run, 0) - 1;
  if (next >= UP_AFTER && level < 3) return { level: (level + 1) as Level, run: 0 };
  if (next <= -DOWN_AFTER && level > 1) return { level: (level - 1) as Level, run: 0 };
  return { level, run: next };
}
