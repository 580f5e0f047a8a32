import { ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { seededRandom, simulateRide } from '../../../tests/support/rides';
import { developedGears, type Setup } from '../gears';
import { GENERIC_CASSETTES } from '../catalog/cassettes';
import { NO_MESSAGE_YET, likelier, messageAt, recordingOf, replay, takeMessage } from './index';

const cassettes = GENERIC_CASSETTES.map(({ cogs }) => cogs);
const ride = (setup: Setup, seed: number, rolloutMm = TOURER_ROLLOUT_MM) =>
  simulateRide({ setup, rolloutMm, seconds: 4000, seed }).recording;
const developed = (setup: Setup) => developedGears(setup, TOURER_ROLLOUT_MM);

describe('what the recording fits better', () => {
  const judge = (setup: Setup, ridden: Setup, rolloutMm: number, seed: number) =>
    likelier([ride(ridden, seed, rolloutMm)], setup, TOURER_ROLLOUT_MM, cassettes);

  test.each([1, 2, 3, 4])('nothing, where the workspace is right, seed %i', (seed) => {
    expect(judge(ONE_RING, ONE_RING, TOURER_ROLLOUT_MM, seed)).toMatchObject({ rolloutMm: undefined, cogs: undefined });
    expect(judge(TOURER, TOURER, TOURER_ROLLOUT_MM, seed)).toMatchObject({ rolloutMm: undefined, cogs: undefined });
  });

  test.each([0.96, 0.975, 1.03])('a rollout of %f of the one in the workspace', (factor) => {
    const found = judge(ONE_RING, ONE_RING, TOURER_ROLLOUT_MM * factor, 5);
    expect(found.cogs).toBeUndefined();
    expect(found.rolloutMm! / TOURER_ROLLOUT_MM).toBeCloseTo(factor, 2);
  });

  test('another cassette, as far as its cogs were ridden', () => {
    const ridden = { ...ONE_RING, cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32, 36] };
    // Those of 11, 12 and 14 teeth were not.
    const named = judge(ONE_RING, ridden, TOURER_ROLLOUT_MM, 6).cogs;
    expect(named).toEqual(expect.arrayContaining([13, 15, 17, 19, 21, 24, 28, 32, 36]));
  });

  test('of several rides the longest decides in its order, wherever it stands among them', () => {
    const other = { ...ONE_RING, cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32, 36] };
    const short = simulateRide({ setup: ONE_RING, rolloutMm: TOURER_ROLLOUT_MM, seconds: 500, seed: 8 }).recording;
    const rides = [short, ride(other, 6), short];
    const found = (recordings: typeof rides) => likelier(recordings, ONE_RING, TOURER_ROLLOUT_MM, [other.cogs]).cogs;
    expect(found(rides)).toEqual(other.cogs);
    expect(found([...rides].reverse())).toEqual(other.cogs);
    expect(found([ride(ONE_RING, 6), short])).toBeUndefined();
  });

  test('a rollout is found on cogs a twentieth apart, by the nearness of each reading to each', () => {
    // Readings in the 20T and the 30T only, each a bell around the gear, on a wheel that is 3% larger.
    const setup: Setup = { chainrings: [40], cogs: [20, 21, 30], hubStages: [1] };
    const larger = TOURER_ROLLOUT_MM * 1.03;
    const bell = [-2, -1.5, -1, -1, -0.5, -0.5, -0.5, 0, 0, 0, 0, 0.5, 0.5, 0.5, 1, 1, 1.5, 2];
    const cogs = Array.from({ length: 1800 }, (_, i) => (i < 900 ? 20 : 30));
    const samples = cogs.map((cog, i) => {
      const error = 0.012 * bell[i % bell.length]!;
      return { timeMs: i * 1000, cadenceRpm: 80, speedMs: (40 / cog) * (larger / 1000) * (80 / 60) * Math.exp(error) };
    });
    const read = recordingOf(samples);
    if (!read.ok) throw new Error(read.failure.kind);
    const found = likelier([read.recording], setup, TOURER_ROLLOUT_MM, []);
    expect(Math.abs(found.rolloutMm! / larger - 1)).toBeLessThan(0.0015);
  });

  test('too few samples say nothing', () => {
    const short = simulateRide({ setup: ONE_RING, rolloutMm: 2000, seconds: 200, seed: 1 }).recording;
    expect(likelier([short], ONE_RING, TOURER_ROLLOUT_MM, cassettes)).toMatchObject({
      rolloutMm: undefined,
      cogs: undefined,
    });
  });
});

