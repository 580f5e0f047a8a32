import { LADEN } from '../../../tests/support/setups';
import { climbEffort, elevationProfile, teethForEasier, teethForHarder } from './index';

const heights = (of: (i: number) => number | undefined, count = 60, stepM = 20) =>
  Array.from({ length: count }, (_, i) => ({ distanceM: i * stepM, elevationM: of(i) }));
const failure = (points: Parameters<typeof elevationProfile>[0]) => {
  const result = elevationProfile(points);
  if (result.ok) throw new Error('a profile');
  return { kind: result.failure.kind, code: result.failure.message.code, values: result.failure.message.values };
};

test('a profile without heights says whether there are none, or none that can be', () => {
  expect(failure(heights(() => undefined))).toMatchObject({ kind: 'noElevation', code: 'route.noElevation' });
  expect(failure(heights((i) => (i === 0 ? 5 : undefined)))).toMatchObject({ code: 'route.noElevation' });
  expect(failure(heights((i) => (i === 0 ? 5 : -9999)))).toMatchObject({
    code: 'route.noHeightIsOne',
    values: { faulty: 59, points: 60 },
  });
  // Two heights are enough, and the faulty ones between them are bridged.
  const two = elevationProfile(heights((i) => (i % 59 === 0 ? i : -9999)));
  expect(two).toMatchObject({ ok: true, notes: { absurd: 58, missing: 58 } });
});

test('a profile is as long as it may be, and no longer; the message has length and bound', () => {
  const of = (stepM: number, count = 60) => heights((i) => i % 100, count, stepM);
  expect(failure(of(1, 10))).toMatchObject({ kind: 'tooShort', values: { length: 9 } });
  const long = failure(of(1900, 12_000));
  expect(long.kind).toBe('tooLong');
  expect(long.values).toMatchObject({ length: (1900 * 11_999) / 1000 });
  expect(failure(of(2001, 3))).toMatchObject({ kind: 'gap', values: { length: 2001, most: 2000 } });
  expect(elevationProfile(of(2000, 3)).ok).toBe(true);
});

test('a climb that takes less than two minutes is ridden at the power for two minutes', () => {
  const stamina = { power60W: 180, anaerobicJ: 14_400 };
  const short = climbEffort(20, 0.08, stamina, LADEN);
  const longer = climbEffort(2000, 0.08, stamina, LADEN);
  expect(short.seconds * short.speedMs).toBeCloseTo(20, 6);
  expect(short.seconds).toBeLessThan(120);
  expect(short.powerW).toBeGreaterThan(longer.powerW);
  // The same power whatever the length below that.
  expect(climbEffort(10, 0.08, stamina, LADEN).powerW).toBe(short.powerW);
});

test('teeth for a development count the stage of a hub', () => {
  // 1.5 times the hub: half as large a ratio again is not needed of the teeth.
  expect(teethForEasier(36, 24, 1.5, 2000, 3)).toEqual({ ringAtMostT: 24, cogAtLeastT: 36 });
  expect(teethForHarder(36, 24, 1.5, 2000, 3)).toEqual({ ringAtLeastT: 24, cogAtMostT: 36 });
  expect(teethForEasier(36, 24, 1, 2000, 3)).toEqual({ ringAtMostT: 36, cogAtLeastT: 24 });
});
