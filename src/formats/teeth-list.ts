import { within, type Bounds } from '../core/numbers';

type TeethListResult =
  | { readonly ok: true; readonly teeth: readonly number[] }
  /** The first word that is no number of teeth in bounds. */
  | { readonly ok: false; readonly wrong: string };

/** Maximum length of user input quoted in a message. */
const QUOTED_MAX = 20;

/** Parses tooth counts separated by commas, spaces, slashes or dashes, in any order. Returns them in rising order without repeats. */
export function readTeethList(text: string, bounds: Bounds): TeethListResult {
  const words = text.split(/[\s,;/-]+/).filter((word) => word !== '');
  const wrong = words.find((word) => !/^\d+$/.test(word) || !within(Number(word), bounds));
  if (wrong !== undefined) return { ok: false, wrong: wrong.slice(0, QUOTED_MAX) };
  return { ok: true, teeth: [...new Set(words.map(Number))].sort((a, b) => a - b) };
}
