import {
  alongPositionsM,
  durationsS,
  haversineM,
  isPlausible,
  recordingOf,
  type RawSample,
  type Recording,
} from './index';

const at = (s: number, more: Partial<RawSample> = {}): RawSample => ({
  timeMs: 1_000_000 + s * 1000,
  speedMs: 6,
  cadenceRpm: 80,
  ...more,
});
const ok = (samples: RawSample[]) => {
  const result = recordingOf(samples);
  if (!result.ok) throw new Error(result.failure.kind);
  return result;
};
const failure = (samples: RawSample[]) => {
  const result = recordingOf(samples);
  if (result.ok) throw new Error('it was read');
  return result.failure;
};

test('columns of one length, seconds since the start', () => {
  const { recording, startedAtMs } = ok([at(0), at(1), at(3)]);
  expect(startedAtMs).toBe(1_000_000);
  expect([...recording.timeS]).toEqual([0, 1, 3]);
  expect([...recording.speedMs]).toEqual([6, 6, 6]);
  expect([...recording.distanceM]).toEqual([0, 6, 18]);
});

test('speed from distance, and from positions, where the file has none', () => {
  const counted = [0, 1, 2, 3].map((s) => at(s, { speedMs: undefined, distanceM: 100 + 5 * s }));
  expect(ok(counted).notes.speedFrom).toBe('distance');
  expect([...ok(counted).recording.speedMs]).toEqual([5, 5, 5, 5]);
  // A degree of latitude is 111.2 km.
  const placed = [0, 1, 2].map((s) => at(s, { speedMs: undefined, latitudeDeg: 52 + s / 11_120, longitudeDeg: 1 }));
  const result = ok(placed);
  expect(result.notes.speedFrom).toBe('positions');
  expect(result.recording.speedMs[1]).toBeCloseTo(10, 1);
  expect(haversineM({ latitudeDeg: 0, longitudeDeg: 0 }, { latitudeDeg: 0, longitudeDeg: 180 })).toBeCloseTo(
    Math.PI * 6_371_008.8,
    3,
  );
});

test('one speed in the file is enough to go by its speeds; where a sample has none, none is made up', () => {
  const { recording, notes } = ok([
    at(0, { distanceM: 0 }),
    at(1, { speedMs: undefined, distanceM: 9 }),
    at(2, { distanceM: 12 }),
  ]);
  expect(notes.speedFrom).toBe('file');
  expect(recording.speedMs).toEqual(Float32Array.of(6, NaN, 6));
});

test('a recording that was kept is plausible where each figure is one that a ride can have', () => {
  const { recording } = ok([at(0), at(1), at(3)]);
  expect(isPlausible(recording)).toBe(true);
  const column = (middle: number) => Float32Array.of(6, middle, 6);
  const positions = (latitude: number, longitude: number) => ({
    latitudeDeg: Float64Array.of(0, latitude, 0),
    longitudeDeg: Float64Array.of(0, longitude, 0),
  });
  const may: Partial<Recording>[] = [
    { speedMs: column(NaN) },
    { speedMs: column(0) },
    { powerW: column(0) },
    { timeS: Float64Array.of(0, 0, 31 * 86_400) },
    { positions: positions(90, -180) },
  ];
  for (const change of may) expect(isPlausible({ ...recording, ...change })).toBe(true);
  const mayNot: Partial<Recording>[] = [
    { speedMs: column(-0.1) },
    { speedMs: column(1000) },
    { cadenceRpm: column(-1) },
    { cadenceRpm: column(1000) },
    { elevationM: Float32Array.of(0, 50_000, 0) },
    { powerW: column(-1) },
    { powerW: column(50_000) },
    { timeS: Float64Array.of(-1, 1, 3) },
    { timeS: Float64Array.of(0, 3, 1) },
    { timeS: Float64Array.of(0, 1, 32 * 86_400) },
    { distanceM: Float64Array.of(0, 3, 1) },
    { positions: positions(90.1, 0) },
    { positions: positions(0, 180.1) },
  ];
  for (const change of mayNot) expect([change, isPlausible({ ...recording, ...change })]).toEqual([change, false]);
});

test('repeated times, absurd values and pauses are told', () => {
  const { recording, notes } = ok([
    at(0),
    at(0),
    at(1, { speedMs: 90 }),
    at(2, { cadenceRpm: 900 }),
    at(3),
    at(3703),
    at(3704),
  ]);
  expect(notes).toMatchObject({ repeated: 1, absurdSpeeds: 1, absurdCadences: 1, pauses: 1, pausedS: 3700 });
  expect(recording.speedMs[1]).toBeNaN();
  expect([...durationsS(recording.timeS)]).toEqual([1, 1, 1, 1, 1, 1]);
});

test.each([
  ['empty', 'empty', []],
  ['noTime', 'noTime', [{ latitudeDeg: 1, longitudeDeg: 1 }]],
  ['timeBackwards', 'timeBackwards', [at(0), at(5), at(2)]],
  ['noSpeed', 'noSpeed', [at(0, { speedMs: undefined }), at(1, { speedMs: undefined })]],
  ['noCadence', 'noCadence', [at(0, { cadenceRpm: undefined }), at(1, { cadenceRpm: undefined })]],
  ['absurd', 'speedsOutside', [at(0, { speedMs: 100 }), at(1, { speedMs: -3 })]],
  ['absurd', 'standsStill', [at(0, { speedMs: 0 }), at(1, { speedMs: 0 })]],
] as const)('%s is a failure with a reason', (kind, code, samples) => {
  const { kind: found, message } = failure([...samples]);
  expect(found).toBe(kind);
  expect(message.code).toBe(`recording.${code}`);
});

