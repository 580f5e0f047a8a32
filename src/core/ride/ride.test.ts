import fc from 'fast-check';
import { SEEDED } from '../../../tests/support/arbitraries';
import { LADEN, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { cadenceRpm, developmentM, gearsOf } from '../gears';
import {
  climb,
  developmentForM,
  kmhOf,
  msOf,
  powerForSpeed,
  speedForPower,
  teethForEasier,
  teethForHarder,
} from './index';

const gears = gearsOf(TOURER).map((gear) => ({ ...gear, developmentM: developmentM(gear.ratio, TOURER_ROLLOUT_MM) }));

test('180 W and 105 kg on 8%: 6.98 km/h, 59.7 rpm in 32/36, and 65 rpm wants 1.79 m', () => {
  const speed = kmhOf(speedForPower(180, 0.08, LADEN));
  expect(speed).toBeCloseTo(6.98, 2);
  expect(cadenceRpm(gears[0]!.developmentM, speed)).toBeCloseTo(59.7, 1);
  expect(developmentForM(speed, 65)).toBeCloseTo(1.79, 2);
  const found = climb(gears, 180, 0.08, LADEN, 65);
  expect(found.best.gear).toMatchObject({ chainring: 32, cog: 36 });
  expect(found.wantedDevelopmentM).toBeCloseTo(1.79, 2);
});

test('speed for a power undoes power for a speed, up, down, into the wind and before it', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 600, noNaN: true }),
      fc.double({ min: -0.25, max: 0.35, noNaN: true }),
      fc.double({ min: -12, max: 12, noNaN: true }),
      fc.double({ min: 40, max: 250, noNaN: true }),
      (powerW, grade, headwindMs, massKg) => {
        const resistance = { ...LADEN, headwindMs, massKg };
        const speed = speedForPower(powerW, grade, resistance);
        expect(speed).toBeGreaterThan(0);
        expect(powerForSpeed(speed, grade, resistance)).toBeCloseTo(powerW, 6);
      },
    ),
    SEEDED,
  );
});

test('without power the slope alone decides; with less than none nothing does', () => {
  expect(speedForPower(0, 0, LADEN)).toBe(0);
  const coasting = speedForPower(0, -0.06, LADEN);
  expect(powerForSpeed(coasting, -0.06, LADEN)).toBeCloseTo(0, 6);
  expect(coasting).toBeGreaterThan(5);
  expect(() => speedForPower(-1, 0, LADEN)).toThrow('power -1 W: at least 0');
  expect(() => speedForPower(Number.NaN, 0, LADEN)).toThrow(RangeError);
});

test('teeth for a wanted development are whole, just enough, and exact where they come out even', () => {
  // 1.79 m with a 44T cog: the ring must not be above 1.79 / 2.1928 × 44 = 35.9.
  const easier = teethForEasier(44, 44, 1, TOURER_ROLLOUT_MM, 1.79);
  expect(easier).toEqual({ ringAtMostT: 35, cogAtLeastT: 54 });
  expect(teethForHarder(44, 11, 1, TOURER_ROLLOUT_MM, developmentM(48 / 11, TOURER_ROLLOUT_MM))).toEqual({
    ringAtLeastT: 48,
    cogAtMostT: 10,
  });
  expect(teethForEasier(36, 36, 1, TOURER_ROLLOUT_MM, developmentM(32 / 36, TOURER_ROLLOUT_MM)).ringAtMostT).toBe(32);
});

test('km/h and m/s', () => {
  expect(kmhOf(10)).toBe(36);
  expect(msOf(kmhOf(7.3))).toBeCloseTo(7.3, 12);
});
