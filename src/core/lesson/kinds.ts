/** Kinds of drill, from the size of gears to plans of a whole swap. */
export const DRILL_KINDS = [
  'harderOrEasier',
  'howMuch',
  'ratio',
  'wheelTurns',
  'duplicate',
  'order',
  'cadenceAfterShift',
  'ringClicks',
  'gap',
  'capacity',
  'takes',
  'links',
  'plan',
] as const;
export type DrillKind = (typeof DRILL_KINDS)[number];

/** Lessons, in the order in which one builds on the other. */
export const LESSON_IDS = [
  'ratio',
  'sameRatio',
  'development',
  'speed',
  'steps',
  'overlap',
  'crossChaining',
  'capacity',
  'chainLength',
  'gaps',
  'oneOrTwo',
] as const;
export type LessonId = (typeof LESSON_IDS)[number];
