import { RATIO, REST, UNREAD, readingsOf } from './readings';

const ROLLOUT_MM = 2100;

/** Readings of samples, one a second: speed in m/s and cadence in rpm each. */
const kinds = (samples: readonly (readonly [number, number])[], stepS = 1) =>
  [
    ...readingsOf(
      {
        timeS: Float64Array.from(samples, (_, i) => i * stepS),
        speedMs: Float32Array.from(samples, ([speed]) => speed),
        cadenceRpm: Float32Array.from(samples, ([, cadence]) => cadence),
        distanceM: new Float64Array(samples.length),
        elevationM: new Float32Array(samples.length),
      },
      ROLLOUT_MM,
    ).kind,
  ].map((kind) => ({ [RATIO]: 'ratio', [REST]: 'rest', [UNREAD]: 'unread' })[kind]);
const driven = [6, 80] as const;
const times = <T>(count: number, value: T) => Array.from({ length: count }, () => value);

test('a ratio is speed over cadence and rollout, with the scatter of rounding', () => {
  const one = (value: number) => Float32Array.of(value);
  const { kind, logRatio, rounding } = readingsOf(
    {
      timeS: Float64Array.of(0),
      speedMs: one(6),
      cadenceRpm: one(75),
      distanceM: Float64Array.of(0),
      elevationM: one(0),
    },
    ROLLOUT_MM,
  );
  expect(kind[0]).toBe(RATIO);
  expect(Math.exp(logRatio[0]!)).toBeCloseTo(6 / (1.25 * 2.1), 9);
  // 1 rpm and 0.1 km/h, each evenly spread.
  expect(rounding[0]).toBeCloseTo((1 / 75) ** 2 / 12 + (0.1 / 3.6 / 6) ** 2 / 12, 12);
});

test('cranks that are said to rest for three seconds at most were not read; longer, the rider freewheels', () => {
  const rest = (seconds: number) => kinds([driven, ...times(seconds, [6, 0] as const), driven]).slice(1, -1);
  expect(rest(3)).toEqual(times(3, 'unread'));
  expect(rest(4)).toEqual(times(4, 'rest'));
  // At the start and the end nothing says that the rider drove.
  expect(kinds([[6, 0], driven, [6, 19]])).toEqual(['rest', 'ratio', 'rest']);
  // Four seconds from sample to sample: one rest is longer than that.
  expect(kinds([driven, [6, 0], driven], 4)).toEqual(['ratio', 'rest', 'ratio']);
});

test('a missing cadence is a silent sensor for up to ten seconds', () => {
  const silent = (seconds: number) => kinds([driven, ...times(seconds, [6, NaN] as const), driven]).slice(1, -1);
  expect(silent(10)).toEqual(times(10, 'unread'));
  expect(silent(11)).toEqual(times(11, 'rest'));
});

test('a wheel that stands for a moment while the cranks turn was not read; one that goes on standing stands', () => {
  expect(kinds([driven, [0, 80], [0.4, 80], driven])).toEqual(['ratio', 'unread', 'unread', 'ratio']);
  expect(kinds([driven, ...times(6, [0, 80] as const), driven]).slice(1, -1)).toEqual(times(6, 'rest'));
  expect(kinds([driven, [0, 80]])).toEqual(['ratio', 'rest']);
  expect(kinds([driven, [0, 0], driven])).toEqual(['ratio', 'rest', 'ratio']);
});
