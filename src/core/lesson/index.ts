export { DRILL_KINDS, drill } from './drills';
export type { DrillKind } from './drills';
export { MISTAKES, grade } from './question';
export type { Answer, Given, Grade, KnownMistake, Mistake, Question } from './question';
export { Seeded } from './seeded';
