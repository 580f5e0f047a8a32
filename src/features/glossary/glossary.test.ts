import { TERMS, TERMS_BY_NAME, termOf } from './terms';
import { termNamed, termsIn } from './find-terms';

const ids = (text: string) => termsIn(text).map(({ id }) => id);

test('ids and spellings are each there once, and what is to be read next is there', () => {
  expect(new Set(TERMS.map(({ id }) => id)).size).toBe(TERMS.length);
  const spellings = TERMS.flatMap(({ name, also }) => [name, ...also].map((one) => one.toLowerCase()));
  const twice = spellings.filter((one, i) => spellings.indexOf(one) !== i);
  expect(twice.filter((one) => !['b-screw', 'big-big', 'small-small'].includes(one))).toEqual([]);
  for (const { see, id } of TERMS) for (const next of see) expect([id, termOf(next).id]).toEqual([id, next]);
  expect(() => termOf('juggling')).toThrow('no term juggling');
  expect(TERMS_BY_NAME.map(({ name }) => name)).toEqual(
    [...TERMS_BY_NAME.map(({ name }) => name)].sort((a, b) => a.localeCompare(b, 'en')),
  );
});

test('every text is a sentence or more, and names no maker', () => {
  for (const { text } of TERMS) expect(text).toMatch(/^[A-Z1-9].*\.$/s);
});

test('terms are found as whole words, in singular and plural, the longest that fits', () => {
  expect(ids('A narrow-wide ring and two cogs')).toEqual(['narrowWide', 'cog']);
  expect(ids('Chainrings, rings and a RING')).toEqual(['chainring']);
  expect(ids('big-big and small-small; the B-gap')).toEqual(['bigBig', 'smallSmall', 'bGap']);
  expect(ids('gearing, cognac, linked, steps')).toEqual(['step']);
  expect(ids('a 2x instead of 1x, not 2x12')).toEqual(['twoBy', 'oneBy']);
  expect(ids('gear inches and gears')).toEqual(['gearInches', 'gear']);
  expect(ids('')).toEqual([]);
});

test('a marked word is a term with its full stop or its spaces, and only by itself', () => {
  expect(termNamed(' cassettes. ')?.id).toBe('cassette');
  expect(termNamed('“Development”')?.id).toBe('development');
  expect(termNamed('the cassette')).toBeUndefined();
  expect(termNamed('')).toBeUndefined();
});
