import { Rating, createEmptyCard, fsrs, type Card, type Grade } from 'ts-fsrs';
import { MEMORY_PHASES, type Memory } from '../records';

/** How an answer came: wrong, right with a look at the hint, right. */
export type Recall = 'wrong' | 'helped' | 'right';

const RATING: Readonly<Record<Recall, Grade>> = { wrong: Rating.Again, helped: Rating.Hard, right: Rating.Good };
// Without chance in the intervals: the same answers at the same times give the same plan.
const scheduler = fsrs({ enable_fuzz: false });

/** When something is to be asked again after an answer (FSRS, the free spaced repetition scheduler). */
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
    state: MEMORY_PHASES.indexOf(memory.phase),
    learning_steps: memory.shortSteps,
    stability: memory.stabilityDays,
    difficulty: memory.difficulty,
    scheduled_days: memory.intervalDays,
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
