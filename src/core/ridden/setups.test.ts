import { hills, knownRide, RESISTANCE, rulesOn } from '../../../tests/support/known-rider';
import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { developedGears, type Setup } from '../gears';
import { gearUse, type Recording } from '../recording';
import { gearsOf } from '../gears';
import { rideThrough } from '../ride';
import { chainCost, chainLoad, habitOf, huntingCost, shiftsOf, sumHunting, type RiddenOn } from './index';
import { gearsOn, NO_GEAR } from './gears-on';

const on = (setup: Setup, rolloutMm = TOURER_ROLLOUT_MM, more: Partial<RiddenOn> = {}): RiddenOn => ({
  setup,
  gears: developedGears(setup, rolloutMm),
  crossedCogs: 0,
  lowRpm: 70,
  highRpm: 90,
  preferredRpm: 80,
  ...more,
});

/** An even ride of 100 s at one speed on the flat. */
const even = (speedMs: number, cadenceRpm = 80): Recording => ({
  timeS: Float64Array.from({ length: 101 }, (_, i) => i),
  speedMs: new Float32Array(101).fill(speedMs),
  cadenceRpm: new Float32Array(101).fill(cadenceRpm),
  distanceM: Float64Array.from({ length: 101 }, (_, i) => i * speedMs),
  elevationM: new Float32Array(101).fill(NaN),
});
/** 48/16 on wheels of 2.1 m: 6.3 m a turn. */
const FIXED: Setup = { chainrings: [48], cogs: [16], hubStages: [1] };

describe('the chain', () => {
  const load = chainLoad(even(6.3, 60), new Float64Array(101).fill(200), on(FIXED, 2100), 110);

  test('200 W on 48/16 at 60 rpm pull with 328 N, and bend each link by 30 degrees a round', () => {
    expect(load.meanForceN).toBeCloseTo(200 / (48 * 0.0127), 3);
    expect(load.highForceN).toBe(325);
    const bends = 2 * Math.PI * (1 / 48 + 1 / 16);
    expect((bends * 180) / Math.PI).toBeCloseTo(30, 10);
    expect(load.bendingNRad).toBeCloseTo((101 * 328.084 * bends * 48) / 110, 0);
  });

  test('larger rings and cogs wear it less, in the proportion of teeth squared; a longer chain shares it', () => {
    const doubled = chainLoad(
      even(6.3, 60),
      new Float64Array(101).fill(200),
      on({ ...FIXED, chainrings: [96], cogs: [32] }, 2100),
      110,
    );
    expect(doubled.meanForceN).toBeCloseTo(load.meanForceN / 2, 6);
    const cost = chainCost(doubled, load, 3000, 36);
    expect(cost.relativeWear).toBeCloseTo(0.5, 10);
    expect(cost).toMatchObject({ lifeKm: 6000, per1000Km: 6 });
    const longer = chainLoad(even(6.3, 60), new Float64Array(101).fill(200), on(FIXED, 2100), 121);
    expect(chainCost(longer, load, 3000, 36).relativeWear).toBeCloseTo(110 / 121, 10);
  });

  test('who does not pedal does not load it', () => {
    expect(chainLoad(even(6.3, 0), new Float64Array(101).fill(200), on(FIXED, 2100), 110)).toMatchObject({
      drivingS: 0,
      meanForceN: 0,
      bendingNRad: 0,
    });
  });
});

describe('the cost of hunting', () => {
  /** Turns of the cranks at 6.3 m each. */
  const at = (rpm: number) => huntingCost(even((6.3 * rpm) / 60), on(FIXED, 2100));

  test('time away from the preferred cadence counts from 5% on', () => {
    expect(at(80)).toMatchObject({ awayS: 0, lostShare: 0 });
    expect(at(83).awayS).toBe(0);
    expect(at(85).awayS).toBe(at(85).drivingS);
  });

  test('above the range the speed that the range does not allow is lost; below it there is none slower to keep to', () => {
    expect(at(90).lostShare).toBeCloseTo(0, 6);
    expect(at(100).lostShare).toBeCloseTo(0.1, 6);
    expect(at(60).lostShare).toBe(0);
  });

  test('in a gap between two gears the slower one is kept to', () => {
    // 10 m and 6.3 m a turn: between 90 rpm in one and 70 rpm in the other nothing is in the range.
    const two = on({ ...FIXED, cogs: [10, 16] }, 2100);
    const speed = (6.3 * 100) / 60;
    expect(huntingCost(even(speed), two).lostShare).toBeCloseTo(0.1, 6);
  });

  test('front and double shifts count where the grade has changed', () => {
    const ride = knownRide(hills(30_000, 4), {});
    const cost = huntingCost(ride, on(TOURER, TOURER_ROLLOUT_MM, { crossedCogs: 2 }));
    expect(cost.gradeChanges).toBeGreaterThan(10);
    expect(cost.frontShifts).toBeGreaterThan(0);
    expect(cost.doubleShifts).toBeLessThanOrEqual(cost.frontShifts);
    const oneRing = on({ ...TOURER, chainrings: [40] });
    expect(huntingCost(ride, oneRing)).toMatchObject({
      frontShifts: 0,
      doubleShifts: 0,
      gradeChanges: cost.gradeChanges,
    });
    expect(sumHunting([cost, cost])).toEqual({
      ...cost,
      drivingS: 2 * cost.drivingS,
      awayS: 2 * cost.awayS,
      gradeChanges: 2 * cost.gradeChanges,
      frontShifts: 2 * cost.frontShifts,
      doubleShifts: 2 * cost.doubleShifts,
    });
    const level = { ...ride, elevationM: ride.elevationM.map(() => NaN) };
    expect(huntingCost(level, on(TOURER))).toMatchObject({ gradeChanges: 0, frontShifts: 0 });
  });
});

