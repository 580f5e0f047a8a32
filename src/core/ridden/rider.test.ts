import { hills, knownRide, RESISTANCE, rulesOn } from '../../../tests/support/known-rider';
import { TOURER } from '../../../tests/support/setups';
import { crankPowerW, riderFromRides, type RiderFromRides } from './index';
import { fitResistance, type Stretch } from './resistance-fit';

/** What was taken for the rider before: neither figure is right. */
const BEFORE = { ...RESISTANCE, riderMassKg: 72, crr: 0.005, cdaM2: 0.5, hasMotor: false };
const rider = (recordings: Parameters<typeof riderFromRides>[0], before = BEFORE): RiderFromRides => {
  const result = riderFromRides(recordings, before);
  if (!result.ok) throw new Error(result.why.code);
  return result.rider;
};
const within = ({ value, spread }: { readonly value: number; readonly spread: number }, truth: number) =>
  Math.abs(value - truth) / spread;

describe('with a power meter', () => {
  const ride = knownRide(hills(40_000, 2), { noise: 0.005, heightNoiseM: 0.5, withPower: true });
  const { crr, cdaM2, efforts, isPowerMeasured } = rider([ride]);

  test('rolling resistance and drag area come out of speed, slope and power, within their spread', () => {
    expect([crr.isFromRides, cdaM2.isFromRides]).toEqual([true, true]);
    expect(within(crr, RESISTANCE.crr)).toBeLessThan(2);
    expect(within(cdaM2, RESISTANCE.cdaM2)).toBeLessThan(2);
    expect(cdaM2.spread).toBeLessThan(0.1 * cdaM2.value);
  });

  test('the power of each duration is what the meter read', () => {
    expect(isPowerMeasured).toBe(true);
    expect(efforts.map(({ minutes }) => minutes)).toEqual([5, 20, 60]);
    for (const { powerW, spreadW, wattsPerKg } of efforts) {
      // 190 W while the cranks turn.
      expect(powerW).toBeGreaterThan(175);
      expect(powerW).toBeLessThan(197);
      expect(spreadW).toBe(0);
      expect(wattsPerKg).toBeCloseTo(powerW / 72, 10);
    }
  });
});

test('moments in which the meter was silent count as rest, and spoil no figure', () => {
  const ride = knownRide(hills(40_000, 2), { noise: 0.005, withPower: true });
  const silent = { ...ride, powerW: ride.powerW!.map((watts, i) => (i % 50 === 7 ? NaN : watts)) };
  const { cdaM2, efforts } = rider([silent]);
  expect(within(cdaM2, RESISTANCE.cdaM2)).toBeLessThan(2);
  expect(efforts.map(({ minutes }) => minutes)).toEqual([5, 20, 60]);
  expect(efforts[2]!.powerW / rider([ride]).efforts[2]!.powerW).toBeCloseTo(0.98, 1);
});

test('a power meter needs no heights: efforts are measured, rolling and air stay as assumed', () => {
  const ride = knownRide(hills(40_000, 2), { withPower: true });
  const flat = { ...ride, elevationM: ride.elevationM.map(() => NaN) };
  const { cdaM2, efforts, stretches } = rider([flat]);
  expect([cdaM2.value, cdaM2.isFromRides, stretches]).toEqual([BEFORE.cdaM2, false, 0]);
  expect(efforts.map(({ powerW }) => Math.round(powerW))).toEqual(
    rider([ride]).efforts.map(({ powerW }) => Math.round(powerW)),
  );
});

