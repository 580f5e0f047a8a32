import { ONE_RING, TOURER } from '../../../tests/support/setups';
import { demoDataset } from '../../store/demo';
import type { RideRecord } from '../ride';
import { recordedSeconds } from './recorded-seconds';

const DEMO_RIDES = demoDataset().rides;
const ride = (change: Partial<RideRecord>): RideRecord => ({ ...DEMO_RIDES[0]!, bikeId: 'own', ...change });
const seconds = (each: number, count: number) => Array.from({ length: count }, () => each);

test('time in each gear adds up over a bike’s rides on the same teeth, and over no others', () => {
  const gears = TOURER.chainrings.length * TOURER.cogs.length;
  const rides = [
    ride({ setup: TOURER, gearSeconds: seconds(3, gears) }),
    ride({ setup: TOURER, gearSeconds: seconds(4, gears) }),
    ride({ setup: TOURER, gearSeconds: seconds(5, gears), bikeId: 'another' }),
    ride({ setup: TOURER, gearSeconds: undefined }),
    ride({ setup: ONE_RING, gearSeconds: seconds(6, ONE_RING.cogs.length) }),
  ];
  expect(recordedSeconds(rides, 'own', TOURER)).toEqual(seconds(7, gears));
  expect(recordedSeconds(rides, 'none', TOURER)).toEqual([]);
});

test('the demo’s rides know their time in each gear', () => {
  for (const { gearSeconds, seconds: whole } of DEMO_RIDES) {
    const sum = gearSeconds!.reduce((total, one) => total + one, 0);
    expect(sum).toBeGreaterThan(0.5 * whole);
    expect(sum).toBeLessThanOrEqual(whole + gearSeconds!.length);
  }
});
