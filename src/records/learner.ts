import type { Migration } from './migration';
import type { Memory, Skill, LearnerRecord } from './learner.schema';

export type { Memory, Skill, LearnerRecord };

export const MEMORY_PHASES = ['new', 'learning', 'review', 'relearning'] as const;

export const LATELY_MAX = 100;

export const LEARNER_DEFAULTS = { answered: 0, lessons: {}, skills: {} } as const;

export const LEARNER_MIGRATIONS: readonly Migration[] = [
  { toVersion: 8, name: 'learners are kept', table: 'learners', up: (learner) => learner },
  {
    toVersion: 16,
    name: 'drills and lessons are of duplicate gears and of gaps',
    table: 'learners',
    up: ({ skills, lessons, ...learner }) => ({
      ...learner,
      skills: renamed(skills as object, { twin: 'duplicate', hole: 'gap' }),
      lessons: renamed(lessons as object, { holes: 'gaps' }),
    }),
  },
];

/** An object with some of its keys renamed. */
function renamed(entries: object, names: Readonly<Record<string, string>>): Record<string, unknown> {
  return Object.fromEntries(Object.entries(entries).map(([key, value]) => [names[key] ?? key, value]));
}
