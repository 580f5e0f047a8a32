import { newDrill, type DrillOptions } from './drills';
import type { DrillKind } from './kinds';
import { fingerprintOf, type Question } from './question';
import { Seeded } from './seeded';
import { itemAt } from '../items';

export const WORKSHEET_QUESTIONS = { min: 4, max: 12 } as const;

/**
 * Generates questions for paper, of the requested kinds in turn, no two alike; the same for the same seed.
 * @param kinds at least one
 */
export function worksheet(
  kinds: readonly DrillKind[],
  count: number,
  seed: number,
  options: DrillOptions,
): Question<DrillKind>[] {
  const random = new Seeded(seed);
  const questions: Question<DrillKind>[] = [];
  for (let i = 0; i < count; i += 1) {
    const lately = questions.map(fingerprintOf);
    questions.push(newDrill(itemAt(kinds, i % kinds.length), random.whole(0, 2 ** 31), options, lately));
  }
  return questions;
}
