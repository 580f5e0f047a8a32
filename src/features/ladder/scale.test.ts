import fc from 'fast-check';
import { SEEDED } from '../../../tests/support/arbitraries';
import { ladderScale, spanOf, steadySpan } from './scale';
import { cases } from '../../../tests/support/fuzz';

/** 48/32 x 11-36 on a wheel of 2.15 m. */
const TOURER = [32 / 36, 32 / 11, 48 / 36, 48 / 11].map((ratio) => ratio * 2.15);
const with34 = [32 / 34, 32 / 11, 48 / 34, 48 / 11].map((ratio) => ratio * 2.15);
const with51 = [32 / 51, 32 / 11, 48 / 51, 48 / 11].map((ratio) => ratio * 2.15);

test('a tooth typed over leaves the axis where it is; a cassette that needs more or much less room has its own', () => {
  const span = spanOf(TOURER);
  expect(steadySpan(TOURER, undefined)).toEqual(span);
  expect(steadySpan(with34, span)).toBe(span);
  expect(ladderScale(steadySpan(with34, span), 60, 1200).at(TOURER[3]!)).toBe(
    ladderScale(span, 60, 1200).at(TOURER[3]!),
  );
  const wide = steadySpan(with51, span);
  expect(wide).toEqual(spanOf(with51));
  expect(steadySpan(TOURER, wide)).toEqual(span);
});

test('whatever was shown before, there is room at both ends, and not much of it', () => {
  const sizes = fc.array(fc.double({ min: 0.5, max: 12, noNaN: true }), { minLength: 2, maxLength: 24 });
  fc.assert(
    fc.property(sizes, sizes, (before, now) => {
      const { least, most } = steadySpan(now, spanOf(before));
      const [own, ends] = [spanOf(now), [Math.min(...now), Math.max(...now)] as const];
      expect(ends[0] / least).toBeGreaterThan(1.0199);
      expect(most / ends[1]).toBeGreaterThan(1.0199);
      expect(Math.log(own.most / own.least) / Math.log(most / least)).toBeGreaterThan(0.8999);
    }),
    { ...SEEDED, numRuns: cases(75) },
  );
});
