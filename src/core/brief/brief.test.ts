import fc from 'fast-check';
import { SEEDED } from '../../../tests/support/arbitraries';
import { powerForSpeed, msOf } from '../ride';
import { BRIEF_BOUNDS, BRIEF_NUMBERS, USES, contradictions, fillBrief, needsOf, resistanceOf } from './index';

test('an empty brief is filled by the use alone, and no default contradicts another', () => {
  for (const use of USES) {
    for (const preferredRpm of [60, 75, 90, 110]) {
      const filled = fillBrief({ use }, preferredRpm);
      expect(contradictions(filled)).toEqual([]);
      for (const field of BRIEF_NUMBERS) {
        expect(filled[field]).toBeGreaterThanOrEqual(BRIEF_BOUNDS[field].min);
        expect(filled[field]).toBeLessThanOrEqual(BRIEF_BOUNDS[field].max);
      }
    }
  }
});

test('what is said wins over every default; what is not follows it', () => {
  const filled = fillBrief({ riderMassKg: 60, effort: 'strong', lowRpm: 70, steepestLengthM: undefined }, 85);
  expect(filled).toMatchObject({ riderMassKg: 60, lowRpm: 70, highRpm: 95, spinOutRpm: 115, steepestLengthM: 2000 });
  expect(filled.powerW).toBeCloseTo(168, 10);
  expect(fillBrief({ effort: 'easy', powerW: 210 }, 85).powerW).toBe(210);
});

test.each([
  [{ lowRpm: 100, highRpm: 95 }, 'lowest comfortable cadence 100 rpm, highest 95 rpm'],
  [{ highRpm: 125 }, 'highest comfortable cadence 125 rpm, spin-out 120 rpm'],
  [{ climbingRpm: 110 }, 'lowest cadence on the climb 110 rpm, highest comfortable 100 rpm'],
  [{ lowRpm: 92 }, 'preferred cadence 90 rpm lies outside the comfortable 92–100 rpm'],
  [{ cruisingSpeedKmh: 50 }, 'usual speed 50 km/h, top pedalled speed 45 km/h'],
  [{ climbingBelowKmh: 30 }, 'climbing ends at 30 km/h, fast begins at 28 km/h'],
  [{ flatPercent: 90 }, 'shares of terrain add up to 160 %: they must make 100 %'],
])('%j contradicts', (brief, message) => {
  const found = contradictions(fillBrief(brief, 90)).map((one) => one.message);
  expect(found.join(' | ')).toContain(message);
});

test('the worked climb: 180 W, 105 kg, 8 %, 65 rpm wants about 1.8 m', () => {
  // The drag area of this position is a little above the worked example's 0.36 m².
  const needs = needsOf(fillBrief({ riderMassKg: 75, bikeMassKg: 15, loadMassKg: 15, powerW: 180 }, 88));
  expect(needs.climbSpeedKmh).toBeCloseTo(6.97, 1);
  expect(needs.easiestMaxM).toBeCloseTo(1.79, 2);
  expect(needs.climbMinutes).toBeCloseTo((2 / needs.climbSpeedKmh) * 60, 9);
  expect(needs.hardestMinM).toBeCloseTo(45_000 / (98 * 60), 9);
});

test('the rider’s own power holds the speed of the climb', () => {
  fc.assert(
    fc.property(
      fc.integer(BRIEF_BOUNDS.powerW),
      fc.integer({ min: 1, max: 30 }),
      fc.constantFrom(...USES),
      (powerW, steepestGradePercent, use) => {
        const brief = fillBrief({ powerW, steepestGradePercent, use }, 90);
        const { climbSpeedKmh } = needsOf(brief);
        expect(powerForSpeed(msOf(climbSpeedKmh), steepestGradePercent / 100, resistanceOf(brief))).toBeCloseTo(
          powerW,
          6,
        );
      },
    ),
    { ...SEEDED, numRuns: 200 },
  );
});
