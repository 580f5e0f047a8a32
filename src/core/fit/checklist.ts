import type { Setup } from '../gears';

/** Checks by eye. */
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
type ChecklistAnswers = Readonly<Partial<Record<ChecklistId, ChecklistAnswer>>>;

interface ChecklistItem {
  readonly id: ChecklistId;
  /** Undefined until checked. */
  readonly answer: ChecklistAnswer | undefined;
}

/** Questions that apply to some setups only: the front derailleur with two rings, chain retention with one. */
const ONLY_FOR: Readonly<Partial<Record<ChecklistId, (setup: Setup) => boolean>>> = {
  frontMount: ({ chainrings }) => chainrings.length > 1,
  frontPull: ({ chainrings }) => chainrings.length > 1,
};

/** Returns the questions that apply to a setup, each with its answer. */
export function checklistOf(setup: Setup, answers: ChecklistAnswers): ChecklistItem[] {
  return CHECKLIST.filter((id) => ONLY_FOR[id]?.(setup) ?? true).map((id) => ({ id, answer: answers[id] }));
}
