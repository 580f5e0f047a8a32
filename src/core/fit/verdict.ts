/** How a figure stands to a published limit. */
export type Verdict = 'inside' | 'at' | 'outside' | 'cannotWork' | 'notKnown';

/** One check of whether parts go together, with its margin. */
export interface Check {
  readonly id: CheckId;
  readonly verdict: Verdict;
  /** What the setup asks for, teeth. */
  readonly requiredT: number;
  /** What the part maker publishes, teeth; undefined where it is not known. */
  readonly limitT: number | undefined;
  /** Teeth to spare; below 0 teeth over. Undefined where the limit is not known. */
  readonly marginT: number | undefined;
  /** The datum that is not known, in words. */
  readonly missing: string | undefined;
  /** The verdict in a sentence, with the margin. */
  readonly message: string;
  /** What would make it inside, nearest first; empty unless outside. */
  readonly fixes: readonly string[];
}

export type CheckId = 'totalCapacity' | 'largestCog' | 'largestCogMinimum' | 'smallestCog';

/** The verdict on a margin, where a limit is known. */
export function verdictOf(margin: number): 'inside' | 'at' | 'outside' {
  if (margin > 0) return 'inside';
  return margin === 0 ? 'at' : 'outside';
}
