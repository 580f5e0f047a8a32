import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../tests/support/arbitraries';
import { ONE_RING, TOURER } from '../../tests/support/setups';
import { GENERIC_CASSETTES } from '../core/catalog/cassettes';
import { formatShorthand, parseShorthand } from './shorthand';

const read = (text: string) => {
  const result = parseShorthand(text);
  if (!result.ok) throw new Error(`${text}: ${result.message}`);
  return result;
};
const refusal = (text: string) => {
  const result = parseShorthand(text);
  if (result.ok) throw new Error(`${text} was read`);
  return result;
};

test.each([
  '48/32 x 11-36',
  '48-32 × 11-36 12s',
  '48/32X11-36',
  '  48 / 32   x  11 – 36 ',
  '48/32 x 11-36 12-speed',
  '48/32 x 11-36-12s',
  '2x48/32 11-36',
  '48/32 11-36 12s',
  '32/48 x 11-36',
  '48t/32t x 11-36t',
  '48 T / 32 T x 11-36',
  '48 32 x 11,12,13,14,15,17,19,21,24,28,32,36',
  '48/32 * 11 12 13 14 15 17 19 21 24 28 32 36 12 sp',
])('the tourer as %p', (text) => {
  expect(read(text).setup).toEqual(TOURER);
});

test.each([
  '44x10-44',
  '1x44 10-44',
  '1 x 44 x 10-44',
  '44t 10-44',
  '1x44t x 10-44t',
  '44 x 10-11-13-15-17-19-21-24-28-32-38-44',
  '44 X 10-44 12 Speed',
])('one ring as %p', (text) => {
  expect(read(text).setup).toEqual(ONE_RING);
});

test('a range takes the commonest and offers the others; its speeds choose', () => {
  const { setup, alternatives } = read('48/32 x 11-36');
  expect(setup.cogs).toHaveLength(12);
  expect(alternatives.map(({ cogs }) => cogs.length)).toEqual([12, 11, 10, 9]);
  expect(read('48/32 x 11-36 10s').setup.cogs).toEqual([11, 13, 15, 17, 19, 21, 24, 28, 32, 36]);
});

test.each([
  ['', 'enter chainrings x cassette, e.g. 48/32 x 11-36', true],
  ['48/32', 'put an x between chainrings and cassette, e.g. 48/32 x 11-36', true],
  ['48/ x 11-36', 'something is missing after “48/”', true],
  ['48/32 x', 'now the cassette: a range such as 11-36, or every cog', true],
  ['48/32 x 11', 'one cog, 11: type a range such as 11-36, or every cog', true],
  ['48/32 x 11-', 'something is missing after “11-”', true],
  ['48/32 x 11-3', 'cog 3: cogs have 9 to 60 teeth', true],
  ['48/32 x 11--36', 'a number is missing in “11--36”', false],
  ['48/32 x 11-36 x 2', 'more than one x: write rings, x, cassette, as in 48/32 x 11-36', false],
  ['banana x 11-36', 'cannot read “banana”: enter tooth counts as plain numbers', false],
  ['72/32 x 11-36', 'chainring 72: chainrings have 20 to 70 teeth', false],
  ['19 x 11-36', 'chainring 19: chainrings have 20 to 70 teeth', false],
  ['44/32/22 x 11-36', 'triples are not supported: enter two of the three rings', false],
  ['48/48 x 11-36', 'chainrings 48/48 are the same: give one ring, or a smaller second one', false],
  ['50/39/30 x 11-36', 'triples are not supported: enter two of the three rings', false],
  ['44 x 11-61', 'cog 61: cogs have 9 to 60 teeth', false],
  ['44 x 36-11', 'cog 11 after 36: list cogs from smallest to largest', false],
  ['44 x 11-13-13-15', 'cog 13 is there twice: name each cog once', false],
  ['44 x 11.5-13-15', 'cog 11.5: teeth are whole numbers from 9 to 60', false],
  ['44 x 11-36 20s', 'no 20-speed 11-36: there are 9, 10, 11- and 12-speed versions; or enter every cog', false],
  ['44 x 11-13-15 12s', 'you listed 3 cogs but wrote 12s: remove “12s” or fix the cogs', false],
  [
    '44 x 11-38',
    'no built-in 11-38 cassette: add the number of cogs, as in 11-38 11s, or enter every cog; the nearest are 11-40, 11-36, 11-42',
    false,
  ],
])('%p is refused', (text, message, unfinished) => {
  expect(refusal(text)).toEqual({ ok: false, message, unfinished });
});

test('a range that is not listed is proposed with its number of cogs, and reads back as every cog', () => {
  const { setup, alternatives } = read('50/34 x 11-45 11s');
  expect(setup.cogs).toEqual([11, 13, 15, 17, 20, 23, 26, 30, 34, 39, 45]);
  expect(alternatives).toEqual([]);
  expect(formatShorthand(setup)).toBe('50/34 x 11-13-15-17-20-23-26-30-34-39-45');
  expect(read('50/34 x 12-23 10s').setup.cogs).toHaveLength(10);
});

test('every setup reads back from its shorthand', () => {
  fc.assert(
    fc.property(setupArbitrary(), (setup) => {
      expect(read(formatShorthand(setup)).setup).toEqual(setup);
    }),
    SEEDED,
  );
  for (const { cogs } of GENERIC_CASSETTES)
    expect(read(formatShorthand({ ...ONE_RING, cogs })).setup.cogs).toEqual(cogs);
});