describe('without one', () => {
  const rules = rulesOn(TOURER, { powerW: 160 });
  const rides = [3, 7, 11].map((seed) =>
    knownRide(hills(40_000, seed), { rules, freewheels: true, noise: 0.005, heightNoiseM: 0.3, seed }),
  );
  const told = rider(rides);

  test('stretches of freewheeling say the drag area, and power follows from it within its spread', () => {
    expect(told.stretches).toBeGreaterThan(200);
    expect(told.cdaM2.isFromRides).toBe(true);
    expect(within(told.cdaM2, RESISTANCE.cdaM2)).toBeLessThan(1);
    expect(within(told.crr, RESISTANCE.crr)).toBeLessThan(1);
    const [five, , hour] = told.efforts;
    expect(Math.abs(five!.powerW - 160)).toBeLessThan(8);
    // An hour has descents in it, on which this rider rests.
    expect(hour!.powerW).toBeGreaterThan(130);
    expect(hour!.powerW).toBeLessThan(160);
  });

  test('a ride without freewheeling leaves both as they were, and the spread of power says how little that is', () => {
    const flat = knownRide(hills(30_000, 2, 0.2), { noise: 0.005 });
    const { crr, cdaM2, efforts } = rider([flat]);
    expect([crr.value, crr.isFromRides]).toEqual([BEFORE.crr, false]);
    expect([cdaM2.value, cdaM2.isFromRides]).toEqual([BEFORE.cdaM2, false]);
    expect(efforts[1]!.spreadW).toBeGreaterThan(30);
  });

  test('a short ride has no power of an hour', () => {
    const short = knownRide(hills(10_000, 2), {});
    expect(rider([short]).efforts.map(({ minutes }) => minutes)).toEqual([5, 20]);
  });

  test('the power at each moment is what was pedalled with, as far as the resistances are right', () => {
    const ride = knownRide(hills(20_000, 5), { heightNoiseM: 0 });
    const watts = crankPowerW(ride, RESISTANCE)!;
    const driven = [...watts].filter((_, i) => ride.cadenceRpm[i]! > 0);
    expect(driven.reduce((sum, one) => sum + one, 0) / driven.length).toBeCloseTo(190, -1);
    expect([...watts].every((one, i) => (ride.cadenceRpm[i]! > 0 ? one >= 0 : one === 0))).toBe(true);
  });
});

test('without heights, or behind a motor without a power meter, nothing is said, with the reason', () => {
  const ride = knownRide(hills(5000, 2), {});
  const flat = { ...ride, elevationM: ride.elevationM.map(() => NaN) };
  expect(riderFromRides([flat], BEFORE)).toEqual({ ok: false, why: { code: 'ridden.noHeights', values: undefined } });
  expect(riderFromRides([ride], { ...BEFORE, hasMotor: true })).toMatchObject({ why: { code: 'ridden.motor' } });
  expect(crankPowerW(flat, RESISTANCE)).toBeUndefined();
});

describe('the fit', () => {
  const stretches = (count: number, extraN: (i: number) => number): Stretch[] =>
    Array.from({ length: count }, (_, i) => {
      const speed = 4 + (i % 10);
      const [rollingN, airN] = [90 * 9.80665, 0.6 * speed ** 2];
      return { forceN: 0.007 * rollingN + 0.42 * airN + extraN(i), rollingN, airN, block: i >> 3 };
    });

  test('finds both figures in stretches that obey them', () => {
    const fit = fitResistance(
      stretches(400, (i) => Math.sin(i * 7)),
      BEFORE,
    )!;
    expect(fit.crr.value).toBeCloseTo(0.007, 3);
    expect(fit.cdaM2.value).toBeCloseTo(0.42, 2);
  });

  test('is not led astray by a fifth of the stretches being braked', () => {
    const fit = fitResistance(
      stretches(400, (i) => Math.sin(i * 7) + (i % 5 === 0 ? 60 : 0)),
      BEFORE,
    )!;
    expect(fit.cdaM2.value).toBeCloseTo(0.42, 1);
    expect(within(fit.cdaM2, 0.42)).toBeLessThan(2);
  });

  test('refuses too few stretches, and figures that no bicycle has', () => {
    expect(
      fitResistance(
        stretches(11, () => 0),
        BEFORE,
      ),
    ).toBeUndefined();
    expect(
      fitResistance(
        stretches(400, () => 500),
        BEFORE,
      ),
    ).toBeUndefined();
  });
});
