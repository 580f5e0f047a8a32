import { hills, RESISTANCE, rulesOn } from '../../../tests/support/known-rider';
import { TOURER } from '../../../tests/support/setups';
import { climbEffort, climbsOf, criticalPowerW, OFF_CLIMBS_SHARE, pacingOf, rideThrough } from './index';
import { reserveAfterJ } from './pacing';

const STAMINA = { power60W: 190, anaerobicJ: 15_000 };
const CRITICAL_W = criticalPowerW(STAMINA);
const PROFILE = hills(30_000, 4);
const PACING = pacingOf(PROFILE, STAMINA, RESISTANCE);

test('each climb is paced by the power that can be held to its top, and the way between below the critical power', () => {
  const [climb] = climbsOf(PROFILE);
  const { powerW } = climbEffort(climb!.toM - climb!.fromM, climb!.gradeFraction, STAMINA, RESISTANCE);
  expect(PACING.powerW[Math.round((climb!.fromM + climb!.toM) / 40)]).toBe(powerW);
  expect(powerW).toBeGreaterThan(CRITICAL_W);
  expect(Math.min(...PACING.powerW)).toBeCloseTo(OFF_CLIMBS_SHARE * CRITICAL_W, 9);
});

test('the reserve is spent above the critical power, comes back below it, and is never more than all of it', () => {
  expect(reserveAfterJ(10_000, CRITICAL_W + 100, 20, PACING)).toBeCloseTo(8000, 6);
  expect(reserveAfterJ(1000, CRITICAL_W + 100, 20, PACING)).toBe(0);
  // Half of it is missing, so that it comes back half as fast as the power is below.
  expect(reserveAfterJ(7500, CRITICAL_W - 100, 1, PACING)).toBeCloseTo(7550, 6);
  expect(reserveAfterJ(7500, CRITICAL_W - 100, 2, PACING)).toBeCloseTo(7600, 6);
  expect(reserveAfterJ(15_000, 0, 100, PACING)).toBe(15_000);
});

test('who has nothing left is held to the critical power', () => {
  // A pace that nobody holds: twice the critical power all the way.
  const powerW = PACING.powerW.map(() => 2 * CRITICAL_W);
  const spent = rideThrough(PROFILE, RESISTANCE, rulesOn(TOURER, { pacing: { ...PACING, powerW } }));
  expect(spent.leastReserve).toBe(0);
  const critical = rideThrough(PROFILE, RESISTANCE, rulesOn(TOURER, { powerW: CRITICAL_W }));
  expect(spent.totalS).toBeLessThan(critical.totalS);
  expect(spent.totalS).toBeGreaterThan(0.9 * critical.totalS);
});

test('a motor gives its multiple of the paced power too', () => {
  const assist = { supportFactor: 1, maxW: 250, cutOffKmh: 25 };
  const helped = rideThrough(PROFILE, { ...RESISTANCE, assist }, rulesOn(TOURER, { pacing: PACING }));
  expect(helped.totalS).toBeLessThan(rideThrough(PROFILE, RESISTANCE, rulesOn(TOURER, { pacing: PACING })).totalS);
});

test('who has spent the reserve goes above the critical power again once a tenth of it has come back', () => {
  const flat = { stepM: 20, elevationM: new Float64Array(201) };
  /** Three kilometres that spend all, a rest, and the way to the end at a wanted power. */
  const ride = (restSteps: number, thenW: number) => {
    const powerW = new Float64Array(201).fill(2 * CRITICAL_W, 0, 150);
    powerW.fill(thenW, 150 + restSteps);
    return rideThrough(flat, RESISTANCE, rulesOn(TOURER, { pacing: { ...PACING, powerW } }));
  };
  // Two seconds of rest give back some 400 of 15,000 J, twenty some 3000.
  expect(ride(1, 2 * CRITICAL_W).energy).toEqual(ride(1, CRITICAL_W).energy);
  expect(ride(10, 2 * CRITICAL_W).totalS).toBeLessThan(ride(10, CRITICAL_W).totalS);
});
