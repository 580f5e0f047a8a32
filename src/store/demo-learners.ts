import type { DrillKind, Mistake } from '../core/lesson';
import { LEARNER_DEFAULTS, type LearnerRecord } from '../records';
import { afterAnswer } from './progress';
import type { Recall } from './spacing';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;

/** Days ago, kind, how it went, and which mistake it was. */
type Answered = readonly [daysAgo: number, DrillKind, Recall, Mistake?];

/** The apprentice's first two weeks: good at sizes, at odds with percent. */
const APPRENTICE: readonly Answered[] = [
  [13, 'harderOrEasier', 'right'],
  [13, 'harderOrEasier', 'right'],
  [13, 'ratio', 'wrong', 'upsideDown'],
  [13, 'ratio', 'right'],
  [11, 'harderOrEasier', 'right'],
  [11, 'howMuch', 'wrong', 'teethForPercent'],
  [11, 'howMuch', 'wrong', 'teethForPercent'],
  [9, 'ratio', 'right'],
  [9, 'ratio', 'right'],
  [9, 'howMuch', 'helped'],
  [8, 'order', 'right'],
  [8, 'capacity', 'wrong', 'forgotRings'],
  [6, 'capacity', 'right'],
  [6, 'howMuch', 'wrong', 'wrongBase'],
  [4, 'harderOrEasier', 'right'],
  [4, 'capacity', 'right'],
  [2, 'howMuch', 'right'],
  [2, 'cadenceAfterShift', 'wrong', 'otherWay'],
];

/** Who learns at the Saltmarsh Yard. @param todayMs midnight, for their weeks are counted back from it */
export function demoLearners(todayMs: number): LearnerRecord[] {
  const at = (daysAgo: number, i: number) => todayMs - daysAgo * DAY_MS + 17 * HOUR_MS + i * 60_000;
  const apprentice: LearnerRecord = {
    ...LEARNER_DEFAULTS,
    id: 'learner-apprentice',
    name: 'Yard apprentice',
    createdAtMs: at(14, 0),
    seed: 48_321_136,
    lessons: {
      ratio: { atMs: at(14, 10), wasRight: false },
      sameRatio: { atMs: at(13, 40), wasRight: true },
      development: { atMs: at(11, 40), wasRight: true },
    },
  };
  return [
    APPRENTICE.reduce(
      (learner, [daysAgo, kind, recall, mistake], i) =>
        afterAnswer(learner, { kind, recall, mistake, fingerprint: i }, at(daysAgo, i)),
      apprentice,
    ),
    { ...LEARNER_DEFAULTS, id: 'learner-class', name: 'Evening class', createdAtMs: at(1, 0), seed: 441_044 },
  ];
}
