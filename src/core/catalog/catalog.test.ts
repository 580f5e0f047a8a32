import { checkSetup } from '../gears';
import { GENERIC_CASSETTES, cassettesOfRange, isUncommonCount, nearestRanges, sameTeeth } from './cassettes';
import { checkFreehubData } from '../fit';
import { FREEHUB_FAMILIES, familyName } from './freehubs';
import { cassetteMassG, chainMassG, ringMassG } from './mass-by-teeth';
import { isSoldCog, soldLargestCog, soldRing, soldSmallestCog } from './sold';

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

test('cassettes of 8 to 12 cogs are common', () => {
  expect([6, 7, 8, 9, 12, 13].map(isUncommonCount)).toEqual([true, true, false, false, false, true]);
  expect(sameTeeth([11, 13], [11, 13])).toBe(true);
  expect(sameTeeth([11, 13], [11, 13, 15])).toBe(false);
  expect(sameTeeth([11, 13], [11, 14])).toBe(false);
});

test('estimated masses are those of the worked examples', () => {
  expect(ringMassG(48)).toBeCloseTo(103.7, 1);
  expect(cassetteMassG([11, 12, 13, 14, 15, 17, 19, 21, 23, 25, 28])).toBeCloseTo(269, 0);
  expect(cassetteMassG([16])).toBeCloseTo(0.31 * 64, 9);
  expect(chainMassG(112)).toBe(252);
});

test('a bought cog is the nearest that is sold; one that is sold itself is enough', () => {
  expect(soldLargestCog(36)).toBe(36);
  expect(soldLargestCog(35)).toBe(36);
  expect(soldLargestCog(99)).toBeUndefined();
  expect(soldSmallestCog(11)).toBe(11);
  expect(soldSmallestCog(8)).toBeUndefined();
  expect([11, 52, 53].map(isSoldCog)).toEqual([true, true, false]);
});

test('a bought ring is the nearest that is sold with the one that stays, the limit itself included', () => {
  const least = soldRing([48, 32], 'smallest', { atMost: 31 })!;
  expect(soldRing([48, 32], 'smallest', { atMost: least })).toBe(least);
  expect(soldRing([48, 32], 'smallest', { atMost: least - 1 }) ?? 0).toBeLessThan(least);
  const most = soldRing([44], 'largest', { atLeast: 41 })!;
  expect(most).toBeGreaterThanOrEqual(41);
  expect(soldRing([44], 'largest', { atLeast: most })).toBe(most);
  expect(soldRing([44], 'largest', { atLeast: 61 })).toBeUndefined();
});
