import type { RideThrough } from '../ride';
import { recordingOfRide } from './from-ride';

const point = (timeS: number, more: Partial<RideThrough['points'][number]> = {}) => ({
  timeS,
  distanceM: timeS * 5,
  elevationM: 100,
  speedKmh: 18,
  gear: 0,
  cadenceRpm: 60,
  ...more,
});
const recorded = (...points: RideThrough['points']) => recordingOfRide({ points } as unknown as RideThrough);
const whole = (values: ArrayLike<number>, digits = 3) => Array.from(values, (value) => Number(value.toFixed(digits)));

test('has a sample for each full second, in between by proportion', () => {
  const { timeS, distanceM, elevationM, speedMs } = recorded(
    point(0, { elevationM: 100, speedKmh: 18 }),
    point(2.5, { distanceM: 25, elevationM: 105.04, speedKmh: 36 }),
  );
  expect([...timeS]).toEqual([0, 1, 2]);
  expect(whole(distanceM)).toEqual([0, 10, 20]);
  // 100, 102.016 and 104.032 m, to a decimetre.
  expect(whole(elevationM, 2)).toEqual([100, 102, 104]);
  // 18, 25.2 and 32.4 km/h.
  expect(whole(speedMs)).toEqual([5, 7, 9]);
});

test('speed has a tenth of a km/h, cadence whole turns', () => {
  const { speedMs, cadenceRpm } = recorded(
    point(0, { speedKmh: 18.04, cadenceRpm: 60.4 }),
    point(1, { speedKmh: 18.04 }),
  );
  expect(speedMs[0]! * 3.6).toBeCloseTo(18, 6);
  expect(cadenceRpm[0]).toBe(60);
});

test('within a gear cadence follows speed; standing it is 0', () => {
  const faster = recorded(point(0, { speedKmh: 18, cadenceRpm: 60 }), point(2, { speedKmh: 36, cadenceRpm: 40 }));
  // Half way the speed is half more, and so is the cadence of the gear held.
  expect([...faster.cadenceRpm]).toEqual([60, 90, 120]);
  const standing = recorded(point(0, { speedKmh: 0, cadenceRpm: 60 }), point(2, { speedKmh: 18, cadenceRpm: 60 }));
  expect([...standing.cadenceRpm]).toEqual([0, 0, 0]);
});

test('goes on to the next point at its time, and stays with the last', () => {
  const { distanceM, cadenceRpm } = recorded(
    point(0, { distanceM: 0, cadenceRpm: 50 }),
    point(1, { distanceM: 10, cadenceRpm: 70 }),
    point(2, { distanceM: 12, cadenceRpm: 90 }),
    point(3, { distanceM: 30, cadenceRpm: 90 }),
  );
  expect(whole(distanceM)).toEqual([0, 10, 12, 30]);
  expect([...cadenceRpm]).toEqual([50, 70, 90, 90]);
  // A single point is a recording of one sample.
  expect(whole(recorded(point(0)).distanceM)).toEqual([0]);
});