test('time that goes back names the place', () => {
  expect(failure([at(0), at(5), at(2)]).message.values).toEqual({ seconds: 3, sample: 3 });
});

test('a distance counter begins at 0, keeps its value where a sample has none, and never falls', () => {
  const metres = [100, undefined, 110, 5, 120].map((distanceM, s) =>
    at(s, { speedMs: undefined, ...(distanceM !== undefined && { distanceM }) }),
  );
  const { recording, notes } = ok(metres);
  expect(notes.speedFrom).toBe('distance');
  expect([...recording.distanceM]).toEqual([0, 0, 10, 10, 20]);
});

test('some points without a time are left out and counted; with more of them it is no ride', () => {
  const ride = (untimed: number) =>
    Array.from({ length: 40 }, (_, s) => ({ ...at(s), ...(s < untimed && { timeMs: undefined }) }));
  expect(ok(ride(1)).notes.untimed).toBe(1);
  expect(ok(ride(4)).recording.timeS).toHaveLength(36);
  expect(failure(ride(5)).kind).toBe('noTime');
});

test.each([
  ['km/h', 3.6],
  ['mph', 2.2369],
  ['m/s', 1],
] as const)('speeds in %s are recognized by the distance', (unit, factor) => {
  const ride = Array.from({ length: 60 }, (_, s) => at(s, { speedMs: 6 * factor, distanceM: 6 * s }));
  const { notes, recording } = ok(ride);
  expect(notes.speedUnit).toBe(unit);
  expect(recording.speedMs[30]).toBeCloseTo(6, 2);
});

test.each([5, 20, 60])('one sample in %i seconds is a ride, not pauses', (step) => {
  const ride = Array.from({ length: 50 }, (_, i) => at(step * (i < 40 ? i : i + 30)));
  const { notes, recording } = ok(ride);
  expect(notes).toMatchObject({ pauses: 1, pausedS: 31 * step });
  expect(durationsS(recording.timeS).reduce((sum, one) => sum + one, 0)).toBe(48 * step + 2);
});

test('between two segments no way was ridden', () => {
  const place = (s: number, more = {}) =>
    at(s, { speedMs: undefined, latitudeDeg: 52 + s / 11_120, longitudeDeg: 1, ...more });
  const { recording } = ok([place(0), place(1), place(500, { beginsSegment: true }), place(501)]);
  expect(Array.from(recording.distanceM, Math.round)).toEqual([0, 10, 10, 20]);
});

test('half of the positions are enough, half of the distances are not; a place needs both angles', () => {
  const placed = (s: number) => ({ latitudeDeg: 52 + s / 11_120, longitudeDeg: 1 });
  const half = [0, 1, 2, 3].map((s) => at(s, { speedMs: undefined, ...(s < 2 && placed(s)) }));
  expect(ok(half).notes.speedFrom).toBe('positions');
  expect(Array.from(ok(half).recording.distanceM, Math.round)).toEqual([0, 10, 10, 10]);
  const lone = [0, 1, 2, 3].map((s) =>
    at(s, { speedMs: undefined, latitudeDeg: 52 + s / 11_120, ...(s !== 1 && { longitudeDeg: 1 }) }),
  );
  const { distanceM } = ok(lone).recording;
  expect(distanceM[1]).toBe(0);
  expect(distanceM[2]).toBeCloseTo(
    haversineM({ latitudeDeg: 52, longitudeDeg: 1 }, { latitudeDeg: 52 + 2 / 11_120, longitudeDeg: 1 }),
    6,
  );
  const counted = [0, 1, 2, 3].map((s) => at(s, { speedMs: undefined, ...(s < 2 && { distanceM: 10 * s }) }));
  expect(failure(counted).kind).toBe('noSpeed');
});

test('half a place lies on no way, and the way goes on from the last whole one', () => {
  const place = { latitudeDeg: 52, longitudeDeg: 1 };
  const next = { latitudeDeg: 52.001, longitudeDeg: 1 };
  const metres = haversineM(place, next);
  expect([...alongPositionsM([place, { longitudeDeg: 1 }, { latitudeDeg: 52 }, {}, next])]).toEqual([
    0,
    0,
    0,
    0,
    metres,
  ]);
});

test('a ride lasts at most a month, and its times are of this age', () => {
  const MONTH_S = 31 * 86_400;
  expect(ok([at(0), at(MONTH_S)]).recording.timeS[1]).toBe(MONTH_S);
  expect(failure([at(0), at(MONTH_S + 1)]).message).toEqual({
    code: 'recording.tooLong',
    values: { days: 31 + 1 / 86_400, most: 31 },
  });
  const year2200 = Date.UTC(2200, 0, 1);
  expect(failure([{ ...at(0), timeMs: -1 }, at(1)]).message.code).toBe('recording.timeOutside');
  expect(failure([at(0), { ...at(1), timeMs: year2200 }]).message).toEqual({
    code: 'recording.timeOutside',
    values: { ms: year2200 },
  });
});
