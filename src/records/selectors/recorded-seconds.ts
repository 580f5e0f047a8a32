import { sameGears, type Setup } from '../../core/gears';
import type { RideRecord } from '../ride';
import { itemAt } from '../../core/items';

/**
 * Returns the pedalled time in each gear of a bike's setup over all rides on these teeth, in the order of `gearsOf`, s;
 * empty where none was recorded.
 */
export function recordedSeconds(rides: readonly RideRecord[], bikeId: string, setup: Setup): readonly number[] {
  const times = rides.flatMap((ride) =>
    ride.bikeId === bikeId && ride.gearSeconds && sameGears(ride.setup, setup) ? [ride.gearSeconds] : [],
  );
  return (times[0] ?? []).map((_, gear) => times.reduce((sum, seconds) => sum + itemAt(seconds, gear), 0));
}
