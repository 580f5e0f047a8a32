/** Maximum length; longer than any message of ours, so that only quoted input is cut. */
const SENTENCE_MAX = 220;

/** A message, or a text that is quoted in one, cut where it gets too long to be read. */
export function excerpt(text: string, max = SENTENCE_MAX): string {
  return text.length <= max ? text : `${text.slice(0, max - 1)}…`;
}
