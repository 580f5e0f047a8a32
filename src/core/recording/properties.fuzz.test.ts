import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { developedGears, gearsOf } from '../gears';
import {
  NO_MESSAGE_YET,
  STANDING,
  durationsS,
  gearNow,
  gearUse,
  likelier,
  pauseFromS,
  recordingOf,
  replay,
  takeMessage,
  type RawSample,
  type Recording,
} from './index';
import { cases } from '../../../tests/support/fuzz';

const RUNS = { ...SEEDED, numRuns: cases(30) };
const maybe = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined, freq: 4 });

/** Samples as the worst of files has them: gaps, nonsense, clocks that run anyhow. */
const samples = fc.array(
  fc.record({
    timeMs: maybe(fc.integer({ min: 0, max: 4_000_000 })),
    speedMs: maybe(fc.double({ min: -50, max: 200 })),
    cadenceRpm: maybe(fc.double({ min: -100, max: 900 })),
    distanceM: maybe(fc.double({ min: -1e6, max: 1e6, noNaN: true })),
    elevationM: maybe(fc.double({ min: -1e4, max: 1e5 })),
    latitudeDeg: maybe(fc.double({ min: -90, max: 90, noNaN: true })),
    longitudeDeg: maybe(fc.double({ min: -180, max: 180, noNaN: true })),
  }),
  { maxLength: 60 },
);

test('whatever the samples, there is a recording that is sound or a failure with a reason', () => {
  fc.assert(
    fc.property(samples, fc.boolean(), (raw, sorted) => {
      const list: RawSample[] = sorted ? [...raw].sort((a, b) => (a.timeMs ?? 0) - (b.timeMs ?? 0)) : raw;
      const result = recordingOf(list);
      if (!result.ok) {
        expect(result.failure.message.code).toMatch(/^recording\./);
        return;
      }
      const { timeS, speedMs, cadenceRpm, distanceM, elevationM } = result.recording;
      for (const column of [speedMs, cadenceRpm, distanceM, elevationM]) expect(column.length).toBe(timeS.length);
      timeS.forEach((time, i) => expect(i === 0 || time > timeS[i - 1]!).toBe(true));
      speedMs.forEach((speed) => expect(Number.isNaN(speed) || (speed >= 0 && speed <= 40)).toBe(true));
      cadenceRpm.forEach((rpm) => expect(Number.isNaN(rpm) || (rpm >= 0 && rpm <= 220)).toBe(true));
      durationsS(timeS).forEach((seconds) => expect(seconds > 0 && seconds <= pauseFromS(timeS)).toBe(true));
      expect(result.notes.repeated + result.notes.untimed).toBe(list.length - timeS.length);
    }),
    { ...SEEDED, numRuns: cases(100) },
  );
});

/** Columns that are well formed and otherwise anything. */
const recordings: fc.Arbitrary<Recording> = fc
  .array(
    fc.record({
      speed: fc.oneof(fc.constant(0), fc.constant(NaN), fc.double({ min: 0, max: 25, noNaN: true })),
      cadence: fc.oneof(fc.constant(0), fc.constant(NaN), fc.double({ min: 0, max: 150, noNaN: true })),
    }),
    { minLength: 1, maxLength: 120 },
  )
  .map((rows) => ({
    timeS: Float64Array.from(rows, (_, i) => i),
    speedMs: Float32Array.from(rows, ({ speed }) => speed),
    cadenceRpm: Float32Array.from(rows, ({ cadence }) => cadence),
    distanceM: Float64Array.from(rows, (_, i) => 5 * i),
    elevationM: new Float32Array(rows.length),
  }));

test('whatever the ride and the setup, gear use adds up and is finite', () => {
  fc.assert(
    fc.property(recordings, setupArbitrary(), (recording, setup) => {
      const gears = gearsOf(setup);
      const use = gearUse(recording, { setup, gears, rolloutMm: 2100, crossedCogs: 2, lowRpm: 80, highRpm: 95 });
      expect(use.drivingS + use.coastingS + use.standingS).toBeCloseTo(recording.timeS.length, 6);
      expect(use.sequence.length).toBe(recording.timeS.length);
      use.sequence.forEach((state) => expect(state >= STANDING && state < gears.length).toBe(true));
      for (const { seconds, share, sure, meanCadenceRpm } of use.shares) {
        expect(share).toBeGreaterThanOrEqual(0);
        if (seconds === 0) continue;
        expect(sure).toBeGreaterThanOrEqual(0);
        expect(sure).toBeLessThanOrEqual(1 + 1e-6);
        expect(Number.isFinite(meanCadenceRpm)).toBe(true);
      }
      expect(use.belowS + use.aboveS).toBeLessThanOrEqual(use.drivingS + 1e-9);
      expect(Number.isFinite(use.residual.median + use.residual.spread + use.sure)).toBe(true);
    }),
    RUNS,
  );
});

test('a replay keeps the time, whatever the setup', () => {
  fc.assert(
    fc.property(recordings, setupArbitrary(), (recording, setup) => {
      const gears = developedGears(setup, 2100);
      const on = replay(recording, { setup, gears, crossedCogs: 0, lowRpm: 80, highRpm: 95 });
      expect(on.secondsByGear.reduce((sum, one) => sum + one, 0)).toBeCloseTo(on.drivingS, 6);
      expect(on.lostS + on.wonS).toBeLessThanOrEqual(on.drivingS + 1e-9);
      expect(on.crossedS).toBe(0);
      expect(Number.isFinite(on.meanChange)).toBe(true);
      const { cogs, samples } = likelier([recording], setup, 2100, []);
      expect(samples).toBeLessThanOrEqual(recording.timeS.length);
      expect(cogs).toBeUndefined();
    }),
    RUNS,
  );
});

test('whatever a sensor sends, speed and cadence are finite and never negative', () => {
  const message = fc.record({
    wheelRevolutions: fc.integer({ min: 0, max: 2 ** 32 - 1 }),
    wheelTime1024: fc.integer({ min: 0, max: 65_535 }),
    crankRevolutions: fc.integer({ min: 0, max: 65_535 }),
    crankTime1024: fc.integer({ min: 0, max: 65_535 }),
  });
  fc.assert(
    fc.property(
      fc.array(fc.tuple(message, fc.double({ min: 0.01, max: 90, noNaN: true })), { maxLength: 40 }),
      (sent) => {
        let state = NO_MESSAGE_YET;
        let atS = 0;
        for (const [one, gap] of sent) {
          atS += gap;
          state = takeMessage(state, one, atS, 2100);
          expect(state.speedMs).toBeGreaterThanOrEqual(0);
          expect(state.cadenceRpm).toBeGreaterThanOrEqual(0);
          expect(Number.isFinite(state.speedMs + state.cadenceRpm + state.wheelTurns)).toBe(true);
        }
      },
    ),
    RUNS,
  );
});

test('the gear now is the nearest of all', () => {
  fc.assert(
    fc.property(
      setupArbitrary(),
      fc.double({ min: 1, max: 20, noNaN: true }),
      fc.double({ min: 25, max: 140, noNaN: true }),
      (setup, speedMs, cadenceRpm) => {
        const gears = developedGears(setup, 2100);
        const now = gearNow(gears, speedMs, cadenceRpm)!;
        const ridden = (speedMs * 60) / cadenceRpm;
        for (const { developmentM: own } of gears) {
          expect(Math.abs(Math.log(ridden / own))).toBeGreaterThanOrEqual(Math.abs(now.error) - 1e-12);
        }
      },
    ),
    RUNS,
  );
});
