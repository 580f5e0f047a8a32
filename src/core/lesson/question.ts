import type { DrillCode, Message } from '../message';

/** Text of a drill: a message, or only gears, numbers and signs. */
export type DrillLine = string | Message<DrillCode>;

/** The kind of answer of a drill. */
export type Answer =
  | { readonly kind: 'choice'; readonly options: readonly DrillLine[]; readonly right: number }
  | {
      readonly kind: 'number';
      readonly value: number;
      readonly unit: string;
      /** How far beside `value` still counts. */
      readonly tolerance: number;
      readonly decimals: number;
    }
  | {
      readonly kind: 'order';
      readonly items: readonly string[];
      /** Places in `items`, first to last. */ readonly right: readonly number[];
    };

/** Named mistakes, which drills diagnose. */
export const MISTAKES = [
  'wrongBase',
  'teethForPercent',
  'upsideDown',
  'otherWay',
  'forgotRings',
  'forgotCogs',
  'forgotAvoided',
  'oddLinks',
  'notRoundedUp',
  'differenceForRatio',
  'countedAll',
] as const;
export type Mistake = (typeof MISTAKES)[number];

/** What a wrong answer would come from, and why it is wrong, in the numbers of this question. */
export interface KnownMistake {
  readonly mistake: Mistake;
  /** The answer that it leads to: a number, or the place of an option. */
  readonly value: number;
  readonly why: DrillLine;
}

/** A question about a real drivetrain, with its answer worked out. */
export interface Question<K extends string = string> {
  readonly kind: K;
  readonly seed: number;
  readonly text: DrillLine;
  readonly answer: Answer;
  /** How the answer is worked out, line by line, with the numbers of this question. */
  readonly working: readonly DrillLine[];
  readonly mistakes: readonly KnownMistake[];
}

/** What a learner gave: a number, the place of an option, or places in order. */
export type Given = number | readonly number[];

export interface Grade {
  readonly isRight: boolean;
  /** The mistake that leads to just what was given. */
  readonly mistake: KnownMistake | undefined;
}

export function grade({ answer, mistakes }: Question, given: Given): Grade {
  if (isRight(answer, given)) return { isRight: true, mistake: undefined };
  const tolerance = answer.kind === 'number' ? answer.tolerance : 0;
  const near = (value: number) => typeof given === 'number' && Math.abs(given - value) <= tolerance;
  // Of two mistakes that lead nearly to the same, the one that leads nearer.
  const [mistake] = mistakes
    .filter(({ value }) => near(value))
    .sort((a, b) => Math.abs(a.value - Number(given)) - Math.abs(b.value - Number(given)));
  return { isRight: false, mistake };
}

function isRight(answer: Answer, given: Given): boolean {
  if (answer.kind === 'order') {
    return (
      typeof given !== 'number' &&
      given.length === answer.right.length &&
      given.every((place, i) => place === answer.right[i])
    );
  }
  if (typeof given !== 'number' || !Number.isFinite(given)) return false;
  return answer.kind === 'choice' ? given === answer.right : Math.abs(given - answer.value) <= answer.tolerance;
}

/** Returns a hash of a question, independent of its seed. FNV-1a, 32 bits. */
export function fingerprintOf({ text, answer }: Question): number {
  const content = JSON.stringify([text, answer]);
  let hash = 0x811c9dc5;
  for (let i = 0; i < content.length; i += 1) hash = Math.imul(hash ^ content.charCodeAt(i), 0x01000193);
  return hash >>> 0;
}
