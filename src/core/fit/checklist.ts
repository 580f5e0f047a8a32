import type { Setup } from '../gears';

/** What a mechanic looks at where no arithmetic applies. */
export const CHECKLIST = [
  'derailleurMount',
  'crankAxle',
  'frontMount',
  'frontPull',
  'toothProfile',
  'firstCog',
  'quickLink',
  'spokes',
  'wornRing',
] as const;
export type ChecklistId = (typeof CHECKLIST)[number];

export type ChecklistAnswer = 'fits' | 'doesNotFit';
export type ChecklistAnswers = Readonly<Partial<Record<ChecklistId, ChecklistAnswer>>>;

export interface ChecklistItem {
  readonly id: ChecklistId;
  /** Undefined while nobody has looked. */
  readonly answer: ChecklistAnswer | undefined;
}

/** What is asked of a setup alone: a front derailleur of two rings, what holds the chain of one. */
const ONLY_FOR: Readonly<Partial<Record<ChecklistId, (setup: Setup) => boolean>>> = {
  frontMount: ({ chainrings }) => chainrings.length > 1,
  frontPull: ({ chainrings }) => chainrings.length > 1,
};

/** The questions that a setup asks, each with its answer. */
export function checklistOf(setup: Setup, answers: ChecklistAnswers): ChecklistItem[] {
  return CHECKLIST.filter((id) => ONLY_FOR[id]?.(setup) ?? true).map((id) => ({ id, answer: answers[id] }));
}