describe('replay', () => {
  const on = (setup: Setup, recording = ride(TOURER, 1)) =>
    replay(recording, { setup, gears: developed(setup), crossedCogs: 2, lowRpm: 80, highRpm: 95 });

  test('on the setup that was ridden the cadence stays', () => {
    const same = on(TOURER);
    expect(same.meanChange).toBeLessThan(0.03);
    expect(same.lostS / same.drivingS).toBeLessThan(0.1);
  });

  test('one gear is out of the band most of the time; times add up', () => {
    const single = on({ chainrings: [44], cogs: [17], hubStages: [1] });
    expect(single.belowS + single.aboveS).toBeGreaterThan(0.6 * single.drivingS);
    expect(single.secondsByGear[0]).toBeCloseTo(single.drivingS, 9);
    expect(on(ONE_RING).drivingS).toBeCloseTo(single.drivingS, 9);
  });
});

describe('wheel and crank counters', () => {
  test('speed and cadence through roll-overs and lost messages', () => {
    const random = seededRandom(4);
    const start = {
      wheelRevolutions: 2 ** 32 - 5,
      wheelTime1024: 65_000,
      crankRevolutions: 65_533,
      crankTime1024: 64_000,
    };
    const [speedMs, rpm] = [7, 84];
    let state = NO_MESSAGE_YET;
    for (let s = 0; s < 200; s += 1) {
      // One message in five is lost.
      if (random() < 0.2) continue;
      const wheelTurns = Math.floor((speedMs * s) / 2.1);
      const crankTurns = Math.floor((rpm / 60) * s);
      const message = messageAt(wheelTurns, (wheelTurns * 2.1) / speedMs, crankTurns, (crankTurns * 60) / rpm, start);
      state = takeMessage(state, message, s, 2100);
      if (s < 5) continue;
      expect(state.speedMs).toBeCloseTo(speedMs, 1);
      expect(Math.abs(state.cadenceRpm - rpm)).toBeLessThan(0.5);
    }
    expect(state.wheelTurns * 2.1).toBeCloseTo(speedMs * 198, -2);
  });

  test('what does not turn stands after three seconds, and starts again', () => {
    const message = (wheelRevolutions: number, seconds: number) => ({
      wheelRevolutions,
      wheelTime1024: (seconds * 1024) % 65_536,
      crankRevolutions: wheelRevolutions,
      crankTime1024: (seconds * 1024) % 65_536,
    });
    let state = takeMessage(NO_MESSAGE_YET, message(0, 0), 0, 2000);
    state = takeMessage(state, message(3, 1), 1, 2000);
    expect(state.speedMs).toBeCloseTo(6, 9);
    state = takeMessage(state, message(3, 1), 2, 2000);
    expect(state.speedMs).toBeCloseTo(6, 9);
    state = takeMessage(state, message(3, 1), 4, 2000);
    expect([state.speedMs, state.cadenceRpm]).toEqual([0, 0]);
    state = takeMessage(state, message(5, 6), 6, 2000);
    expect(state.speedMs).toBeGreaterThan(0);
  });

  test('after a gap in which the clock may have rolled over twice, rates begin anew', () => {
    let state = takeMessage(
      NO_MESSAGE_YET,
      messageAt(0, 0, 0, 0, { wheelRevolutions: 0, wheelTime1024: 0, crankRevolutions: 0, crankTime1024: 0 }),
      0,
      2000,
    );
    state = takeMessage(
      state,
      { wheelRevolutions: 500, wheelTime1024: 9, crankRevolutions: 9, crankTime1024: 9 },
      200,
      2000,
    );
    expect(state.speedMs).toBe(0);
  });
});
