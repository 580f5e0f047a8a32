import { Rating, State, createEmptyCard, fsrs, type Card, type Grade } from 'ts-fsrs';
import { MEMORY_PHASES, type Memory } from '../records';

/** Quality of an answer: wrong, right with the hint, right. */
export type Recall = 'wrong' | 'helped' | 'right';

const RATING: Readonly<Record<Recall, Grade>> = { wrong: Rating.Again, helped: Rating.Hard, right: Rating.Good };
const STATES: Readonly<Record<Memory['phase'], State>> = {
  new: State.New,
  learning: State.Learning,
  review: State.Review,
  relearning: State.Relearning,
};
// Without chance in the intervals: the same answers at the same times give the same plan.
const scheduler = fsrs({ enable_fuzz: false });

/** Schedules the next repetition after an answer (FSRS, the free spaced repetition scheduler). */
export function remembered(memory: Memory | undefined, recall: Recall, now: number): Memory {
  // A clock that was set back must not make the time since the last answer negative.
  const at = new Date(Math.max(now, memory?.lastMs ?? now));
  const card = memory ? cardOf(memory) : createEmptyCard(at);
  return memoryOf(scheduler.next(card, at, RATING[recall]).card, at.getTime());
}

function cardOf(memory: Memory): Card {
  return {
    due: new Date(memory.dueMs),
    last_review: new Date(memory.lastMs),
    state: STATES[memory.phase],
    learning_steps: memory.shortSteps,
    stability: memory.stabilityDays,
    difficulty: memory.difficulty,
    scheduled_days: memory.intervalDays,
    // Required by the type and not used: the scheduler counts from the last review.
    // eslint-disable-next-line @typescript-eslint/no-deprecated
    elapsed_days: 0,
    reps: memory.repetitions,
    lapses: memory.lapses,
  };
}

function memoryOf(card: Card, lastMs: number): Memory {
  return {
    dueMs: card.due.getTime(),
    lastMs,
    phase: MEMORY_PHASES[card.state],
    shortSteps: card.learning_steps,
    stabilityDays: card.stability,
    difficulty: card.difficulty,
    intervalDays: card.scheduled_days,
    repetitions: card.reps,
    lapses: card.lapses,
  };
}
