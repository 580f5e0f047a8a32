import { allDigits, asTyped, decimalMarkOf, fixed, short } from './number-text';

test.each([
  ['en-GB', '.'],
  ['de-DE', ','],
  ['fr', ','],
  ['pl', ','],
  ['ja', '.'],
])('%s parts whole and fraction by %p', (language, mark) => {
  expect(decimalMarkOf(language)).toBe(mark);
});

test('numbers have a point for a reader of English, a true minus sign where they are read, a plain one where they are typed', () => {
  const all = [fixed(-12.345, 1), short(172.5, 2), short(170, 2), allDigits(-0.75), asTyped(-0.75)];
  expect(all).toEqual(['−12.3', '172.5', '170', '−0.75', '-0.75']);
});
