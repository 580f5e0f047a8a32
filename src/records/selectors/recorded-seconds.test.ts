import { RIDE } from '../../../tests/support/ride-record';
import { ONE_RING, TOURER } from '../../../tests/support/setups';
import type { RideRecord } from '../ride';
import { recordedSeconds } from './recorded-seconds';

const ride = (change: Partial<RideRecord>): RideRecord => ({ ...RIDE, bikeId: 'own', ...change });
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
