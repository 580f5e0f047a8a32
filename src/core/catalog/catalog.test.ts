import { checkSetup } from '../gears';
import { GENERIC_CASSETTES, cassettesOfRange, nearestRanges } from './cassettes';
import { checkFreehubData } from '../fit';
import { FREEHUB_FAMILIES, familyName } from './freehubs';
import { RIM_SIZES } from './rims';

test('every built-in cassette is sound, has 6 to 13 cogs and is there once', () => {
  const lists = GENERIC_CASSETTES.map(({ cogs }) => cogs.join('-'));
  expect(new Set(lists).size).toBe(lists.length);
  expect(lists.length).toBeGreaterThanOrEqual(45);
  for (const { cogs } of GENERIC_CASSETTES) {
    expect(checkSetup({ chainrings: [40], cogs, hubStages: [1] })).toEqual([]);
    expect(cogs.length).toBeGreaterThanOrEqual(6);
    expect(cogs.length).toBeLessThanOrEqual(13);
  }
  const counts = new Set(GENERIC_CASSETTES.map(({ cogs }) => cogs.length));
  expect([...counts].sort((a, b) => a - b)).toEqual([6, 7, 8, 9, 10, 11, 12, 13]);
});

test('one range, one speed count: one cassette, so that a range with its speeds is unambiguous', () => {
  const named = GENERIC_CASSETTES.map(({ cogs }) => `${cogs[0]}-${cogs.at(-1)} ${cogs.length}s`);
  expect(new Set(named).size).toBe(named.length);
});

test('a range offers its cassettes with the commonest first', () => {
  expect(cassettesOfRange(11, 36).map(({ cogs }) => cogs.length)).toEqual([12, 11, 10, 9]);
  expect(cassettesOfRange(10, 44).map(({ cogs }) => cogs.length)).toEqual([12, 13]);
  expect(cassettesOfRange(11, 34).map(({ cogs }) => cogs.length)).toEqual([11, 12, 10, 9, 8]);
  expect(cassettesOfRange(11, 38)).toEqual([]);
});

test('a range that none has is answered with its neighbours', () => {
  expect(nearestRanges(11, 38, 3)).toEqual(['11-40', '11-36', '11-42']);
});

test('rim sizes are there once', () => {
  expect(new Set(RIM_SIZES.map(({ diameterMm }) => diameterMm)).size).toBe(RIM_SIZES.length);
});

test('freehub families differ in what they are called, and hold sizes that a wheel may have', () => {
  expect(new Set(FREEHUB_FAMILIES.map((family) => JSON.stringify(familyName(family)))).size).toBe(
    FREEHUB_FAMILIES.length,
  );
  for (const { spline, bodyLengthMm, smallestCogT } of FREEHUB_FAMILIES) {
    expect(checkFreehubData({ spline, bodyLengthMm, smallestCogT })).toEqual([]);
  }
  expect(familyName(FREEHUB_FAMILIES[0]!)).toEqual({
    code: 'parts.freehub.known',
    values: { spline: 'nine wide splines', length: 34.9, speeds: '8 to 10, wide-range 11' },
  });
});
