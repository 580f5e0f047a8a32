import fc from 'fast-check';
import { SEEDED } from '../../../tests/support/arbitraries';
import { isProposed, proposedCogs } from './proposed-cogs';
import { cases } from '../../../tests/support/fuzz';

test('the ends and the count give cogs with even steps', () => {
  expect(proposedCogs(11, 45, 11)).toEqual([11, 13, 15, 17, 20, 23, 26, 30, 34, 39, 45]);
  expect(proposedCogs(12, 23, 10)).toEqual([12, 13, 14, 15, 16, 17, 18, 19, 21, 23]);
  expect(proposedCogs(11, 12, 2)).toEqual([11, 12]);
});

test('cogs are known as proposed until one of them is put right', () => {
  expect(isProposed([11, 13, 15, 17, 20, 23, 26, 30, 34, 39, 45])).toBe(true);
  expect(isProposed([11, 13, 15, 17, 19, 23, 26, 30, 34, 39, 45])).toBe(false);
  expect(isProposed([11, 12])).toBe(false);
});

test('too many cogs for the ends, and too few, give none', () => {
  expect(proposedCogs(11, 13, 4)).toBeUndefined();
  expect(proposedCogs(11, 36, 1)).toBeUndefined();
  expect(proposedCogs(9, 60, 15)).toBeUndefined();
});

test('they rise between the ends, and no cog moved by a tooth makes the steps more even', () => {
  const unevenness = (cogs: readonly number[]) =>
    cogs.slice(1).reduce((sum, cog, i) => sum + Math.log(cog / cogs[i]!) ** 2, 0);
  fc.assert(
    fc.property(
      fc.integer({ min: 9, max: 14 }),
      fc.integer({ min: 18, max: 55 }),
      fc.integer({ min: 2, max: 13 }),
      (a, b, n) => {
        const cogs = proposedCogs(a, b, n);
        if (!cogs) {
          expect(b - a).toBeLessThan(n - 1);
          return;
        }
        expect([cogs[0], cogs.at(-1), cogs.length]).toEqual([a, b, n]);
        cogs.slice(1).forEach((cog, i) => expect(cog).toBeGreaterThan(cogs[i]!));
        for (let i = 1; i < n - 1; i += 1) {
          for (const by of [-1, 1]) {
            const moved = cogs.map((cog, place) => (place === i ? cog + by : cog));
            if (moved[i - 1]! >= moved[i]! || moved[i]! >= moved[i + 1]!) continue;
            expect(unevenness(moved)).toBeGreaterThanOrEqual(unevenness(cogs) - 1e-12);
          }
        }
      },
    ),
    { ...SEEDED, numRuns: cases(50) },
  );
});
