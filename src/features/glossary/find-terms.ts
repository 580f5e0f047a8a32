import { hasWords } from '../../ui/search';
import { TERMS, TERMS_BY_NAME, type Term } from './terms';

/** A stretch of text, and the term that it is, if any. */
interface Piece {
  readonly text: string;
  readonly term: Term | undefined;
}

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const spellings = (term: Term) => [term.name, ...term.also];
const key = (text: string) => text.toLowerCase().replace(/\s+/g, ' ');

const BY_SPELLING = new Map(TERMS.flatMap((term) => spellings(term).map((spelling) => [key(spelling), term] as const)));

/** Longest first, so that a narrow-wide ring is not taken for a ring. */
const LONGEST_FIRST = [...BY_SPELLING.keys()].sort((a, b) => b.length - a.length);
/** Matches whole words, singular or plural; 1x and 2x not within 2x12. */
const PATTERN = new RegExp(`(?<![\\w-])(${LONGEST_FIRST.map(escaped).join('|')})(e?s)?(?![\\w-])`, 'gi');

function termAt(found: string): Term | undefined {
  const text = key(found);
  return BY_SPELLING.get(text) ?? BY_SPELLING.get(text.replace(/s$/, '')) ?? BY_SPELLING.get(text.replace(/es$/, ''));
}

/** Cuts a text at the terms in it; put together again the pieces are the text. */
export function piecesOf(text: string): Piece[] {
  const pieces: Piece[] = [];
  let from = 0;
  for (const match of text.matchAll(PATTERN)) {
    if (match.index > from) pieces.push({ text: text.slice(from, match.index), term: undefined });
    pieces.push({ text: match[0], term: termAt(match[0]) });
    from = match.index + match[0].length;
  }
  if (from < text.length) pieces.push({ text: text.slice(from), term: undefined });
  return pieces;
}

/** The terms that a text names, in the order in which they come. */
export function termsIn(text: string): Term[] {
  return [...new Set(piecesOf(text).flatMap(({ term }) => term ?? []))];
}

/** Returns the term that a text is, such as a selected word; undefined where it is none. */
export function termNamed(text: string): Term | undefined {
  const trimmed = text.trim().replace(/[.,;:!?“”"()]+/g, '');
  const [piece, ...more] = piecesOf(trimmed);
  return more.length === 0 ? piece?.term : undefined;
}

/** Terms that have all the words of a search, in name, spelling or text; by name. */
export function termsWith(wanted: string): readonly Term[] {
  return TERMS_BY_NAME.filter((term) => hasWords([...spellings(term), term.text].join(' '), wanted));
}