test('a ride on another setup keeps its gear while the cadence is in the habit, and has none where nobody pedals', () => {
  const ride = knownRide(hills(20_000, 6), {});
  const rules = on(TOURER);
  const places = gearsOn(ride, rules);
  const changes = (sequence: Int16Array) => sequence.filter((gear, i) => i > 0 && gear !== sequence[i - 1]).length;
  expect(places.findIndex((place, i) => (place === NO_GEAR) !== ride.cadenceRpm[i]! <= 20)).toBe(-1);
  const wide = gearsOn(ride, { ...rules, habit: { easierBelowRpm: 60, harderAboveRpm: 100, pauseS: 5 } });
  expect(changes(wide)).toBeLessThan(0.6 * changes(places));
});

describe('the habit of a rider', () => {
  const habit = { easierBelowRpm: 68, harderAboveRpm: 96, pauseS: 4 };
  const ride = knownRide(hills(60_000, 9), { rules: rulesOn(TOURER, { habit }) });
  const { sequence } = gearUse(ride, {
    setup: TOURER,
    gears: gearsOf(TOURER),
    rolloutMm: TOURER_ROLLOUT_MM,
    crossedCogs: 2,
    lowRpm: 75,
    highRpm: 95,
  });
  const found = habitOf(shiftsOf(ride, sequence, gearsOf(TOURER)))!;

  test('comes out of the shifts that are found in the ride', () => {
    expect(Math.abs(found.easierBelowRpm - 68)).toBeLessThanOrEqual(3);
    expect(Math.abs(found.harderAboveRpm - 96)).toBeLessThanOrEqual(3);
    expect(found.pauseS).toBeGreaterThanOrEqual(4);
  });

  test('makes a simulated ride shift about as often as the rider does', () => {
    const profile = hills(30_000, 21);
    const shifts = (own: Parameters<typeof rulesOn>[1]) => {
      const { rearShifts, frontShifts } = rideThrough(profile, RESISTANCE, rulesOn(TOURER, own));
      return rearShifts + frontShifts;
    };
    const [real, fitted, fixed] = [shifts({ habit }), shifts({ habit: found }), shifts({})];
    expect(Math.abs(fitted / real - 1)).toBeLessThan(0.25);
    expect(fixed / real).toBeGreaterThan(1.3);
  });

  test('is not told by a few shifts, nor by cadences that contradict each other', () => {
    const shift = (isHarder: boolean, fromRpm: number, sinceS?: number) => ({ atS: 0, isHarder, fromRpm, sinceS });
    const many = (count: number, low: number, high: number) =>
      Array.from({ length: count }, () => [shift(false, low, 9), shift(true, high, 9)]).flat();
    expect(habitOf(many(11, 70, 95))).toBeUndefined();
    expect(habitOf(many(12, 70, 95))).toEqual({ easierBelowRpm: 70, harderAboveRpm: 95, pauseS: 9, shifts: 24 });
    expect(habitOf(many(12, 90, 80))).toBeUndefined();
  });

  test('a gear that is taken up after freewheeling is no shift at the cadence before it', () => {
    const recording = {
      ...even(6),
      cadenceRpm: Float32Array.from({ length: 101 }, (_, i) => (i > 40 && i < 60 ? 0 : 80)),
    };
    const gears = gearsOf(TOURER);
    const coasted = Int16Array.from({ length: 101 }, (_, i) => (i <= 40 ? 5 : i < 60 ? -1 : 8));
    expect(shiftsOf(recording, coasted, gears)).toEqual([]);
    const at = Int16Array.from({ length: 101 }, (_, i) => (i <= 40 ? 5 : 8));
    expect(shiftsOf(even(6), at, gears)).toEqual([{ atS: 41, fromRpm: 80, isHarder: true, sinceS: undefined }]);
  });
});
