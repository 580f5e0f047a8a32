import { entryOf, firstOf, itemAt, lastOf, definite } from './items';

test('an item is found by its index in arrays and typed arrays', () => {
  expect([itemAt([5, 0, 7], 1), firstOf([5, 0, 7]), lastOf(Float64Array.of(1.5, 2.5))]).toEqual([0, 5, 2.5]);
});

test.each([
  ['past the end', () => itemAt([1, 2], 2), 'no item 2 among 2'],
  ['before the start', () => itemAt([1, 2], -1), 'no item -1 among 2'],
  ['the first of none', () => firstOf([]), 'no item 0 among 0'],
  ['the last of none', () => lastOf([]), 'no item -1 among 0'],
  ['a key that is not there', () => entryOf(new Map([['a', 1]]), 'b'), 'no entry b'],
])('%s throws with the index or key it was given', (_, access, message) => {
  expect(access).toThrow(new RangeError(message));
});

test('a value of a map is found by its key, zero among them', () => {
  expect(entryOf(new Map([['a', 0]]), 'a')).toBe(0);
});

test('a missing value throws, and one that is only falsy does not', () => {
  expect([definite(0), definite(''), definite(false)]).toEqual([0, '', false]);
  expect(() => definite(undefined)).toThrow(TypeError);
  expect(() => definite(null)).toThrow(TypeError);
});
