import type { Trial } from './trial';
import type { CheckId } from './verdict';

/** What came of having passed a published limit once. */
export interface Experience {
  readonly id: CheckId;
  /** By how many teeth it was passed. */
  readonly overT: number;
  readonly worked: boolean;
}

/** What a log says of passing a limit by so much. */
export interface Tally {
  /** Worked when passed by as much or more. */
  readonly worked: number;
  /** Reverted when passed by as much or less. */
  readonly reverted: number;
}

/** What speaks for and against passing a limit by `overT`: what worked farther out speaks for it, what failed nearer speaks against. */
export function tallyOf(id: CheckId, overT: number, experience: readonly Experience[]): Tally {
  const like = experience.filter((one) => one.id === id);
  return {
    worked: like.filter((one) => one.worked && one.overT >= overT).length,
    reverted: like.filter((one) => !one.worked && one.overT <= overT).length,
  };
}

/**
 * A trial in the light of the log: what the drawing cannot tell the log may; what the drawing forbids
 * it does not allow; and where like setups were reverted more often than not, "try" is a question again.
 */
export function withExperience(trial: Trial, { worked, reverted }: Tally): Trial {
  if (worked + reverted === 0) return trial;
  const reason = `${trial.reason}. In your log, past it by as much: ${worked} worked, ${reverted} reverted`;
  return { ...trial, decision: decided(trial.decision, worked, reverted), reason };
}

function decided(decision: Trial['decision'], worked: number, reverted: number): Trial['decision'] {
  if (decision === 'doNot' || worked === reverted) return decision;
  if (decision === 'try') return worked > reverted ? 'try' : 'undecided';
  return worked > reverted ? 'try' : 'doNot';
}
