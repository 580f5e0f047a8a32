import { LADEN, ONE_RING, TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { developedGears, type Setup } from '../gears';
import {
  climbsOf,
  elevationProfile,
  kmhOf,
  lengthM,
  outOfBandS,
  riddenGears,
  rideThrough,
  speedForPower,
  totals,
  type ElevationProfile,
  type RideRules,
} from './index';

const rules = (setup: Setup, more: Partial<RideRules> = {}): RideRules => ({
  setup,
  gears: developedGears(setup, TOURER_ROLLOUT_MM),
  crossedCogs: 2,
  powerW: 180,
  lowRpm: 80,
  highRpm: 95,
  preferredRpm: 88,
  spinOutRpm: 115,
  climbingRpm: 58,
  walkingRpm: 35,
  ...more,
});
const way = (count: number, heightM: (x: number) => number, stepM = 25) =>
  Array.from({ length: count }, (_, i) => ({ distanceM: i * stepM, elevationM: heightM(i * stepM) }));
const profileOf = (points: { distanceM: number; elevationM: number | undefined }[]): ElevationProfile => {
  const result = elevationProfile(points);
  if (!result.ok) throw new Error(result.failure.kind);
  return result.profile;
};

describe('profile', () => {
  test('a straight slope stays as it is, at even steps', () => {
    const profile = profileOf(way(81, (x) => 100 + x * 0.05));
    expect(lengthM(profile)).toBe(2000);
    profile.elevationM.forEach((height, i) => expect(height).toBeCloseTo(100 + i * 20 * 0.05, 9));
    expect(totals(profile)).toEqual({ upM: expect.closeTo(100, 6) as number, downM: 0 });
  });

  test('noise is smoothed: a metre up and down is no climb', () => {
    const noisy = profileOf(way(400, (x) => 50 + ((x / 25) % 2 === 0 ? 0.5 : -0.5)));
    expect(totals(noisy).upM).toBeLessThan(30);
    expect(climbsOf(noisy)).toEqual([]);
  });

  test('points without an elevation are bridged, long gaps refused', () => {
    const holed = way(81, (x) => x * 0.05).map((point, i) =>
      i % 3 === 1 ? { ...point, elevationM: undefined } : point,
    );
    expect(profileOf(holed).elevationM[50]).toBeCloseTo(50, 6);
    const gap = [...way(40, () => 0), { distanceM: 9000, elevationM: 10 }];
    expect(elevationProfile(gap)).toMatchObject({ ok: false, failure: { kind: 'gap' } });
    expect(elevationProfile(way(5, () => 1))).toMatchObject({ ok: false, failure: { kind: 'tooShort' } });
    expect(elevationProfile([])).toMatchObject({ ok: false, failure: { kind: 'noElevation' } });
  });

  test('climbs are found over small dips, with their steepest 100 m', () => {
    const height = (x: number) => {
      if (x < 1000) return 0;
      if (x < 2000) return (x - 1000) * 0.06;
      if (x < 2100) return 60 - (x - 2000) * 0.03;
      if (x < 3000) return 57 + (x - 2100) * 0.08;
      return Math.max(0, 129 - (x - 3000) * 0.05);
    };
    const climbs = climbsOf(profileOf(way(240, height)));
    expect(climbs).toHaveLength(1);
    expect(climbs[0]!.fromM).toBeGreaterThan(900);
    expect(climbs[0]!.fromM).toBeLessThan(1100);
    expect(climbs[0]!.gainM).toBeCloseTo(129, -1);
    expect(climbs[0]!.steepestFraction).toBeCloseTo(0.08, 2);
  });
});

describe('climbs', () => {
  const STEP_M = 20;
  /** A slope of `steps` steps at a grade, then a flat kilometre; not smoothed. */
  const slope = (steps: number, grade: number): ElevationProfile => ({
    stepM: STEP_M,
    elevationM: Float64Array.from({ length: 50 + steps }, (_, i) => Math.min(steps, i) * STEP_M * grade),
  });

  test('a climb gains 20 m at 2.5% at least', () => {
    // 40 steps of 20 m at 2.5% are 20 m.
    const [climb] = climbsOf(slope(40, 0.025));
    expect(climb).toEqual({
      fromM: 0,
      toM: 800,
      gainM: expect.closeTo(20, 9) as number,
      gradeFraction: expect.closeTo(0.025, 9) as number,
      steepestFraction: expect.closeTo(0.025, 9) as number,
    });
    expect(climbsOf(slope(39, 0.025))).toEqual([]);
    expect(climbsOf(slope(10, 0.099))).toEqual([]);
    expect(climbsOf(slope(200, 0.024))).toEqual([]);
    expect(climbsOf(slope(5, 0.25))).toHaveLength(1);
    expect(climbsOf(slope(0, 0))).toEqual([]);
  });
});

test('smoothing is a triangular mean that shrinks towards the ends', () => {
  // Steps of 20 m, smoothed over 60 m: weights 1 2 3 4 3 2 1.
  const peak = profileOf(way(21, (x) => (x === 200 ? 16 : 0), 20));
  const around = [7, 8, 9, 10, 11, 12, 13].map((i) => peak.elevationM[i]);
  expect(around.map((height) => Number(height!.toFixed(6)))).toEqual([1, 2, 3, 4, 3, 2, 1]);
  expect([peak.elevationM[6], peak.elevationM[14]]).toEqual([0, 0]);
  const end = profileOf(way(21, (x) => (x === 0 ? 16 : 0), 20));
  expect(end.elevationM[0]).toBe(16);
});

describe('ride-through', () => {
  test('on a long even slope it settles at the speed of road load', () => {
    const ride = rideThrough(profileOf(way(400, (x) => x * 0.04)), LADEN, rules(TOURER));
    expect(ride.points.at(-1)!.speedKmh).toBeCloseTo(kmhOf(speedForPower(180, 0.04, LADEN)), 1);
    expect(ride.frontShifts + ride.rearShifts).toBeLessThan(12);
  });

  test('times add up, and the same rider rides alike on every setup until gears force otherwise', () => {
    const rolling = profileOf(way(800, (x) => 30 * Math.sin(x / 700)));
    for (const setup of [ONE_RING, TOURER]) {
      const ride = rideThrough(rolling, LADEN, rules(setup));
      expect(ride.drivingS + ride.coastingS + ride.walkingS).toBeCloseTo(ride.totalS, 9);
      expect(ride.secondsByGear.reduce((sum, one) => sum + one, 0)).toBeCloseTo(ride.drivingS, 9);
      expect(ride.crossedS).toBe(0);
      const ridden = riddenGears(ride, rules(setup).gears);
      expect(ridden.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    }
    expect(rideThrough(rolling, LADEN, rules(ONE_RING)).frontShifts).toBe(0);
  });

  test('too steep for the easiest gear: the rider walks, and rides on where it eases', () => {
    const wall = (x: number) => (x < 1000 ? 0 : x < 1400 ? (x - 1000) * 0.22 : 88);
    const ride = rideThrough(profileOf(way(120, wall)), LADEN, rules(ONE_RING));
    expect(ride.walkingS).toBeGreaterThan(200);
    expect(ride.points.at(-1)!.cadenceRpm).toBeGreaterThan(70);
    const easier = { ...ONE_RING, chainrings: [22] };
    expect(rideThrough(profileOf(way(120, wall)), LADEN, rules(easier)).walkingS).toBe(0);
  });

  test('the energy balance closes: heights by the profile itself, air and rolling by its points', () => {
    for (const grade of [0.01, 0.03, 0.05]) {
      const rolling = profileOf(
        way(1200, (x) => 200 + (grade * 2200 * Math.sin((x * 2 * Math.PI) / 5000)) / 6 + x * 0.002),
      );
      const ride = rideThrough(rolling, LADEN, rules(TOURER));
      expect(ride.walkingS).toBe(0);
      const { givenJ, climbedJ, airJ, rollingJ, brakedJ, kineticJ } = ride.energy;
      expect(Math.abs(givenJ - climbedJ - airJ - rollingJ - brakedJ - kineticJ) / givenJ).toBeLessThan(0.01);
      // Each share computed again from the result: work by time, height by the profile, drag along the points.
      expect(givenJ).toBeCloseTo(180 * 0.96 * ride.drivingS, 3);
      const first = rolling.elevationM[0]!;
      const heightJ = 105 * 9.80665 * (rolling.elevationM.at(-1)! - first);
      expect(Math.abs(climbedJ - heightJ) / givenJ).toBeLessThan(0.01);
      const air = ride.points.slice(1).reduce((sum, point, i) => {
        const metres = point.distanceM - ride.points[i]!.distanceM;
        const speed = (point.speedKmh + ride.points[i]!.speedKmh) / 7.2;
        return sum + 0.5 * 1.2 * 0.36 * speed ** 2 * metres;
      }, 0);
      expect(Math.abs(airJ - air) / givenJ).toBeLessThan(0.01);
      expect(Math.abs(rollingJ - 105 * 9.80665 * 0.006 * lengthM(rolling)) / givenJ).toBeLessThan(0.01);
    }
  });

  test('downhill it rolls past spin-out, and brakes', () => {
    const ride = rideThrough(profileOf(way(400, (x) => 1000 - x * 0.09)), LADEN, rules(TOURER));
    expect(ride.coastingS).toBeGreaterThan(100);
    expect(Math.max(...ride.points.map(({ speedKmh }) => speedKmh))).toBeLessThanOrEqual(65 + 1e-9);
  });
});

test('a ride is given up as soon as too much of it is out of the band, and not before', () => {
  const hilly = profileOf(way(400, (x) => 40 * Math.sin(x / 300)));
  const whole = rideThrough(hilly, LADEN, rules(ONE_RING));
  const out = outOfBandS(whole);
  expect(out).toBe(whole.belowS + whole.aboveS + whole.walkingS);
  expect(out).toBeGreaterThan(60);
  expect(rideThrough(hilly, LADEN, rules(ONE_RING), out)).toEqual(whole);
  const part = rideThrough(hilly, LADEN, rules(ONE_RING), 30);
  expect(outOfBandS(part)).toBe(30.5);
  expect(part.totalS).toBeLessThan(whole.totalS);
  expect(whole.points.slice(0, part.points.length)).toEqual(part.points);
});

test('a motor makes a climb faster, and on the flat nobody is helped beyond its cut-off', () => {
  const assist = { supportFactor: 1, maxW: 250, cutOffKmh: 20 };
  const [hill, flat] = [profileOf(way(81, (x) => x * 0.06)), profileOf(way(161, () => 0))];
  const ride = (profile: ElevationProfile, powerW: number, helped: boolean) =>
    rideThrough(profile, { ...LADEN, assist: helped ? assist : undefined }, rules(TOURER, { powerW }));
  expect(ride(hill, 180, true).totalS).toBeLessThan(0.65 * ride(hill, 180, false).totalS);
  // These legs alone go faster than the cut-off: the motor helps only while they get there.
  const [own, helped] = [ride(flat, 250, false), ride(flat, 250, true)];
  expect(helped.points.at(-1)!.speedKmh).toBeCloseTo(own.points.at(-1)!.speedKmh, 1);
  // These do not: the motor holds them at it.
  expect(ride(flat, 70, true).points.at(-1)!.speedKmh).toBeCloseTo(20, 0);
});
