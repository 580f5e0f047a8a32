import { LADEN } from '../../../tests/support/setups';
import { developedGears, isCrossChained, type Setup } from '../gears';
import { kmhOf, msOf, powerForSpeed, rideThrough, riddenGears, speedForPower, type ElevationProfile } from './index';
import type { RideRules } from './ride-through';

// The ride begins at 12 km/h: at the power for that speed nothing changes on an even road.
const START_MS = msOf(12);
const STEP_M = 20;
const ROLLOUT_MM = 2000;

/** A road of one grade. */
const road = (steps: number, grade = 0): ElevationProfile => ({
  stepM: STEP_M,
  elevationM: Float64Array.from({ length: steps + 1 }, (_, i) => 100 + i * STEP_M * grade),
});
const SINGLE: Setup = { chainrings: [32], cogs: [32], hubStages: [1] };
/** 12 km/h is 200 m a minute, a hundred turns of 2 m. */
const RPM = 100;
const rules = (setup: Setup, more: Partial<RideRules> = {}): RideRules => ({
  setup,
  gears: developedGears(setup, ROLLOUT_MM),
  crossedCogs: 2,
  powerW: powerForSpeed(START_MS, 0, LADEN),
  lowRpm: 80,
  highRpm: 110,
  preferredRpm: 95,
  spinOutRpm: 130,
  climbingRpm: 60,
  walkingRpm: 35,
  ...more,
});

describe('at a steady speed in the only gear', () => {
  const ride = (more: Partial<RideRules> = {}) => rideThrough(road(50), LADEN, rules(SINGLE, more));

  test('all of the time is driven at one cadence, with a point for each step of the profile', () => {
    const even = ride();
    // 1000 m at 12 km/h are 300 s; what is beyond is the half second in which the end is passed.
    expect(Math.abs(even.totalS - 300)).toBeLessThanOrEqual(0.5);
    expect(even).toMatchObject({ drivingS: even.totalS, coastingS: 0, walkingS: 0, belowS: 0, aboveS: 0 });
    expect(even).toMatchObject({ grindingS: 0, crossedS: 0, rearShifts: 0, frontShifts: 0 });
    expect([...even.secondsByGear]).toEqual([even.totalS]);
    expect(even.slowestKmh).toBeCloseTo(12, 9);
    expect(even.points).toHaveLength(50);
    even.points.forEach(({ distanceM, cadenceRpm, speedKmh, elevationM }, i) => {
      // The first step of half a second that is past it.
      expect(distanceM - i * STEP_M).toBeGreaterThanOrEqual(-1e-9);
      expect(distanceM - i * STEP_M).toBeLessThan(START_MS / 2);
      expect(cadenceRpm).toBeCloseTo(RPM, 6);
      expect(speedKmh).toBeCloseTo(12, 9);
      expect(elevationM).toBe(100);
    });
    const { energy } = even;
    expect(energy.kineticJ).toBeCloseTo(0, 6);
    expect(energy.brakedJ).toBeCloseTo(0, 6);
    expect(energy.climbedJ).toBe(0);
    expect(energy.airJ + energy.rollingJ).toBeCloseTo(energy.givenJ, 6);
  });

  test('all of it counts as outside a cadence range that it is outside of', () => {
    const { totalS } = ride();
    expect(ride({ lowRpm: RPM + 1 })).toMatchObject({ belowS: totalS, aboveS: 0 });
    expect(ride({ lowRpm: RPM - 1 })).toMatchObject({ belowS: 0, aboveS: 0 });
    expect(ride({ highRpm: RPM - 1 })).toMatchObject({ belowS: 0, aboveS: totalS });
    expect(ride({ highRpm: RPM + 1 })).toMatchObject({ aboveS: 0 });
    expect(ride({ climbingRpm: RPM + 1 }).grindingS).toBe(totalS);
    expect(ride({ climbingRpm: RPM - 1 }).grindingS).toBe(0);
  });

  test('on the flat nobody walks, however slowly the cranks turn', () => {
    expect(ride({ walkingRpm: RPM + 10 }).walkingS).toBe(0);
  });
});

