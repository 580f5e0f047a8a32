/** A scale on the bench. Everything that can weigh looks like this; the one that ships is simulated. */
export interface Scale {
  readonly name: string;
  /** The smallest step that it shows, g. */
  readonly resolutionG: number;
  /** Puts so much on it; 0 takes everything off. */
  readonly load: (grams: number) => void;
  /** Zeroes what is on it now. */
  readonly tare: () => void;
  /** Calls back with what it shows, several times a second, until the answer is called. */
  readonly watch: (show: (grams: number) => void) => () => void;
}
