import { allDigits, asTyped, decimalMarkOf, fixed, forFile, short, writeDecimalsWith } from './number-text';

afterEach(() => writeDecimalsWith('.'));

test.each([
  ['en-GB', '.'],
  ['de-DE', ','],
  ['fr', ','],
  ['pl', ','],
  ['ja', '.'],
])('%s parts whole and fraction by %p', (language, mark) => {
  expect(decimalMarkOf(language)).toBe(mark);
});

test('numbers with a point, until somebody reads a comma', () => {
  const all = () => [fixed(-12.345, 1), short(172.5, 2), short(170, 2), allDigits(-0.75), asTyped(-0.75)];
  expect(all()).toEqual(['−12.3', '172.5', '170', '−0.75', '-0.75']);
  writeDecimalsWith(',');
  expect(all()).toEqual(['−12,3', '172,5', '170', '−0,75', '-0,75']);
  expect(forFile(() => fixed(0.5, 1))).toBe('0.5');
  expect(() =>
    forFile(() => {
      throw new Error('no room');
    }),
  ).toThrow('no room');
  expect(fixed(0.5, 1)).toBe('0,5');
});