describe('walking', () => {
  const GRADE = 0.1;
  /** Cadence of the only gear at the speed that a power holds on the climb. */
  const rpmAt = (powerW: number) => (speedForPower(powerW, GRADE, LADEN) * 60) / (ROLLOUT_MM / 1000);
  const ride = (powerW: number, walkingRpm: number, setup = SINGLE) =>
    rideThrough(road(50, GRADE), LADEN, rules(setup, { powerW, walkingRpm }));

  test('begins where the cadence that can be held is below the least, and not otherwise', () => {
    const heldRpm = rpmAt(150);
    expect(ride(150, heldRpm - 1).walkingS).toBe(0);
    const walked = ride(150, heldRpm + 1);
    expect(walked.walkingS).toBeGreaterThan(0);
    // Ridden first, until the start's momentum is gone; then walked to the top at 3.5 km/h, with the cranks at rest.
    expect(walked.drivingS).toBeGreaterThan(0);
    expect(walked.points.at(-1)).toMatchObject({ cadenceRpm: 0, speedKmh: expect.closeTo(3.5, 9) as number });
    expect(walked.walkingS + walked.drivingS).toBe(walked.totalS);
    expect(walked.slowestKmh).toBeGreaterThanOrEqual(3.5 - 1e-9);
  });

  test('is not for who has an easier gear', () => {
    const easier: Setup = { chainrings: [32], cogs: [32, 64], hubStages: [1] };
    expect(ride(150, rpmAt(150) + 1, easier).walkingS).toBe(0);
  });

  test('ends where the road allows riding again', () => {
    const elevationM = Float64Array.from({ length: 101 }, (_, i) => Math.min(50, i) * STEP_M * 0.2);
    const whole = rideThrough({ stepM: STEP_M, elevationM }, LADEN, rules(SINGLE, { powerW: 120 }));
    const [first, last] = [whole.points[45]!, whole.points.at(-1)!];
    expect(first.cadenceRpm).toBe(0);
    expect(last.cadenceRpm).toBeGreaterThan(60);
    // A kilometre at 3.5 km/h is 1029 s.
    expect(whole.walkingS).toBeGreaterThan(900);
    expect(whole.walkingS).toBeLessThan(1029);
  });
});

describe('shifting', () => {
  const steps = (setup: Setup, more: Partial<RideRules> = {}) =>
    rideThrough(road(100), LADEN, rules(setup, { powerW: powerForSpeed(msOf(30), 0, LADEN), ...more }));

  test('goes through the cogs as the speed grows, at the back alone with one ring', () => {
    // 2, 2.9 and 4 m: at 30 km/h 250, 172 and 125 turns a minute.
    const ride = steps({ chainrings: [32], cogs: [16, 22, 32], hubStages: [1] }, { highRpm: 120, spinOutRpm: 300 });
    expect(ride).toMatchObject({ rearShifts: 2, frontShifts: 0 });
    expect(ride.secondsByGear.every((seconds) => seconds > 0)).toBe(true);
  });

  test('counts a change of ring as one of the front', () => {
    const ride = steps({ chainrings: [32, 64], cogs: [32], hubStages: [1] }, { highRpm: 120, spinOutRpm: 300 });
    expect(ride).toMatchObject({ rearShifts: 0, frontShifts: 1 });
  });

  test('waits between shifts as long as the rider does', () => {
    const many: Setup = { chainrings: [32], cogs: [11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 32], hubStages: [1] };
    const habit = (pauseS: number) => ({ easierBelowRpm: 80, harderAboveRpm: 100, pauseS });
    const shifts = (pauseS: number) => steps(many, { habit: habit(pauseS) }).rearShifts;
    expect(shifts(1000)).toBe(1);
    expect(shifts(1)).toBeGreaterThan(shifts(20));
  });

  test('goes into crossed gears where there are no others, and counts the time', () => {
    const setup: Setup = { chainrings: [32, 40], cogs: [16, 20, 24, 28, 32], hubStages: [1] };
    const gears = developedGears(setup, ROLLOUT_MM).filter((gear) => isCrossChained(setup, gear, 2));
    const ride = rideThrough(road(50), LADEN, rules(setup, { gears }));
    expect(ride.crossedS).toBe(ride.drivingS);
    expect(ride.drivingS).toBe(ride.totalS);
  });
});

test('shares of time are of the driving time; all 0 where nothing was driven', () => {
  const ride = rideThrough(road(50), LADEN, rules(SINGLE));
  const { gears } = rules(SINGLE);
  expect(riddenGears(ride, gears)).toEqual([{ gear: gears[0], seconds: ride.totalS, share: 1 }]);
  const none = { ...ride, secondsByGear: new Float64Array(1), drivingS: 0 };
  expect(riddenGears(none, gears)).toEqual([{ gear: gears[0], seconds: 0, share: 0 }]);
});

test('past the spin-out cadence it is let roll: no cadence, no power', () => {
  const ride = rideThrough(road(50), LADEN, rules(SINGLE, { spinOutRpm: 90 }));
  expect(ride.coastingS).toBeGreaterThan(0);
  expect(ride.points[0]).toMatchObject({ cadenceRpm: 0, speedKmh: expect.closeTo(kmhOf(START_MS), 9) as number });
  expect(ride.energy.givenJ).toBeLessThan(rideThrough(road(50), LADEN, rules(SINGLE)).energy.givenJ);
});

test('rolling resistance is that of the normal force', () => {
  const { energy } = rideThrough(road(50, 0.1), LADEN, rules(SINGLE, { powerW: 400, spinOutRpm: 500 }));
  const perMetreN = LADEN.massKg * 9.80665 * LADEN.crr * Math.cos(Math.atan(0.1));
  expect(energy.rollingJ / (perMetreN * 1000)).toBeCloseTo(1, 2);
});
