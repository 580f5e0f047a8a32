/** How a figure stands to a published limit. */
export type Verdict = 'inside' | 'at' | 'outside' | 'cannotWork' | 'notKnown';

/** One check of whether parts go together, with its margin. */
export interface Check {
  readonly id: CheckId;
  readonly verdict: Verdict;
  /** What the setup asks for, in `unit`. */
  readonly required: number;
  /** What is published or fitted, in `unit`; undefined where it is not known. */
  readonly limit: number | undefined;
  /** To spare, in `unit`; below 0 over, or too little. Undefined where the limit is not known. */
  readonly margin: number | undefined;
  readonly unit: 'T' | 'links';
  /** The datum that is not known, in words. */
  readonly missing: string | undefined;
  /** The verdict in a sentence, with the margin. */
  readonly message: string;
  /** What would make it inside, nearest first; empty unless outside. */
  readonly fixes: readonly string[];
}

export type CheckId =
  'totalCapacity' | 'largestCog' | 'largestCogMinimum' | 'smallestCog' | 'ringDifference' | 'chainLength';

/** The verdict on a margin, where a limit is known. */
export function verdictOf(margin: number): 'inside' | 'at' | 'outside' {
  if (margin > 0) return 'inside';
  return margin === 0 ? 'at' : 'outside';
}
